/** The public face: lists, and what is said of them. */
export { COMPANION_WORDS } from './completeness.js';
export { WANTED_TWICE } from './doubles.js';
export * from './finding.js';
export * from './guessFacts.js';
export * from './groupParty.js';
export * from './kitChecks.js';
export * from './kitTemplates.js';
export { unusedInARow, UNUSED_TRIPS } from './leaveBehind.js';
export * from './massRange.js';
export * from './moveThing.js';
export * from './nameThing.js';
export * from './ownFigure.js';
export * from './partySplit.js';
export * from './listHeads.js';
export * from './guessedRows.js';
export * from './pasteList.js';
export * from './pastePeople.js';
export * from './startParty.js';
export * from './stillMissing.js';
export * from './takeFromLibrary.js';
export * from './takeLists.js';
export * from './takeRows.js';
export { arrange } from './timely.js';
export * from './tripFacts.js';
export * from './weighing.js';
//# sourceMappingURL=index.js.map