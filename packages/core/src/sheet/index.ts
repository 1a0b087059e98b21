/** The public face: members’ sheets. */
export * from './answers.js';
export * from './ask.js';
export * from './marks.js';
export * from './memberSheet.js';
export * from './messages.js';
export * from './partySheet.js';
export * from './sheetChanges.js';
export * from './sheetDrawing.js';
export * from './sheetMarkSchema.js';
export * from './sheetProgress.js';
export * from './sheetThings.js';
export * from './waitingReports.js';
export * from './takeAnswers.js';
export * from './toldComfort.js';
export * from './glance.js';
