/** The public face: on the way. */
export * from './asWalked.js';
export * from './dayBrief.js';
export * from './eveningList.js';
export * from './incident.js';
export * from './loadSteps.js';
export * from './roleKit.js';
export * from './scentedRound.js';
export * from './sideTrip.js';
export * from './waterAhead.js';
export * from './weighIn.js';
export * from './incidentSchema.js';
