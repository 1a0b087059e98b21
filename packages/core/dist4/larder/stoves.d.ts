/**
 * Stoves: what their fuel holds and how much of it reaches the water. Lower heating values as published (from memory):
 * isobutane and propane 45.6 MJ/kg, white gas 44, ethanol 26.8, hexamine 30. Efficiencies of stove and pot 0.4 to 0.6 and
 * the wind's toll are common practice and Graft's own.
 */
import type { StoveKind, Wind } from '../trip/larderModel.js';
export interface Stove {
    readonly name: string;
    readonly fuel: string;
    /** kJ/g, the same number as MJ/kg. */
    readonly heatKJPerG: number;
    /** Share of the heat that reaches the water, sheltered. */
    readonly efficiency: number;
    /** A windshield or exchanger keeps part of the wind off: 1 feels all of it. */
    readonly windFelt: number;
}
export declare const STOVES: Readonly<Record<StoveKind, Stove>>;
/** What wind adds to the fuel of a stove that feels all of it, as a share (Graft's own). */
export declare const WIND_TOLL: Readonly<Record<Wind, number>>;
/**
 * Fuel for an amount of heat.
 *
 * @param heatKJ that must reach the water
 * @returns grams of fuel
 */
export declare function fuelG(heatKJ: number, kind: StoveKind, wind: Wind): number;
