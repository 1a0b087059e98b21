/** Loaded when the share is saved or read as a table. */
export { readShareCsv, shareCsv } from '@graft/core/formats';
