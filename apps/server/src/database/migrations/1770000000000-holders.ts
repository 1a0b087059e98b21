import type { QueryRunner } from 'typeorm';
import { Additions, type NewColumn, type NewTable } from './steps.js';

/** Things that hold others, and a house rule on cook sets: on trips that are there they go as they came. */
export class Holders1770000000000 extends Additions {
  readonly name = 'Holders1770000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['things', 'holds', 'text'],
    ['things', 'rides_loose', 'tinyint'],
  ];

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query(
      `UPDATE trips SET house_rules = JSON_SET(house_rules, '$.cookSet', 'free')
       WHERE JSON_EXTRACT(house_rules, '$.cookSet') IS NULL`,
    );
  }

  override async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE trips SET house_rules = JSON_REMOVE(house_rules, '$.cookSet')`);
    await super.down(runner);
  }
}
