/** The public face: sharing. */
export * from './shareVerdict.js';
export * from './bound.js';
export * from './carrierEffects.js';
export * from './problem.js';
export * from './fairness.js';
export * from './carriedWork.js';
export * from './cures.js';
export * from './cureWords.js';
export * from './handovers.js';
export * from './whatIf.js';
export * from './planReshare.js';
export * from './packProposal.js';
export * from './fewestHandovers.js';
export * from './reshare.js';
export * from './shareProgram.js';
export * from './solveShare.js';
export * from './shareFigures.js';
//# sourceMappingURL=index.js.map