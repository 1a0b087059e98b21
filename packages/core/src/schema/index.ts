/** The public face: what a trip and its parts must be to be taken. */
export * from './checkSchema.js';
export * from './fieldError.js';
export { canisterErrors, thingErrors } from './fieldReferences.js';
export { FIELD_SCHEMAS, ITEM_SCHEMAS, LIST_SIZES, WEIGH_IN_RANGES, isTimeZone } from './tripSchema.js';
export * from './tripFileVersion.js';
export { isIsoDate, UUID_PATTERN } from './schemaParts.js';
export * from './takenAway.js';
export * from './notComing.js';
export * from './needed.js';
