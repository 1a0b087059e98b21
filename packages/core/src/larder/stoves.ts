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

export const STOVES: Readonly<Record<StoveKind, Stove>> = {
  gasBurner: { name: 'gas burner', fuel: 'gas', heatKJPerG: 45.6, efficiency: 0.5, windFelt: 1 },
  gasExchanger: {
    name: 'gas with heat exchanger',
    fuel: 'gas',
    heatKJPerG: 45.6,
    efficiency: 0.6,
    windFelt: 0.6,
  },
  liquid: { name: 'liquid fuel stove', fuel: 'liquid fuel', heatKJPerG: 44, efficiency: 0.5, windFelt: 0.7 },
  alcohol: { name: 'alcohol burner', fuel: 'alcohol', heatKJPerG: 26.8, efficiency: 0.45, windFelt: 1.2 },
  solid: { name: 'solid fuel', fuel: 'tablets', heatKJPerG: 30, efficiency: 0.4, windFelt: 1.3 },
};

/** What wind adds to the fuel of a stove that feels all of it, as a share (Graft's own). */
export const WIND_TOLL: Readonly<Record<Wind, number>> = { sheltered: 0, breezy: 0.2, windy: 0.5 };

/**
 * Fuel for an amount of heat.
 *
 * @param heatKJ that must reach the water
 * @returns grams of fuel
 */
export function fuelG(heatKJ: number, kind: StoveKind, wind: Wind): number {
  const stove = STOVES[kind];
  return (heatKJ / (stove.heatKJPerG * stove.efficiency)) * (1 + WIND_TOLL[wind] * stove.windFelt);
}
