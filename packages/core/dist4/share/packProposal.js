/**
 * Which of the packs that there are suits whom. Packs that anybody may have, and those that nobody has yet, are dealt out
 * anew over their wearers; own packs stay with their owner. Asked of a pack, in this order: room for what its wearer
 * carries, a back that fits, and that nobody is the worst off for it (common practice, no source).
 */
import { loadsOverTrip, ratioLimitKg } from '../load/memberLoad.js';
import { carryLimit } from '../limits/carryLimit.js';
import { isNoPack } from '../trip/customPack.js';
import { packOf, packVolumeL } from '../trip/queries.js';
import { FITS } from './fits.js';
import { leastCostMatching } from './leastCostMatching.js';
/** Whether a pack's back fits a wearer; one that says nothing fits all. */
export function fitsTorso({ torso }, { torsoCm }) {
    return torso === undefined || (torso.leastCm <= torsoCm && torsoCm <= torso.mostCm);
}
/** Borrowed and the club's packs that nobody has. What an owner left at home for another is not offered to others. */
export function sparePacks(trip) {
    const worn = new Set(trip.members.map((m) => m.packId));
    return trip.packs.filter((p) => p.shared === true && !worn.has(p.id) && !isNoPack(p));
}
/** The trip with other packs on backs: what stood in them is stowed anew. */
export function withPacks(trip, packIds) {
    return {
        ...trip,
        members: trip.members.map((m) => ({ ...m, packId: packIds.get(m.id) ?? m.packId })),
        stows: trip.stows.filter((s) => !packIds.has(s.memberId)),
    };
}
/** What a member's load of today would be with a pack. */
export function packFit(trip, member, pack, loads) {
    const ratios = loads.map((l) => {
        const limitKg = ratioLimitKg(carryLimit(member, pack, l.day, trip.limitPolicy).limitKg);
        return (l.totalKg - l.packKg + (l.packKg === 0 ? 0 : pack.tareKg)) / limitKg;
    });
    const wantingL = Math.max(0, ...loads.map((l) => l.volumeL)) - packVolumeL(pack);
    return {
        wantingL: wantingL > FITS ? wantingL : 0,
        ratio: Math.max(0, ...ratios),
        misfit: !fitsTorso(pack, member),
    };
}
// Litres that find no room go before all, then a back that does not fit; a high power makes the worst load decide among
// loads, and what is well below its limit count for nothing. A change that betters less than its cost is not worth setting
// up straps anew (Graft's own).
const COST = { litre: 1e6, misfit: 1e3, change: 0.1 };
const WORST_POWER = 16;
function costOf(fit, isChange) {
    return (fit.wantingL * COST.litre +
        (fit.misfit ? COST.misfit : 0) +
        fit.ratio ** WORST_POWER +
        (isChange ? COST.change : 0));
}
/** The best dealing out of the packs that are free for it; undefined when it is what they wear now. */
export function packProposal(trip) {
    const spare = sparePacks(trip);
    const worn = trip.members.filter((m) => !isNoPack(packOf(trip, m)));
    const loads = new Map(worn.map((m) => [m.id, loadsOverTrip(trip, m)]));
    const free = worn.map((m) => packOf(trip, m)).filter((p) => p.shared === true);
    // Whoever has a pack of their own may leave it at home for a spare one, but gives it to nobody.
    const packs = [...worn.map((m) => packOf(trip, m)), ...spare];
    const may = (m, p) => p.id === m.packId || spare.includes(p) || free.includes(p);
    const costs = worn.map((m) => packs.map((p) => (may(m, p) ? costOf(packFit(trip, m, p, loads.get(m.id)), p.id !== m.packId) : NEVER)));
    const matched = leastCostMatching(costs);
    const changes = worn.flatMap((member, i) => {
        const [from, to] = [packOf(trip, member), packs[matched[i]]];
        if (to.id === from.id)
            return [];
        const fit = (pack) => packFit(trip, member, pack, loads.get(member.id));
        return [{ member, from, to, before: fit(from), after: fit(to) }];
    });
    if (changes.length === 0)
        return undefined;
    const after = withPacks(trip, new Map(changes.map((c) => [c.member.id, c.to.id])));
    const worst = (of) => Math.max(0, ...of.members.flatMap((m) => loadsOverTrip(of, m).map((l) => l.ratio)));
    return { changes, worstBefore: worst(trip), worstAfter: worst(after) };
}
/** Dearer than any matching that is allowed. */
const NEVER = 1e12;
//# sourceMappingURL=packProposal.js.map