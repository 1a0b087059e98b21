/** The public face: before the trip. */
export * from './preparation.js';
export * from './trainingLadder.js';
