export const PACKING_SCHOOLS = {
    high: {
        id: 'high',
        name: 'High and close',
        place: 'at the shoulder blades',
        band: [0.62, 0.9],
        preferredWhen: 'graded trail, upright walking',
        why: 'near the shoulder blades: short lever, upright walking; sways and tips you on steep ground',
    },
    middle: {
        id: 'middle',
        name: 'Middle and close',
        place: 'at the middle of the back',
        band: [0.42, 0.52],
        preferredWhen: 'most ground',
        why: 'middle of the back: between lean and sway',
    },
    low: {
        id: 'low',
        name: 'Low and close',
        place: 'at the small of the back',
        band: [0.1, 0.32],
        preferredWhen: 'rough, steep or technical ground, scrambling, snow',
        why: 'low: steady on steps and rock; leans you forward, and pulls at the lower back',
    },
};
/** Grounds on which a heavy top has thrown people (common practice, no source: falls were seen). */
const STEEP_GROUNDS = ['scramble', 'climbing', 'snow', 'glacier'];
export function isSteep(ground) {
    return STEEP_GROUNDS.includes(ground);
}
/** Days on steep ground that the trip would walk with its weight high; the leader is warned hard about them. */
export function topHeavyDays(trip) {
    if (trip.packingSchool !== 'high')
        return [];
    return trip.legs.flatMap((leg, i) => (isSteep(leg.ground) ? [i + 1] : []));
}
/** |x| up to this is good, cm (Graft's own number). */
export const GOOD_OFFSET_CM = 1;
/** |x| up to this is fair, cm (Graft's own number). */
export const FAIR_OFFSET_CM = 2;
/** The school a member packs by: their own choice, or the trip's. */
export function schoolOf(trip, member) {
    return PACKING_SCHOOLS[member.packingSchool ?? trip.packingSchool];
}
/** The band's ends for a torso, cm above the hip belt. */
export function bandCm(school, torsoCm) {
    return [school.band[0] * torsoCm, school.band[1] * torsoCm];
}
/** "20.2–25.0 cm". */
export function bandText([low, high]) {
    return `${low.toFixed(1)}–${high.toFixed(1)} cm`;
}
/** "1.2 cm above", "just below". */
export function bandMissText(missCm) {
    const much = Math.abs(missCm).toFixed(1);
    return `${much === '0.0' ? 'just' : `${much} cm`} ${missCm > 0 ? 'above' : 'below'}`;
}
//# sourceMappingURL=packingSchool.js.map