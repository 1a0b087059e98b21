/** The public face: afterwards. */
export * from './chores.js';
export * from './outings.js';
export * from './plannedActual.js';
export * from './provisions.js';
export * from './recordChanges.js';
export * from './suggestions.js';
export * from './tripRecord.js';
//# sourceMappingURL=index.js.map