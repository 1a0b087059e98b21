/** The public face: groups, pots and places. */
export * from './groupNeeds.js';
