import type { Flag, Needed, Purpose, Shape, Trip } from '../trip/model.js';
import { type PackSize } from '../trip/packCatalogue.js';
export interface StowLoad {
    readonly name: string;
    readonly size: PackSize;
    readonly bodyMassKg: number;
    readonly statureCm: number;
    readonly torsoCm: number;
    readonly things: readonly Item[];
}
type Item = readonly [
    name: string,
    massKg: number,
    shape: Shape | number,
    needed: Needed,
    purpose: Purpose,
    flags?: readonly Flag[],
    waterL?: number,
    nestsIn?: string
];
export declare const STOW_LOADS: readonly StowLoad[];
/** A trip of one member and one day with a load, whose water fills its bottles. */
export declare function stowLoadTrip(load: StowLoad, packingSchool: Trip['packingSchool']): Trip;
export {};
