import { type TripEdit } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
import { type Worst } from './overLimit.js';
/** What is too much in the best share there is. */
export interface Binding {
    readonly what: string;
    readonly overKg: number;
    readonly overL: number;
}
export interface ShareCure {
    readonly label: string;
    /** What it costs beside its effect: comfort, safety margin, money. */
    readonly price: string;
    /** Load above limits and volume above packs that are left with it, over members and days. */
    readonly overloadKg: number;
    readonly overVolumeL: number;
    /** Load over limit of whoever is worst off, without and with it. */
    readonly worstBefore?: Worst;
    readonly worstAfter?: Worst;
    /** The rules contradict each other still. */
    readonly contradiction: boolean;
    /** Nothing is above a limit or a pack any more, and all is shared. */
    readonly fits: boolean;
    /** The change with its new share, to be played on the trip it was computed for. */
    readonly edits: readonly TripEdit[];
}
export interface Misfit {
    readonly contradictions: readonly string[];
    readonly bindings: readonly Binding[];
    readonly overloadKg: number;
    readonly overVolumeL: number;
    /** Best first. */
    readonly cures: readonly ShareCure[];
    /** The first cure leaves nothing above a limit or a pack. */
    readonly isEnough: boolean;
}
/**
 * What keeps a trip's pieces from fitting, with cures.
 *
 * @param onProgress how far the trying is, 0 to 1
 * @returns undefined when a share fits: nothing needs a cure
 */
export declare function shareMisfit(trip: Trip, seed: number, onProgress?: (done: number) => void): Misfit | undefined;
