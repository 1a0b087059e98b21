/**
 * The tables. A trip's parts are keyed by the trip and the id they have in the trip file, so that a trip comes out as
 * it went in. Lists keep their order in `position`.
 */
import * as accountTables from './accountTables.js';
import * as sheetTables from './sheetTables.js';
import * as planTables from './planTables.js';
import * as kitTables from './kitTables.js';
import * as shareTables from './shareTables.js';

export * from './accountTables.js';
export * from './sheetTables.js';
export * from './planTables.js';
export * from './kitTables.js';
export * from './shareTables.js';

export const ENTITIES = [
  ...Object.values(accountTables),
  ...Object.values(sheetTables),
  ...Object.values(planTables),
  ...Object.values(kitTables),
  ...Object.values(shareTables),
];
