import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Members' sheets as a leader sent them, and whether they follow the plan on the way. */
export class Sent1775000000000 extends Additions {
  readonly name = 'Sent1775000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['trips', 'sends_on_the_way', 'tinyint'],
    ['sheet_links', 'sent_sheet', 'longtext'],
    ['sheet_links', 'sent_version', 'int'],
    ['sheet_links', 'sent_at', 'datetime(3)'],
  ];
}
