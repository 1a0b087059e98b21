import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Own things as one figure. */
export class OwnThings1772000000000 extends Additions {
  readonly name = 'OwnThings1772000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['members', 'own_things_kg', 'double'],
    ['members', 'own_things_estimated', 'tinyint'],
  ];
}
