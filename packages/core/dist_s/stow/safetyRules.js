import { has, isFood, isQuick, isReservoir, isSoft, isTent } from './thingKinds.js';
/** What may hang outside where that is the rule: stiff, not crushable, and nothing that is wanted at once. */
const isTough = (t) => !isSoft(t) && !has(t, 'crushable') && !isQuick(t) && !isFood(t);
/** Heaviest single thing in the lid by house rule, kg (Graft's own numbers). */
const HEAVIEST_IN_LID_KG = { light: 0.4, essentials: 0.8, off: 0 };
/** A thing from this length on should stand. */
const LONG_CM = 35;
/** So much of a long thing is held where it stands in an open pocket or behind straps (Graft's own number). */
const HELD = 0.25;
const isPocket = ({ kind }) => kind === 'side' || kind === 'lash' || kind === 'front';
const standsIn = (lengthCm, zone) => zone.openAbove ? zone.heightCm >= HELD * lengthCm : zone.heightCm >= lengthCm;
export const SAFETY_RULES = [
    {
        id: 'fuel-not-inside',
        forbids: (t, z, h) => has(t, 'liquidFuel') &&
            !['side', 'lash', 'front', ...(h.fuel === 'insideLow' ? ['bottom', 'outer'] : [])].includes(z.kind),
        why: 'liquid fuel never rides among food, clothes or first aid',
    },
    {
        id: 'gas-not-in-pockets',
        forbids: (t, z) => has(t, 'gasFuel') && ['lid', 'hipBelt', 'strap', 'lash'].includes(z.kind),
        why: 'a gas canister never rides where it falls or is knocked',
    },
    {
        id: 'sharp-not-at-the-back',
        forbids: (t, z) => has(t, 'sharp') && ['core', 'sleeve', 'hipBelt', 'strap'].includes(z.kind),
        why: 'nothing sharp lies against the back or on the body',
    },
    {
        id: 'lid-left-off',
        forbids: (_t, z, h) => z.kind === 'lid' && h.lid === 'off',
        why: 'house rule: the lid stays at home',
    },
    {
        id: 'heavy-not-in-lid',
        forbids: (t, z, h) => z.kind === 'lid' && t.massKg > HEAVIEST_IN_LID_KG[h.lid],
        why: 'a heavy lid sways and makes the neck sore',
    },
    {
        id: 'water-not-in-lid',
        forbids: (t, z) => (t.waterCapacityL !== undefined && ['lid', 'hipBelt'].includes(z.kind)) ||
            (has(t, 'leaks') && z.kind === 'lid'),
        why: 'what can leak does not ride above the rest',
    },
    {
        id: 'beacon-sky',
        forbids: (t, z) => has(t, 'needsSky') && !['strap', 'lid', 'front', 'top', 'hipBelt'].includes(z.kind),
        why: 'needs open sky',
    },
    {
        id: 'dry-not-outside',
        forbids: (t, z) => has(t, 'mustStayDry') && ['side', 'lash', 'front', 'sleeve'].includes(z.kind),
        why: 'must stay dry: never in an open pocket or outside',
    },
    {
        // Loose things have no bag of their own and the liner is in the main compartment; rain stands on a pocket over the
        // lid's cloth, one that hangs under it is covered (common practice, no source).
        id: 'dry-not-over-the-lid',
        forbids: (t, z, h, pack) => has(t, 'mustStayDry') && z.kind === 'lid' && pack.lidStyle !== 'under' && h.bags === 'looseInLiner',
        why: 'must stay dry: a pocket over the lid is outside the liner',
    },
    {
        id: 'sleeve-is-for-water',
        forbids: (t, z) => z.kind === 'sleeve' && !isReservoir(t),
        why: 'the sleeve is for the reservoir',
    },
    {
        id: 'outside-only-what-may',
        forbids: (t, z, h) => z.kind === 'lash' &&
            !has(t, 'ridesOutside') &&
            !(h.outside === 'freely' && isTough(t)) &&
            !(h.tent === 'outsideLow' && isTent(t)),
        why: 'almost nothing swings outside: it snags, hits rock and gets lost',
    },
    {
        id: 'water-not-in-straps',
        forbids: (t, z) => z.kind === 'lash' && isSoft(t) && (t.waterCapacityL !== undefined || has(t, 'leaks')),
        why: 'a soft reservoir under straps bursts or slips out',
    },
    {
        id: 'long-not-across',
        forbids: (t, z) => t.shape.kind === 'long' && t.shape.lengthCm >= LONG_CM && isPocket(z) && !standsIn(t.shape.lengthCm, z),
        why: 'what is long stands upright: across, it catches on everything',
    },
    {
        id: 'crushable-not-below',
        forbids: (t, z) => has(t, 'crushable') && ['bottom', 'side', 'lash'].includes(z.kind),
        why: 'crushed under the load or knocked outside',
    },
];
//# sourceMappingURL=safetyRules.js.map