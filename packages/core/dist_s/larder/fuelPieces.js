import { shapeVolumeL } from '../trip/shapes.js';
import { fuelPlan } from './fuelPlan.js';
import { idOf, joinsOn, round } from './landing.js';
import { boiledL, eaters, portions } from './mealPlan.js';
/** Cooking water is carried in bags of at most this, litres. */
const WATER_PIECE_L = 2;
/** A vessel's outline from what it holds; steel and gas need more room than a bottle. */
function vesselShape(canister, gas) {
    const litres = canister.netKg / (gas ? 0.34 : 0.62);
    const diameterCm = gas ? (litres < 0.45 ? 9 : 11) : 7.5;
    const lengthCm = Math.round((litres * 1000) / (Math.PI * (diameterCm / 2) ** 2)) + 1;
    return { kind: 'cylinder', lengthCm, diameterCm };
}
function fuelPiece(trip, group, use) {
    const { canister, fuelKg, burntKg, fromDay: first, toDay: last } = use;
    const stove = group.stove ?? 'gasBurner';
    const gas = stove === 'gasBurner' || stove === 'gasExchanger';
    const shape = vesselShape(canister, gas);
    const massKg = round(fuelKg + canister.tareKg);
    const joins = first === undefined ? undefined : joinsOn(trip, first, 'fuel');
    return {
        id: idOf('larder', 'fuel', canister.id),
        name: canister.name,
        massKg,
        massEstimated: canister.grossKg === undefined,
        volumeL: round(shapeVolumeL(shape) ?? 0),
        shape,
        flags: gas ? ['hard', 'gasFuel'] : stove === 'solid' ? ['mustStayDry'] : ['hard', 'leaks', 'liquidFuel'],
        needed: 'camp',
        purpose: 'fuel',
        madeBy: 'larder',
        ...(first === undefined
            ? {}
            : {
                consumption: { fromDay: first, toDay: last, residueKg: Math.min(massKg, round(massKg - burntKg)) },
            }),
        ...(joins === undefined ? {} : { fromDay: joins }),
        onlyGroupId: group.id,
    };
}
/** Cooking water for the dry camp of a day, in bags; carried on that day only. */
export function waterPieces(trip, group) {
    const people = eaters(trip, group.id).length;
    if (!trip.larder.cookWaterPieces || people === 0)
        return [];
    return trip.legs.flatMap((leg, i) => {
        if (leg.campWaterL <= 0)
            return [];
        const day = i + 1;
        const litres = cookingWaterL(trip, group.id, day);
        const bags = Math.ceil(litres / WATER_PIECE_L - 1e-9);
        return Array.from({ length: bags }, (_v, k) => {
            const massKg = round(litres / bags);
            return {
                id: idOf('larder', 'water', group.id, day, k + 1),
                name: `Cooking water, day ${day}, ${massKg.toFixed(1)} L`,
                massKg,
                massEstimated: false,
                volumeL: massKg,
                shape: { kind: 'pouch' },
                flags: ['leaks'],
                needed: 'camp',
                purpose: 'water',
                fromDay: day,
                toDay: day,
                madeBy: 'larder',
                onlyGroupId: group.id,
            };
        });
    });
}
/** Litres a cook group needs for cooking at a dry camp: what its meals boil, at least what is usual a person. */
export function cookingWaterL(trip, groupId, day) {
    return Math.max(boiledL(trip, groupId, day), trip.larder.cookWaterL * portions(trip, groupId));
}
/** A group's canisters in the order in which they are burnt. */
export function fuelPieces(trip, group) {
    if (eaters(trip, group.id).length === 0)
        return [];
    return fuelPlan(trip, group).uses.map((use) => fuelPiece(trip, group, use));
}
//# sourceMappingURL=fuelPieces.js.map