export const STOVES = {
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
export const WIND_TOLL = { sheltered: 0, breezy: 0.2, windy: 0.5 };
/**
 * Fuel for an amount of heat.
 *
 * @param heatKJ that must reach the water
 * @returns grams of fuel
 */
export function fuelG(heatKJ, kind, wind) {
    const stove = STOVES[kind];
    return (heatKJ / (stove.heatKJPerG * stove.efficiency)) * (1 + WIND_TOLL[wind] * stove.windFelt);
}
//# sourceMappingURL=stoves.js.map