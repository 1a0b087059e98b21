/** Out of date, in need of repair, and what aeroplanes do not take. */
import type { Arrangement, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
/** Add a loan, a thing to buy or a question. */
export declare function arrange(trip: Trip, arrangement: Omit<Arrangement, 'id'>): Trip;
/** Things past their date on the trip's last day, unless their replacement is arranged. */
export declare function expiryFindings(trip: Trip): readonly KitFinding[];
/** Things that need repair and for which nothing is arranged. */
export declare function repairFindings(trip: Trip): readonly KitFinding[];
/** For a party that flies to the start: what does not fly, and what goes where. */
export declare function airFindings(trip: Trip): readonly KitFinding[];
