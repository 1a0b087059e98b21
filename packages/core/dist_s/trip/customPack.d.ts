/** A pack built from what its owner knows of it: volume, weights, compartments and pockets; then zone by zone. */
import type { Pack } from './model.js';
import { type PackKind } from './packKinds.js';
/** Parts that a pack may be without. */
export declare const OPTIONAL_PARTS: readonly ["sleeve", "lid", "front", "side", "hipBelt", "strap", "lash"];
export type OptionalPart = (typeof OPTIONAL_PARTS)[number];
export interface CustomPackSpec {
    readonly name: string;
    /** All that it encloses, litres, from 10 to 120. */
    readonly volumeL: number;
    readonly tareKg: number;
    readonly ratedLoadKg: number;
    readonly parts: readonly OptionalPart[];
    /** The usual one when absent. */
    readonly kind?: PackKind;
}
/**
 * A pack of that volume with those parts: pockets as in the catalogue, the main compartment as tall as it takes.
 *
 * @throws RangeError when the pockets alone hold more than the volume
 */
export declare function customPack(id: string, spec: CustomPackSpec): Pack;
/** Whoever walks without a pack: it weighs and holds nothing. */
export declare function noPack(id: string): Pack;
export declare function isNoPack({ zones }: Pack): boolean;
