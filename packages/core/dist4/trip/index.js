/** The public face: the model of a trip and what can be done to it. */
export * from './own.js';
export * from './age.js';
export * from './changes.js';
export * from './edits.js';
export * from './customPack.js';
export * from './duplicateTrip.js';
export * from './emptyTrip.js';
export * from './houseRuleTexts.js';
export * from './kitParts.js';
export * from './larderModel.js';
export * from './model.js';
export * from './packCatalogue.js';
export * from './packKinds.js';
export * from './zoneKinds.js';
export * from './partyChanges.js';
export * from './queries.js';
export * from './recordModel.js';
export * from './rideIn.js';
export * from './splitPiece.js';
export * from './templates.js';
export * from './thingRanges.js';
export * from './dayText.js';
export * from './holdingText.js';
export * from './shapeText.js';
//# sourceMappingURL=index.js.map