/** Kit that goes with a role: the medic carries the first-aid kit, the navigator the map (common practice, no source). */
import type { Member, Piece, Role, Trip } from './model.js';
/** What goes with a role; of things that a rule keeps apart the heaviest only: the others are for whoever else. */
export declare function kitOfRole(trip: Trip, role: Role): readonly Piece[];
/** Who has a role on a day and is with the party. */
export declare function roleHolders(trip: Trip, role: Role, day: number): readonly Member[];
/** Piece → those who have, on a day, the role that it goes with. */
export declare function holdersOfKit(trip: Trip, day: number): ReadonlyMap<string, readonly Member[]>;
