/** The public face: files, read and written. */
export * from './readJson.js';
export * from './tripFile.js';
export * from './tripJsonSchema.js';
export * from './calendar.js';
export * from './csvTable.js';
export { CSV_FIELDS } from './csvFields.js';
export * from './guessTable.js';
export { thingsCsv } from './thingsCsv.js';
export * from './pastedTable.js';
export * from './readThings.js';
export * from './gpx.js';
export * from './readCalendar.js';
export * from './shareCsv.js';
export { tripGpx } from './writeGpx.js';
export { upgradeTrip1, upgradeTrip2 } from './upgradeTripFile.js';
export * from './haversine.js';
export * from './trackFromPoints.js';
export * from './trackPieces.js';
//# sourceMappingURL=index.js.map