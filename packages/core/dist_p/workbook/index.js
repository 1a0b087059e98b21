/** The public face: spreadsheets of other programs. Apart from the other files, since its reader is large. */
export * from './readWorkbook.js';
//# sourceMappingURL=index.js.map