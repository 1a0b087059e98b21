import type { Flag, HolderTrait, HouseRules, Needed, Placement, Purpose, Side, Trip, ZoneKind } from '../../trip/model.js';
interface Extent {
    readonly x0: number;
    readonly x1: number;
    readonly y0: number;
    readonly y1: number;
    readonly z0: number;
    readonly z1: number;
}
export interface SeenThing {
    readonly id: string;
    readonly name: string;
    readonly purpose: Purpose;
    readonly flags: ReadonlySet<Flag>;
    readonly needed: Needed;
    readonly isSoft: boolean;
    readonly longestCm: number;
    readonly kg: number;
    readonly litres: number;
    readonly zone: ZoneKind;
    readonly zoneId: string;
    readonly zoneSide: Side;
    /** Floor of the pocket or compartment it is in, cm. */
    readonly zoneFloorCm: number;
    readonly box: Extent;
    /** What it rides in. */
    readonly holder: SeenThing | undefined;
    readonly traits: ReadonlySet<HolderTrait>;
    readonly meantFor: string | undefined;
    readonly capacityL: number;
    /** First day it is eaten. */
    readonly eatenFrom: number | undefined;
    readonly eatenTo: number | undefined;
    readonly belongsTo: 'member' | 'group';
    /** What comes out before it. */
    readonly above: number;
    readonly waterL: number;
}
export interface SeenPack {
    readonly who: string;
    readonly day: number;
    readonly house: HouseRules;
    readonly isLined: boolean;
    readonly isFrameless: boolean;
    readonly carriesLow: boolean;
    readonly hasZone: (kind: ZoneKind) => boolean;
    readonly things: readonly SeenThing[];
    readonly leftOut: readonly string[];
    readonly asideCm: number;
    readonly isRough: boolean;
    readonly steps: readonly {
        readonly text: string;
        readonly hint: string;
        readonly thingIds: readonly string[];
    }[];
    /** Pairs of things of which cells lie face to face, with that area, cm². Each pair once. */
    readonly contacts: readonly (readonly [SeenThing, SeenThing, number])[];
    /** Things with nothing between them and the back, and the area, cm². */
    readonly atBack: ReadonlyMap<string, number>;
}
/** Look at a member's stow on a day. */
export declare function seenPack(trip: Trip, memberId: string, day: number, placements: readonly Placement[]): SeenPack;
export {};
