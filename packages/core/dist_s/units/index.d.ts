/** The public face: units, conversions, texts of numbers and days, seeded randomness. */
export * from './repeated.js';
export * from './loopback.js';
export * from './convert.js';
export * from './format.js';
export * from './isoDate.js';
export * from './parse.js';
export * from './shown.js';
