/**
 * Three reference loads for measuring the stow planner: 40 L with 25 things, 55 L with 32, 70 L with 40 among which are
 * a rigid food container and a rope. Bodies, packs and things are generic and made up; none is a real person's.
 */
import { emptyTrip, newMember } from '../trip/emptyTrip.js';
import { cataloguePack } from '../trip/packCatalogue.js';
import { shapeVolumeL } from '../trip/shapes.js';
const stuff = (looseVolumeL) => ({ kind: 'stuff', looseVolumeL });
const block = (lengthCm, widthCm, heightCm) => ({
    kind: 'block',
    lengthCm,
    widthCm,
    heightCm,
});
const can = (lengthCm, diameterCm) => ({ kind: 'cylinder', lengthCm, diameterCm });
const flat = (lengthCm, widthCm, heightCm) => ({
    kind: 'flat',
    lengthCm,
    widthCm,
    heightCm,
});
const long = (lengthCm, diameterCm) => ({ kind: 'long', lengthCm, diameterCm });
/** A number stands for a pouch of that many litres; a compressible thing is packed to half of its loose volume. */
const SMALL = [
    ['Sleeping bag', 0.9, stuff(12), 'camp', 'sleepingBag', ['mustStayDry']],
    ['Inflatable mat', 0.45, { kind: 'roll', lengthCm: 26, diameterCm: 10 }, 'camp', 'mat'],
    ['Night clothes', 0.5, stuff(6), 'camp', 'spareClothing', ['mustStayDry']],
    ['Warm jacket', 0.45, stuff(6), 'stop', 'warmLayer', ['mustStayDry']],
    ['Rain jacket', 0.32, stuff(3), 'hurry', 'rainwear'],
    ['Rain trousers', 0.22, stuff(2), 'hurry', 'rainwear'],
    ['Tent body', 0.95, stuff(5), 'firstInCamp', 'tentBody'],
    ['Tent poles', 0.45, long(42, 6), 'firstInCamp', 'tentPoles', ['ridesOutside']],
    ['Pot', 0.38, can(11, 15), 'camp', 'pot', ['hard']],
    ['Gas canister', 0.38, can(8, 11), 'camp', 'fuel', ['hard', 'gasFuel'], undefined, 'Pot'],
    ['Stove', 0.14, block(11, 7, 6), 'camp', 'stove', ['hard']],
    ['Dinners', 1.2, 2.4, 'camp', 'food', ['scented']],
    ['Breakfasts', 0.6, 1.3, 'camp', 'food', ['scented']],
    ['Lunches', 0.7, 1.3, 'stop', 'food', ['scented']],
    ['Snacks', 0.15, 0.3, 'walking', 'snack', ['scented']],
    ['Bottle 1', 0.12, can(24, 7.6), 'walking', 'waterContainer', ['hard', 'leaks'], 1],
    ['Bottle 2', 0.12, can(24, 7.6), 'walking', 'waterContainer', ['hard', 'leaks'], 1],
    ['Own first aid', 0.14, 0.35, 'hurry', 'firstAid'],
    ['Map', 0.12, flat(20, 12, 1.2), 'walking', 'navigation'],
    ['Phone', 0.19, flat(15, 7.5, 1.1), 'walking', 'navigation', ['battery']],
    ['Head torch', 0.09, 0.2, 'stop', 'light', ['battery']],
    ['Wash kit', 0.2, 0.5, 'camp', 'hygiene', ['scented']],
    ['Cup and spoon', 0.16, can(11, 10), 'camp', 'tableware'],
    ['Repair kit', 0.2, 0.4, 'camp', 'repair'],
    ['Water filter', 0.3, can(20, 6), 'stop', 'filter', ['oftenWet']],
];
const MIDDLE = [
    ...SMALL,
    ['Group first aid', 0.9, block(20, 12, 8), 'hurry', 'firstAid'],
    ['Fly', 0.8, stuff(4), 'firstInCamp', 'tentFly', ['oftenWet']],
    ['Dinners 2', 1.3, 2.6, 'camp', 'food', ['scented']],
    ['Tarp', 0.5, stuff(3), 'firstInCamp', 'tarp'],
    ['Camera', 0.85, block(14, 10, 9), 'stop', 'instrument', ['hard']],
    ['Notebooks', 0.6, flat(21, 15, 2.5), 'camp', 'instrument'],
    ['Beacon', 0.17, block(11, 6, 3.6), 'hurry', 'beacon', ['needsSky', 'battery', 'hard']],
];
/** With the food container, the food of the camps rides in it. */
const CONTAINED = ['Dinners', 'Dinners 2', 'Breakfasts'];
const LARGE = [
    ...MIDDLE.map((item) => CONTAINED.includes(item[0])
        ? [item[0], item[1], item[2], item[3], item[4], item[5], item[6], 'Food container']
        : item),
    ['Food container', 1.2, can(27, 21), 'camp', 'foodContainer', ['hard', 'scented']],
    ['Rope, 30 m', 1.6, 3, 'stop', 'instrument'],
    ['Second gas canister', 0.655, can(15, 11), 'camp', 'fuel', ['hard', 'gasFuel']],
    ['Spare layers', 0.6, stuff(5), 'camp', 'spareClothing', ['mustStayDry']],
    ['Tripod', 1.9, long(56, 9), 'stop', 'instrument', ['ridesOutside', 'hard']],
    ['Scope', 1.75, block(28, 10, 9), 'stop', 'instrument', ['hard']],
    ['Pegs', 0.22, long(18, 5), 'firstInCamp', 'tentPegs', ['sharp']],
    ['Power bank', 0.6, flat(16, 8, 3), 'camp', 'power', ['battery', 'hard']],
];
export const STOW_LOADS = [
    {
        name: '40 L / 25 things',
        size: { nominalL: 40, tareKg: 1.4, ratedLoadKg: 14, widthCm: 28, depthCm: 21 },
        bodyMassKg: 60,
        statureCm: 168,
        torsoCm: 44,
        things: SMALL,
    },
    {
        name: '55 L / 32 things',
        size: { nominalL: 55, tareKg: 1.8, ratedLoadKg: 19.5, widthCm: 29.5, depthCm: 23.5 },
        bodyMassKg: 72,
        statureCm: 176,
        torsoCm: 48,
        things: MIDDLE,
    },
    {
        name: '70 L / 40 things',
        size: { nominalL: 70, tareKg: 2.2, ratedLoadKg: 25, widthCm: 31, depthCm: 26 },
        bodyMassKg: 84,
        statureCm: 184,
        torsoCm: 52,
        things: LARGE,
    },
];
/** A trip of one member and one day with a load, whose water fills its bottles. */
export function stowLoadTrip(load, packingSchool) {
    const base = emptyTrip('stow-load', load.name, '2027-05-10', 1);
    const member = {
        ...newMember('wearer', 'Wearer', 'pack'),
        bodyMassKg: load.bodyMassKg,
        statureCm: load.statureCm,
        torsoCm: load.torsoCm,
    };
    const waterL = load.things.reduce((sum, item) => sum + (item[6] ?? 0), 0);
    return {
        ...base,
        packingSchool,
        legs: base.legs.map((leg) => ({ ...leg, waterL })),
        members: [member],
        packs: [cataloguePack('pack', load.size)],
        personalThings: load.things.map(([name, massKg, form, needed, purpose, flags = [], capacity, holder], i) => {
            const shape = typeof form === 'number' ? { kind: 'pouch' } : form;
            const volumeL = typeof form === 'number'
                ? form
                : (shapeVolumeL(form) ?? (form.kind === 'stuff' ? form.looseVolumeL / 2 : 0));
            return {
                id: `thing-${i}`,
                name,
                massKg,
                massEstimated: false,
                volumeL,
                shape,
                flags,
                needed,
                purpose,
                memberId: member.id,
                worn: false,
                ...(capacity === undefined ? {} : { waterCapacityL: capacity }),
                ...(holder === undefined
                    ? {}
                    : { nestsIn: `thing-${load.things.findIndex((item) => item[0] === holder)}` }),
            };
        }),
    };
}
//# sourceMappingURL=stowLoads.js.map