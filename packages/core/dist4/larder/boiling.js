/**
 * Heat to bring water to the boil: Q = m·c·ΔT, with the boiling point at the camp's height, and what snow takes to melt.
 * c = 4.186 kJ/(kg·K) and latent heat of ice 334 kJ/kg: handbook values, from memory.
 */
/** Specific heat of liquid water, kJ/(kg·K). */
export const WATER_KJ_PER_KG_K = 4.186;
/** Latent heat of fusion of ice, kJ/kg. */
export const ICE_KJ_PER_KG = 334;
/** Water has 1 kg a litre for planning. */
const KG_PER_L = 1;
/**
 * Air pressure with height: the ISO 2533 standard atmosphere.
 *
 * @param elevationM −500 to 11,000
 * @returns hPa
 */
export function pressureHPa(elevationM) {
    return 1013.25 * (1 - (0.0065 * elevationM) / 288.15) ** 5.25588;
}
/**
 * Boiling point of water at a height, by Antoine's equation (constants for 1–100 °C, from memory).
 *
 * @param elevationM −500 to 6000
 * @returns °C
 */
export function boilingPointC(elevationM) {
    const mmHg = pressureHPa(elevationM) * 0.750062;
    return 1730.63 / (8.07131 - Math.log10(mmHg)) - 233.426;
}
/**
 * Heat to boil water.
 *
 * @param litres of liquid water wanted, 0 or more
 * @param startC its temperature, 0 to the boiling point; of melt water 0 is taken
 * @param elevationM height of the camp
 * @param snow melted from snow at 0 °C
 * @returns kJ that must go into the water
 */
export function heatToBoilKJ(litres, startC, elevationM, snow) {
    const fromC = snow ? 0 : startC;
    const perKg = WATER_KJ_PER_KG_K * (boilingPointC(elevationM) - fromC) + (snow ? ICE_KJ_PER_KG : 0);
    return litres * KG_PER_L * perKg;
}
//# sourceMappingURL=boiling.js.map