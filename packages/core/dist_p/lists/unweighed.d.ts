/** Things of which nobody has said or guessed what they weigh: they count as nothing, and the shares are wrong by that. */
import type { Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
export declare function unweighedFindings(trip: Trip): readonly KitFinding[];
