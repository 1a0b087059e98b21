import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Caches of water, and where things and members join the party or leave it. */
export class Places1771000000000 extends Additions {
  readonly name = 'Places1771000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['waypoints', 'cache_l', 'double'],
    ['members', 'joins_at', 'varchar(200)'],
    ['things', 'joins_at', 'varchar(200)'],
    ['things', 'leaves_at', 'varchar(200)'],
  ];
}
