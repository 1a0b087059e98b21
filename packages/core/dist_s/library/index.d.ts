/** The public face: a leader’s own kit library. */
export * from './libraryModel.js';
export * from './librarySchema.js';
export * from './starterLibrary.js';
