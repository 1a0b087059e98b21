/** The public face: carry limits. */
export * from './age.js';
export * from './carryLimit.js';
export * from './limitHistory.js';
export * from './limitPolicy.js';
export * from './policies.js';
export * from './shareOfBodyWeight.js';
export * from './trialFit.js';
