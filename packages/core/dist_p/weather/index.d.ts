/** The public face: weather at the camps. */
export * from './lapse.js';
export * from './mergeForecast.js';
export * from './seasonNight.js';
