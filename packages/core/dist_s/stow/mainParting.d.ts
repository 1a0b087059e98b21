/** The zones of the main compartment, which are parts of one room. */
import type { Pack, ZoneKind } from '../trip/model.js';
/** Where the zones of the main compartment part, cm: in a pack that is not full they are parts of the load's height. */
export interface MainParting {
    readonly bottomTop: number;
    readonly topFloor: number;
    readonly coreEnd: number;
    readonly zones: Readonly<Partial<Record<ZoneKind, number>>>;
}
/** @param mainL what is to ride in the main compartment, litres */
export declare function mainParting(pack: Pack, mainL: number): MainParting;
/** The index of the main zone that a point is in; where the pack lacks that zone, of the next best. */
export declare function mainZoneAt(parting: MainParting, y: number, z: number): number;
