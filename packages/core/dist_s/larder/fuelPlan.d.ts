/** Fuel of a cook group: grams by day from what is boiled, and which canister burns on which days. */
import type { Canister, StoveKind } from '../trip/larderModel.js';
import type { PartyGroup, Trip } from '../trip/model.js';
export interface FuelDay {
    readonly day: number;
    readonly litres: number;
    readonly grams: number;
}
export interface CanisterUse {
    readonly canister: Canister;
    /** Fuel in it when it leaves, kg. */
    readonly fuelKg: number;
    /** Burnt of it, kg; 0 when it is never opened. */
    readonly burntKg: number;
    readonly fromDay: number | undefined;
    readonly toDay: number | undefined;
}
export interface FuelPlan {
    readonly stove: StoveKind;
    readonly days: readonly FuelDay[];
    readonly litres: number;
    readonly needKg: number;
    /** The need and the reserve on top. */
    readonly wantedKg: number;
    readonly carriedKg: number;
    readonly uses: readonly CanisterUse[];
}
/** What is in a canister: as weighed, or full. */
export declare function canisterFuelKg(canister: Canister): number;
/** @param group a cook group; without a stove of its own it is planned for a gas burner */
export declare function fuelPlan(trip: Trip, group: PartyGroup): FuelPlan;
/** Canisters that a group has chosen hold less than its meals want; without any canister fuel is not planned here. */
export declare function isShortOfFuel(trip: Trip, group: PartyGroup): boolean;
export interface CanisterSize {
    readonly name: string;
    readonly netKg: number;
    readonly tareKg: number;
}
/** Usual vessels by fuel: net, and tare as a kitchen scale has it (common practice, no source). */
export declare const CANISTER_SIZES: Readonly<Record<StoveKind, readonly CanisterSize[]>>;
/**
 * The lightest set of vessels that holds enough fuel; of equally light ones the fewest.
 *
 * @param wantedKg fuel they must hold together; 0 wants none
 * @returns as many of each size as are needed, largest first; more than a dozen of each is not looked at
 */
export declare function lightestCanisters(wantedKg: number, sizes: readonly CanisterSize[]): readonly CanisterSize[];
