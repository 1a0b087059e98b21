import type { Thing, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** A burner itself, not what goes with it. */
export declare function isStove(thing: Thing): boolean;
/** Doubles that are wanted, for the reader of the checks (common practice, no source). */
export declare const WANTED_TWICE: readonly string[];
/** More of a job's things than it needs: the heaviest of the personal ones can stay first, then the heaviest. */
export declare function doubleFindings(trip: Trip): readonly KitFinding[];
