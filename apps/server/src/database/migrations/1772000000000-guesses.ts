import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Own things as one figure; which of a member's figures are guesses. */
export class Guesses1772000000000 extends Additions {
  readonly name = 'Guesses1772000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['members', 'body_estimated', 'tinyint'],
    ['members', 'own_things_kg', 'double'],
    ['members', 'own_things_estimated', 'tinyint'],
  ];
}
