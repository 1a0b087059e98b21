/** Two different things doing one job, or one that could do two; and things that a house rule makes idle (common practice, no source). */
import type { Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** What each member carries twice under two names, or that a house rule makes idle. */
export declare function sameJobFindings(trip: Trip): readonly KitFinding[];
