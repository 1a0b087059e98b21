import type { Thing } from '../trip/model.js';
/** A lighter may be packed with the windshield: then its name tells. */
export declare function isLighter(thing: Thing): boolean;
