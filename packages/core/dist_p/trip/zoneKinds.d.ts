/** Which zones are parts of the main compartment. */
import type { ZoneKind } from './model.js';
/** Whether a zone is part of the main compartment, where things can lie left, right or across. */
export declare function isMainZone(kind: ZoneKind): boolean;
