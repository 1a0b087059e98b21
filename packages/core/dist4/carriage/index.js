/** The public face: what a load does to a body, and what walking takes. */
export * from './bodyMechanics.js';
export * from './centreOfGravity.js';
export * from './liftingIndex.js';
export * from './packingSchool.js';
export * from './pandolf.js';
//# sourceMappingURL=index.js.map