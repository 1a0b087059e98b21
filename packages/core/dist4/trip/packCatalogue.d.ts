/**
 * A small catalogue of generic packs by volume. Dimensions are Graft's own, plausible for a framed walking pack of that
 * size (common practice, no source): a main compartment in four zones, lid, front, side, hip-belt and strap pockets,
 * a reservoir sleeve, lash points.
 */
import type { Pack } from './model.js';
export interface PackSize {
    /** The size people name, litres: main compartment, lid and pockets. */
    readonly nominalL: number;
    readonly tareKg: number;
    readonly ratedLoadKg: number;
    readonly widthCm: number;
    readonly depthCm: number;
}
export declare const PACK_SIZES: readonly PackSize[];
/** Build a pack of a catalogue size. */
export declare function cataloguePack(id: string, size: PackSize, name?: string): Pack;
