/** The figures of the share a trip has now: loads, the largest ratio, its distance from the bound, what is amiss. */
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import { heaviestDay, loadsOverTrip } from '../load/memberLoad.js';
import { Derived, entries, whole } from '../trip/derived.js';
import { partsOfMember } from '../trip/memberPart.js';
import { nameAlone, allowedCarriers, allPieces, carrierOf, handoverDays, isPersonal, isWithParty, movableThings, packOf, packVolumeL, sharedThings, } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { shareBound } from './bound.js';
import { fairnessSchool } from './fairness.js';
import { shareProblem } from './problem.js';
import { shareGap } from './solveShare.js';
/** Whether a member is above their own limit on some day, whatever the school of fairness. */
export function isOverloaded(figures) {
    return figures.loads.some((l) => l.ratio > 1);
}
/** Less than this of the group's is nothing, kg. */
const CARRIES_KG = 1e-9;
const derivedBound = new Derived(tripBoundNow);
/** Kept as long as what the bound comes from is the same: a move of a piece that is not locked changes nothing of it. */
export function tripBound(trip) {
    return derivedBound.of(partsOfBound(trip));
}
/** The same, made anew. */
export function tripBoundNow(trip) {
    const problem = shareProblem(trip);
    return { bound: shareBound(problem), contradictions: problem.contradictions };
}
/**
 * What the bound comes from. Who carries what counts where it is locked, and where it is somebody's own: given to another
 * by hand it is dealt out like a piece.
 */
export function partsOfBound(trip) {
    const own = new Set(trip.personalThings.map((t) => t.id));
    const locked = trip.share.filter((a) => a.locked || own.has(a.pieceId));
    const ids = new Set([...own, ...locked.map((a) => a.pieceId)]);
    return {
        legs: whole(trip.legs),
        members: whole(trip.members),
        packs: whole(trip.packs),
        personalThings: whole(trip.personalThings),
        kits: whole(trip.kits),
        groups: whole(trip.groups),
        share: entries(locked),
        handovers: entries(trip.handovers.filter((h) => ids.has(h.pieceId))),
        carrierRules: whole(trip.carrierRules),
        roles: whole(trip.roles),
        houseRules: whole(trip.houseRules),
        limitPolicy: whole(trip.limitPolicy),
        fairness: whole(trip.fairness),
    };
}
const kept = new WeakMap();
/** A member's figures; made anew only when something of theirs has changed: a move concerns two members of thirty. */
function memberFigures(trip, member) {
    let derived = kept.get(member);
    if (derived === undefined) {
        derived = new Derived((part) => memberFiguresNow(part, member));
        kept.set(member, derived);
    }
    return derived.of(partsOfMember(trip, member));
}
/** The same, made anew. */
export function memberFiguresNow(trip, member) {
    const school = fairnessSchool(trip.fairness);
    const loads = loadsOverTrip(trip, member);
    const measures = loads.map((l) => l.totalKg / school.yardstick(member, l.limitKg));
    const largestMeasure = Math.max(...measures);
    return {
        member,
        loads,
        measures,
        heaviest: loads[measures.findIndex((r) => r >= largestMeasure - 1e-12)],
        largestMeasure,
        packVolumeL: packVolumeL(packOf(trip, member)),
        fullestL: Math.max(...loads.map((l) => l.volumeL)),
    };
}
/** @param known the trip's bound, when it is at hand from an equal problem */
export function shareFigures(trip, known = tripBound(trip)) {
    const members = trip.members.map((member) => memberFigures(trip, member));
    const shared = new Set(trip.share.map((a) => a.pieceId));
    const { bound, contradictions } = known;
    const worst = members.length === 0
        ? undefined
        : members.reduce((a, b) => (b.largestMeasure > a.largestMeasure ? b : a));
    const largestRatio = worst?.largestMeasure ?? 0;
    const movable = movableThings(trip);
    const dealt = ({ member, loads }, d) => loads[d].groupKg > CARRIES_KG ||
        movable.some((t) => carrierOf(trip, t.id, d + 1) === member.id && massOnDayKg(t, d + 1, trip.legs[d]) > CARRIES_KG);
    const level = Math.max(0, ...members.flatMap((m) => m.measures.filter((_r, d) => dealt(m, d))));
    return {
        members,
        unshared: allPieces(trip).filter((p) => !shared.has(p.id)),
        largestRatio,
        level,
        largestMember: worst?.member,
        largestDay: worst?.heaviest.day ?? 1,
        smallestRatio: members.length === 0 ? 0 : Math.min(...members.map((m) => m.largestMeasure)),
        bound,
        gap: shareGap(level, bound.level),
        contradictions,
        warnings: [...contradictions, ...shareWarnings(trip, members)],
    };
}
function shareWarnings(trip, members) {
    const warnings = [];
    for (const { member, loads, fullestL, packVolumeL: packL } of members) {
        const worst = heaviestDay(loads);
        if (worst.ratio > 1) {
            warnings.push(`${member.name} is ${formatMass(worst.totalKg - worst.limitKg)} above the limit on day ${worst.day}`);
        }
        if (fullestL > packL + 0.005) {
            warnings.push(`${member.name}'s pack is ${formatVolume(fullestL - packL)} over its ${formatVolume(packL)}`);
        }
    }
    const pieces = sharedThings(trip);
    const nameOf = (id) => pieces.find((p) => p.id === id)?.name ?? id;
    const memberName = (id) => trip.members.find((m) => m.id === id)?.name ?? id;
    const locked = new Set(trip.share.filter((a) => a.locked).map((a) => a.pieceId));
    const days = handoverDays(trip);
    const leaving = trip.members.some((m) => m.lastDay !== undefined || m.firstDay !== undefined);
    for (const piece of pieces) {
        if (isPersonal(piece) || piece.onlyGroupId !== undefined || piece.onlyMemberIds !== undefined) {
            const allowed = new Set(allowedCarriers(trip, piece).map((m) => m.id));
            for (const id of new Set(days.flatMap((day) => carrierOf(trip, piece.id, day) ?? []))) {
                if (!locked.has(piece.id) && !allowed.has(id)) {
                    warnings.push(`${nameAlone(trip, piece)} rides with ${memberName(id)}, who is not among its carriers`);
                }
            }
        }
        if (!leaving)
            continue;
        const gone = trip.legs.findIndex((_leg, k) => {
            const carrier = trip.members.find((m) => m.id === carrierOf(trip, piece.id, k + 1));
            return carrier !== undefined && !isWithParty(carrier, k + 1) && isCarriedOn(piece, k + 1);
        });
        if (gone >= 0) {
            const carrier = carrierOf(trip, piece.id, gone + 1);
            warnings.push(`${nameAlone(trip, piece)} rides with ${memberName(carrier)}, who ${gone + 1 < (trip.members.find((m) => m.id === carrier)?.firstDay ?? 1) ? 'is not there yet on' : 'has left by'} day ${gone + 1}`);
        }
    }
    for (const rule of trip.carrierRules) {
        const broken = days.some((day) => {
            const carriers = rule.pieceIds.flatMap((id) => carrierOf(trip, id, day) ?? []);
            const distinct = new Set(carriers).size;
            return rule.kind === 'same' ? distinct > 1 : distinct < carriers.length;
        });
        if (broken) {
            const what = rule.pieceIds.map(nameOf).join(', ');
            warnings.push(`${what} should ride with ${rule.kind === 'same' ? 'one carrier' : 'different carriers'}: ${rule.reason}`);
        }
    }
    return warnings;
}
//# sourceMappingURL=shareFigures.js.map