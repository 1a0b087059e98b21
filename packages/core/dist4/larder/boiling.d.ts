/**
 * Heat to bring water to the boil: Q = m·c·ΔT, with the boiling point at the camp's height, and what snow takes to melt.
 * c = 4.186 kJ/(kg·K) and latent heat of ice 334 kJ/kg: handbook values, from memory.
 */
/** Specific heat of liquid water, kJ/(kg·K). */
export declare const WATER_KJ_PER_KG_K = 4.186;
/** Latent heat of fusion of ice, kJ/kg. */
export declare const ICE_KJ_PER_KG = 334;
/**
 * Air pressure with height: the ISO 2533 standard atmosphere.
 *
 * @param elevationM −500 to 11,000
 * @returns hPa
 */
export declare function pressureHPa(elevationM: number): number;
/**
 * Boiling point of water at a height, by Antoine's equation (constants for 1–100 °C, from memory).
 *
 * @param elevationM −500 to 6000
 * @returns °C
 */
export declare function boilingPointC(elevationM: number): number;
/**
 * Heat to boil water.
 *
 * @param litres of liquid water wanted, 0 or more
 * @param startC its temperature, 0 to the boiling point; of melt water 0 is taken
 * @param elevationM height of the camp
 * @param snow melted from snow at 0 °C
 * @returns kJ that must go into the water
 */
export declare function heatToBoilKJ(litres: number, startC: number, elevationM: number, snow: boolean): number;
