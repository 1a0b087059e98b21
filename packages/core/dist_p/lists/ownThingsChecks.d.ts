/** What own things stand on: of whom nothing is known, and whose figure no list explains. */
import type { Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
export declare function ownThingsFindings(trip: Trip): readonly KitFinding[];
