/**
 * A side trip with day sacks, and what stays behind. It says what each who goes takes out of what is there, and in what:
 * a day sack of their own, one that is lent to them, a pack that is little anyway, or else their big pack, emptied. It
 * checks that both parts still have what a party must have: first aid, navigation, an emergency shelter (common
 * practice, no source).
 */
import { KG_PER_L_WATER } from '../load/memberLoad.js';
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import { carryLimit } from '../limits/carryLimit.js';
import { snackG } from '../larder/mealPlan.js';
import { allPieces, carrierOf, isWithParty, memberById, ownThings, packOf, packVolumeL, } from '../trip/queries.js';
/** What everybody takes of their own. */
const OWN_PURPOSES = [
    'rainwear',
    'warmLayer',
    'waterContainer',
    'light',
    'firstAid',
    'navigation',
    'signal',
    'handsHead',
    'sun',
    'emergencyShelter',
];
/** What a part of a party needs at least one of. */
export const PART_NEEDS = [
    'firstAid',
    'navigation',
    'emergencyShelter',
];
const MEETS = {
    firstAid: ['firstAid'],
    navigation: ['navigation'],
    emergencyShelter: ['emergencyShelter', 'tarp'],
};
/** Whoever stays has their tents. */
const camps = (things, need) => need === 'emergencyShelter' && things.some((t) => t.purpose === 'tentBody');
/** Hours of walking for which a whole day's snacks go along. */
const SNACK_DAY_H = 8;
/** A thin sack that rides in the big pack until a side trip, by its name. */
const DAY_SACK = /\b(day|summit)[- ]?(sack|pack|bag|rucksack)\b|\b(little|small)[- ]?(pack|rucksack)\b/i;
/** A big pack is left in camp; one of no more than this is little, litres (Graft's own number). */
const LITTLE_PACK_L = 35;
/**
 * @param memberIds who goes, at least one; whoever is not with the party that day is left out
 * @param hours walking time, 0 to 24
 */
export function sideTrip(trip, day, memberIds, hours) {
    const leg = trip.legs[day - 1];
    const goers = memberIds.map((id) => memberById(trip, id)).filter((m) => isWithParty(m, day));
    const stayers = trip.members.filter((m) => !goers.includes(m) && isWithParty(m, day));
    const isThere = (t) => isCarriedOn(t, day);
    const own = (m) => ownThings(trip, m.id).filter((t) => !t.worn && isThere(t) && OWN_PURPOSES.includes(t.purpose));
    const pieces = allPieces(trip).filter((p) => isThere(p) && carrierOf(trip, p.id, day) !== undefined);
    const has = (things, need) => things.some((t) => MEETS[need].includes(t.purpose));
    const taken = new Map(goers.map((m) => [m.id, [...own(m)]]));
    const goersLack = [];
    const gone = new Set();
    const kgOf = (m) => taken.get(m.id).reduce((sum, t) => sum + massOnDayKg(t, day, leg), 0);
    // The lightest that does, with whoever has the most room below the limit.
    for (const need of PART_NEEDS) {
        if (goers.length === 0 || has([...taken.values()].flat(), need))
            continue;
        const [lightest] = pieces
            .filter((p) => MEETS[need].includes(p.purpose) && !gone.has(p.id))
            .sort((a, b) => a.massKg - b.massKg);
        if (lightest === undefined) {
            goersLack.push(need);
            continue;
        }
        const strongest = goers.reduce((a, b) => (limitOf(b) - kgOf(b) > limitOf(a) - kgOf(a) ? b : a));
        taken.get(strongest.id).push(lightest);
        gone.add(lightest.id);
    }
    const sacks = daySacks();
    const left = [
        ...pieces.filter((p) => !gone.has(p.id)),
        ...stayers.flatMap((m) => ownThings(trip, m.id).filter(isThere)),
    ];
    return {
        members: goers.map((member) => {
            const things = taken.get(member.id);
            const pack = packOf(trip, member);
            const sack = sacks.get(member.id);
            const packKg = sack === undefined ? pack.tareKg : massOnDayKg(sack, day, leg);
            const waterL = hours * trip.waterLPerH;
            const snackKg = (snackG(trip.larder, member) * Math.min(1, hours / SNACK_DAY_H)) / 1000;
            return {
                member,
                things,
                sack: sack?.name ?? pack.name,
                isBigPack: sack === undefined && packVolumeL(pack) > LITTLE_PACK_L,
                packKg,
                waterL,
                snackKg,
                totalKg: packKg + kgOf(member) + waterL * KG_PER_L_WATER + snackKg,
                limitKg: limitOf(member),
            };
        }),
        goersLack,
        stayersLack: stayers.length === 0 ? [] : PART_NEEDS.filter((need) => !has(left, need) && !camps(left, need)),
    };
    /** Each goes with a day sack of their own, or with one of the group's; the most laden first. */
    function daySacks() {
        const isSack = (t) => DAY_SACK.test(t.name);
        const spare = [
            ...pieces.filter(isSack),
            ...stayers.flatMap((m) => ownThings(trip, m.id).filter((t) => isThere(t) && !t.worn && isSack(t))),
        ];
        const mostFirst = [...goers].sort((a, b) => kgOf(b) - kgOf(a));
        return new Map(mostFirst.flatMap((m) => {
            const mine = ownThings(trip, m.id).find((t) => isThere(t) && !t.worn && isSack(t));
            const isLittle = packVolumeL(packOf(trip, m)) <= LITTLE_PACK_L && packVolumeL(packOf(trip, m)) > 0;
            const sack = mine ?? (isLittle ? undefined : spare.shift());
            return sack === undefined ? [] : [[m.id, sack]];
        }));
    }
    function limitOf(member) {
        return carryLimit(member, packOf(trip, member), day, trip.limitPolicy).limitKg;
    }
}
//# sourceMappingURL=sideTrip.js.map