import { isMainZone } from '../trip/zoneKinds.js';
export const SEVERITIES = ['fit', 'safety', 'access', 'balance', 'structure', 'ground'];
/**
 * How many grams to move across to cancel the sideways offset. They go from the middle of one half of the main
 * compartment to the middle of the other. The two are w/2 apart, so a mass m shifts the moment by m · w/2.
 */
export function gramsToCentre(a) {
    const widthCm = Math.max(1, ...a.zones.filter((z) => isMainZone(z.zone.kind)).map((z) => z.zone.widthCm));
    return (Math.abs(a.centreOfGravityCm.x) * a.massKg * 1000) / (widthCm / 2);
}
//# sourceMappingURL=assessment.js.map