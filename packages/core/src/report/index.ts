/** The public face: a plan in figures. */
export * from './planReport.js';
