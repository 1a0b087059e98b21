/** The public face: a plan in figures. */
export * from './planReport.js';
export * from './standsOn.js';
export * from './standsOnWords.js';
//# sourceMappingURL=index.js.map