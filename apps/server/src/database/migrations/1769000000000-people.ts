import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Ages in years, appetites, what members have trained with, and own things that others may carry. */
export class People1769000000000 extends Additions {
  readonly name = 'People1769000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['members', 'age_years', 'double'],
    ['members', 'trained_kg', 'double'],
    ['members', 'portion', 'double'],
    ['things', 'others_may_carry', 'tinyint'],
  ];
}
