import type { Trip, Variant, WhatIf } from '../trip/model.js';
/** One change supposed. Days that the trip does not have, and members it does not know, change nothing. */
export declare function suppose(trip: Trip, change: WhatIf): Trip;
/** All changes of a what-if supposed together, with nobody's share touched. */
export declare function supposeAll(trip: Trip, changes: readonly WhatIf[]): Trip;
/** The trip as a variant would have it, with the share planned for it. */
export declare function asVariant(trip: Trip, variant: Variant): Trip;
/** Make a variant the plan: its changes and its share; the variant itself is then the plan and goes. */
export declare function adoptVariant(trip: Trip, variantId: string): Trip;
/** A supposed change in words. */
export declare function whatIfText(trip: Trip, change: WhatIf): string;
