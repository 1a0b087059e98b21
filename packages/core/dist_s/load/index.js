/** The public face: who carries what on which day. */
export * from './memberLoad.js';
export * from './thingOnDay.js';
export * from './filling.js';
export { holdingOf } from './holders.js';
export * from './waterShare.js';
//# sourceMappingURL=index.js.map