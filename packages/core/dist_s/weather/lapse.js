/** Temperature with height: −6.5 °C per 1000 m, the ISO 2533 standard atmosphere's lapse below 11 km. */
export const LAPSE_C_PER_KM = -6.5;
/**
 * @param valleyC temperature forecast for the valley, °C
 * @param valleyElevationM height the forecast is for
 * @param campElevationM height of the camp
 * @returns °C at the camp
 */
export function campTemperatureC(valleyC, valleyElevationM, campElevationM) {
    return valleyC + (LAPSE_C_PER_KM * (campElevationM - valleyElevationM)) / 1000;
}
//# sourceMappingURL=lapse.js.map