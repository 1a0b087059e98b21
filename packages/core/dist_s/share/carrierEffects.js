/** Why a piece is where it is: what holds it, and what each member's carrying it would do. */
import { holdersOfKit } from '../trip/roleKit.js';
import { cookSetOf } from './bundlePieces.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { assignPiece } from '../trip/changes.js';
import { allowedCarriers, allPieces, allThings, carrierOf, found, isPersonal, isTentPart, } from '../trip/queries.js';
import { fairnessSchool, formatMeasure } from './fairness.js';
/**
 * @param figures of the same trip
 * @param day the day whose carrier is asked about
 */
export function carrierEffects(trip, figures, pieceId, day = 1) {
    const piece = found(allThings(trip), (p) => p.id === pieceId, `thing ${pieceId}`);
    const now = carrierOf(trip, pieceId, day);
    const allowed = new Set(allowedCarriers(trip, piece).map((m) => m.id));
    const school = fairnessSchool(trip.fairness);
    const known = new Map(figures.members.map((m) => [m.member.id, m]));
    const evennessNow = unevenness(figures.members.map((m) => m.measures));
    return trip.members.map((member) => {
        const after = assignPiece(trip, pieceId, member.id, day);
        const all = figures.members.map((m) => {
            if (m.member.id !== member.id && m.member.id !== now)
                return m;
            const loads = after === trip ? m.loads : loadsOverTrip(after, m.member);
            const measures = loads.map((l) => l.totalKg / school.yardstick(m.member, l.limitKg));
            return { ...m, loads, measures, largestMeasure: Math.max(...measures) };
        });
        const own = all.find((m) => m.member.id === member.id);
        const largestRatio = Math.max(...all.map((m) => m.largestMeasure));
        return {
            member,
            allowed: allowed.has(member.id),
            carriesNow: member.id === now,
            ratio: own.largestMeasure,
            largestRatio,
            change: largestRatio - figures.largestRatio,
            overL: Math.max(0, ...own.loads.map((l) => l.volumeL - known.get(member.id).packVolumeL)),
            overKg: Math.max(0, ...own.loads.map((l) => l.totalKg - l.limitKg)),
            unevenness: unevenness(all.map((m) => m.measures)) - evennessNow,
        };
    });
}
/** Σ over days of squared deviations from that day's mean, of lists by member. */
function unevenness(measures) {
    const days = measures[0]?.length ?? 0;
    let sum = 0;
    for (let d = 0; d < days; d += 1) {
        // Somebody who has left measures 0 and is no part of the mean.
        const there = measures.map((m) => m[d]).filter((r) => r > 0);
        const mean = there.reduce((a, b) => a + b, 0) / Math.max(1, there.length);
        sum += there.reduce((a, r) => a + (r - mean) ** 2, 0);
    }
    return sum;
}
/** What holds a piece to its carrier or carriers, in sentences; none when anybody may carry it. */
export function whatHolds(trip, piece) {
    const holds = [];
    const name = (id) => trip.members.find((m) => m.id === id)?.name ?? id;
    const pieces = allPieces(trip);
    const lock = trip.share.find((a) => a.pieceId === piece.id && a.locked);
    if (lock !== undefined)
        holds.push(`Locked to ${name(lock.memberId)} by the leader.`);
    if (isPersonal(piece))
        return [...holds, `${name(piece.memberId)}’s own: the owner, or somebody who needs no help, carries it.`];
    const group = trip.groups.find((g) => g.id === piece.onlyGroupId);
    if (group !== undefined)
        holds.push(`Only for ${group.name}.`);
    if (piece.onlyMemberIds !== undefined)
        holds.push(`Only for ${piece.onlyMemberIds.map(name).join(', ')}.`);
    const holders = holdersOfKit(trip, 1).get(piece.id);
    if (holders !== undefined)
        holds.push(`Goes with a role: on day 1 that of ${holders.map((m) => m.name).join(', ')}.`);
    for (const rule of trip.carrierRules.filter((r) => r.pieceIds.includes(piece.id))) {
        const others = rule.pieceIds
            .filter((id) => id !== piece.id)
            .map((id) => pieces.find((p) => p.id === id)?.name ?? id);
        holds.push(`${rule.kind === 'same' ? 'With' : 'Apart from'} ${others.join(', ')}: ${rule.reason}.`);
    }
    const kit = trip.kits.find((k) => k.pieces.includes(piece));
    if (kit?.splitWays !== undefined)
        holds.push(`${kit.name} goes over at most ${kit.splitWays} carriers.`);
    if (piece.together !== undefined)
        holds.push(`Stays with the other pieces marked "${piece.together}".`);
    if (isTentPart(piece) && trip.houseRules.tentSplit === 'whole')
        holds.push('House rule: a tent is carried whole.');
    if (kit !== undefined && trip.houseRules.cookSet !== 'free' && cookSetOf(kit).some((p) => p === piece))
        holds.push('House rule: one carries the cook set.');
    return holds;
}
/** Changes below these are no reason: a tenth of a percent of the largest, a hundredth of a percent squared. */
const SAME_RATIO = 0.0005;
const SAME_UNEVENNESS = 1e-6;
/** One sentence on why the carrier of a piece has it, from what everybody else's carrying it would do. */
export function whyThisCarrier(trip, figures, effects) {
    const carrier = effects.find((e) => e.carriesNow);
    if (carrier === undefined)
        return 'Nobody carries it yet.';
    const { name } = carrier.member;
    const others = effects.filter((e) => e.allowed && !e.carriesNow);
    if (others.length === 0)
        return `Nobody but ${name} may carry it.`;
    const possible = others.filter((e) => e.overL <= carrier.overL && e.overKg <= carrier.overKg);
    if (possible.length === 0)
        return `${name} alone has room for it within limit and pack.`;
    const least = possible.reduce((a, b) => (b.change < a.change ? b : a));
    const say = (ratio) => formatMeasure(trip.fairness, ratio);
    const same = SAME_RATIO * figures.largestRatio;
    if (least.change > same)
        return `With anybody else the largest ratio would be higher: ${say(least.largestRatio)} at best, with ${least.member.name}.`;
    if (least.change < -same)
        return `${least.member.name} could take it: the largest ratio would fall to ${say(least.largestRatio)}.`;
    const evener = possible
        .filter((e) => e.change <= same)
        .reduce((a, b) => (b.unevenness < a.unevenness ? b : a));
    return evener.unevenness < -SAME_UNEVENNESS
        ? `${evener.member.name} could take it: the largest ratio stays, the days become more even.`
        : 'Others could take it without raising the largest ratio, but the days would be no more even.';
}
//# sourceMappingURL=carrierEffects.js.map