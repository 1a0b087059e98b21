import { heatToBoilKJ } from './boiling.js';
import { boiledL, portions } from './mealPlan.js';
import { fuelG } from './stoves.js';
/** What is in a canister: as weighed, or full. */
export function canisterFuelKg(canister) {
    return (canister.grossKg ?? canister.netKg + canister.tareKg) - canister.tareKg;
}
/** Water the group has to boil on top for treatment, litres: everything it drinks on the way (1 minute at the boil). */
function treatedByBoilingL(trip, groupId, day) {
    const leg = trip.legs[day - 1];
    return trip.larder.treatment === 'boil' ? (leg.waterL + leg.campWaterL) * portions(trip, groupId) : 0;
}
/** @param group a cook group; without a stove of its own it is planned for a gas burner */
export function fuelPlan(trip, group) {
    const stove = group.stove ?? 'gasBurner';
    const { larder } = trip;
    const days = trip.legs.map((leg, i) => {
        const litres = boiledL(trip, group.id, i + 1) + treatedByBoilingL(trip, group.id, i + 1);
        const heat = heatToBoilKJ(litres, larder.startWaterC, leg.campElevationM ?? 0, larder.snow);
        return { day: i + 1, litres, grams: fuelG(heat, stove, larder.wind) };
    });
    const needKg = days.reduce((sum, d) => sum + d.grams, 0) / 1000;
    const canisters = trip.canisters.filter((c) => c.groupId === group.id);
    return {
        stove,
        days,
        litres: days.reduce((sum, d) => sum + d.litres, 0),
        needKg,
        wantedKg: needKg * (1 + larder.fuelReserve),
        carriedKg: canisters.reduce((sum, c) => sum + canisterFuelKg(c), 0),
        uses: burnInOrder(canisters, days),
    };
}
/** Canisters that a group has chosen hold less than its meals want; without any canister fuel is not planned here. */
export function isShortOfFuel(trip, group) {
    const { uses, carriedKg, wantedKg } = fuelPlan(trip, group);
    return uses.length > 0 && carriedKg < wantedKg - 0.0005;
}
/** One canister after another, in the order of the list; a day's cooking may empty one and open the next. */
function burnInOrder(canisters, days) {
    const left = canisters.map(canisterFuelKg);
    const burnt = canisters.map(() => 0);
    const onDays = canisters.map(() => []);
    let at = 0;
    for (const { day, grams } of days) {
        let needKg = grams / 1000;
        while (needKg > 1e-9 && at < canisters.length) {
            const taken = Math.min(needKg, left[at]);
            if (taken > 0) {
                burnt[at] += taken;
                onDays[at].push(day);
            }
            left[at] -= taken;
            needKg -= taken;
            if (left[at] <= 1e-9)
                at += 1;
        }
    }
    return canisters.map((canister, i) => ({
        canister,
        fuelKg: canisterFuelKg(canister),
        burntKg: burnt[i],
        fromDay: onDays[i][0],
        toDay: onDays[i][onDays[i].length - 1],
    }));
}
/** Usual vessels by fuel: net, and tare as a kitchen scale has it (common practice, no source). */
export const CANISTER_SIZES = {
    gasBurner: gas(),
    gasExchanger: gas(),
    liquid: [
        { name: 'Fuel bottle, 0.4 L', netKg: 0.28, tareKg: 0.11 },
        { name: 'Fuel bottle, 0.6 L', netKg: 0.42, tareKg: 0.14 },
        { name: 'Fuel bottle, 1 L', netKg: 0.7, tareKg: 0.18 },
    ],
    alcohol: [
        { name: 'Alcohol bottle, 0.25 L', netKg: 0.2, tareKg: 0.03 },
        { name: 'Alcohol bottle, 0.5 L', netKg: 0.395, tareKg: 0.05 },
        { name: 'Alcohol bottle, 1 L', netKg: 0.79, tareKg: 0.08 },
    ],
    solid: [{ name: 'Fuel tablets, 8', netKg: 0.112, tareKg: 0.012 }],
};
function gas() {
    return [
        { name: 'Gas canister, 100 g', netKg: 0.1, tareKg: 0.095 },
        { name: 'Gas canister, 230 g', netKg: 0.23, tareKg: 0.15 },
        { name: 'Gas canister, 450 g', netKg: 0.45, tareKg: 0.205 },
    ];
}
/** More of one size than this is not looked at. */
const MOST_OF_A_SIZE = 12;
/**
 * The lightest set of vessels that holds enough fuel; of equally light ones the fewest.
 *
 * @param wantedKg fuel they must hold together; 0 wants none
 * @returns as many of each size as are needed, largest first; more than a dozen of each is not looked at
 */
export function lightestCanisters(wantedKg, sizes) {
    if (wantedKg <= 0)
        return [];
    const largestFirst = [...sizes].sort((a, b) => b.netKg - a.netKg);
    let best;
    const tryFrom = (i, counts, leftKg) => {
        if (leftKg <= 1e-9 || i === largestFirst.length) {
            if (leftKg > 1e-9)
                return;
            const kg = counts.reduce((sum, n, k) => sum + n * (largestFirst[k].netKg + largestFirst[k].tareKg), 0);
            const count = counts.reduce((a, b) => a + b, 0);
            if (best === undefined || kg < best.kg - 1e-9 || (kg < best.kg + 1e-9 && count < best.count))
                best = { counts, kg, count };
            return;
        }
        const most = Math.min(MOST_OF_A_SIZE, Math.ceil(leftKg / largestFirst[i].netKg - 1e-9));
        for (let n = most; n >= 0; n -= 1)
            tryFrom(i + 1, [...counts, n], leftKg - n * largestFirst[i].netKg);
    };
    tryFrom(0, [], wantedKg);
    const counts = best?.counts ?? [Math.ceil(wantedKg / largestFirst[0].netKg)];
    return counts.flatMap((n, k) => Array.from({ length: n }, () => largestFirst[k]));
}
//# sourceMappingURL=fuelPlan.js.map