import type { QueryRunner } from 'typeorm';
import { Additions, type NewColumn, type NewTable } from './steps.js';

const UNTIL_NOW = [
  ['cookSet', 'free'],
  ['waterShare', 'each'],
] as const;

/**
 * Pieces taken apart, things that hold others, packs that anybody may have, and house rules on cook sets and water: on trips that are there
 * sets go as they came, and each carries their own water.
 */
export class Holders1770000000000 extends Additions {
  readonly name = 'Holders1770000000000';
  protected readonly tables: readonly NewTable[] = [];
  protected readonly columns: readonly NewColumn[] = [
    ['things', 'part_of', 'varchar(64)'],
    ['things', 'holds', 'text'],
    ['things', 'rides_loose', 'tinyint'],
    ['members', 'first_day', 'int'],
    ['packs', 'shared', 'tinyint'],
    ['packs', 'torso', 'text'],
  ];

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    for (const [rule, choice] of UNTIL_NOW)
      await runner.query(
        `UPDATE trips SET house_rules = JSON_SET(house_rules, '$.${rule}', '${choice}')
         WHERE JSON_EXTRACT(house_rules, '$.${rule}') IS NULL`,
      );
  }

  override async down(runner: QueryRunner): Promise<void> {
    for (const [rule] of UNTIL_NOW)
      await runner.query(`UPDATE trips SET house_rules = JSON_REMOVE(house_rules, '$.${rule}')`);
    await super.down(runner);
  }
}
