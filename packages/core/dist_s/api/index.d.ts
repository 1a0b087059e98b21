/** The public face: what server and web say to each other. */
export * from './apiContract.js';
