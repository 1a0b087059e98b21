/**
 * The sharing problem as plain numbers: carriers with limits and free volume by day, bundles of pieces with mass and
 * volume by day, who may carry each, and which must ride apart. What is somebody's own and may be taken over is a piece
 * here like any other.
 */
import { baseLoad, legOfDay } from '../load/memberLoad.js';
import { packedVolumeL } from '../load/filling.js';
import { massOnDayKg } from '../load/thingOnDay.js';
import { fitsPack } from '../stow/fitsPack.js';
import { isNoPack } from '../trip/customPack.js';
import { nameAlone, carrierOf, isPersonal, isWithParty, mayCarry, movableThings, ownThings, packOf, packVolumeL, } from '../trip/queries.js';
import { holdersOfKit } from '../trip/roleKit.js';
import { isHelped } from '../trip/whoseThings.js';
import { bundlePieces, keptApart } from './bundlePieces.js';
import { fillsL, roomTakenL, stiffRoomL } from './foodRoom.js';
import { fairnessSchool } from './fairness.js';
/**
 * Build the sharing problem of a trip. Locked pieces stay with their carrier, whatever other rules say.
 *
 * @param firstDay the first day that is still to be shared; pieces that are gone by then are left out
 */
export function shareProblem(trip, firstDay = 1) {
    const days = trip.legs.map((_leg, i) => i + 1).slice(firstDay - 1);
    const packs = trip.members.map((member) => packOf(trip, member));
    const carriers = carriersOf(trip, packs, days);
    const contradictions = [];
    // On the way it stays where it is: the roles' own handovers move it, and whoever is hurt may give it away.
    const kitHolders = firstDay === 1 ? holdersOfKit(trip, 1) : new Map();
    const sharing = { trip, packs, carriers, days, contradictions, kitHolders };
    const bundles = bundlePieces(trip).flatMap((pieces) => {
        const left = firstDay === 1 ? pieces : pieces.filter((p) => days.some((day) => isThere(trip, p, day)));
        return left.length === 0 ? [] : [makeBundle(sharing, left)];
    });
    const bundleOf = new Map(bundles.flatMap((b, i) => b.pieceIds.map((id) => [id, i])));
    const apart = keptApart(trip).map((rule) => {
        const indexes = rule.pieceIds.flatMap((id) => bundleOf.get(id) ?? []);
        const distinct = [...new Set(indexes)];
        if (distinct.length < indexes.length) {
            contradictions.push(`"${rule.reason}" keeps pieces apart that another rule keeps together`);
        }
        const carriersAllowed = new Set(distinct.flatMap((i) => bundles[i].allowed));
        if (distinct.length > carriersAllowed.size) {
            contradictions.push(`"${rule.reason}" asks for ${distinct.length} different carriers, ${carriersAllowed.size} may carry these pieces`);
        }
        const lockedAt = distinct
            .filter((i) => bundles[i].lockedPieceIds.length > 0)
            .map((i) => bundles[i].allowed[0]);
        if (new Set(lockedAt).size < lockedAt.length) {
            contradictions.push(`"${rule.reason}" keeps pieces apart that are locked to one member`);
        }
        return distinct;
    });
    return {
        dayCount: days.length,
        firstDay,
        carriers,
        bundles,
        pieceCount: bundles.reduce((sum, b) => sum + b.pieceIds.length, 0),
        apart,
        contradictions,
    };
}
/** A child, or somebody hurt, is above the limit last: others carry for them (common practice; the number is Graft's own). */
const HELPED_WEIGHT = 3;
function carriersOf(trip, packs, days) {
    const school = fairnessSchool(trip.fairness);
    const movable = new Set(movableThings(trip).map((t) => t.id));
    return trip.members.map((member, i) => {
        const packL = packVolumeL(packs[i]);
        const stays = ownThings(trip, member.id).filter((t) => !t.worn && !movable.has(t.id));
        const loads = days.map((day) => ({
            ...baseLoad(trip, member, day, stays),
            here: isWithParty(member, day),
        }));
        return {
            memberId: member.id,
            name: member.name,
            limitKg: loads.map((l) => (l.here ? l.limitKg : Infinity)),
            overWeight: isHelped(member) ? HELPED_WEIGHT : 1,
            yardKg: loads.map((l) => (l.here ? school.yardstick(member, l.limitKg) : Infinity)),
            baseKg: loads.map((l) => l.packKg + l.personalKg + l.waterKg),
            freeVolumeL: loads.map((l) => packL - l.volumeL),
            packL,
            stiffL: days.map((day) => stiffRoomL(stays, day)),
        };
    });
}
function isThere(trip, piece, day) {
    return massOnDayKg(piece, day, legOfDay(trip, day)) > 0 || packedVolumeL([piece], day) > 0;
}
function makeBundle(sharing, pieces) {
    const { trip, packs, carriers, days, contradictions } = sharing;
    const name = pieces.map((p) => nameAlone(trip, p)).join(' + ');
    const ids = new Set(pieces.map((p) => p.id));
    const firstDay = days[0] ?? 1;
    const locks = trip.share.filter((a) => a.locked && ids.has(a.pieceId));
    // A locked piece that was handed over since stays where it is now.
    const lockedTo = new Set(locks.map((a) => carrierOf(trip, a.pieceId, firstDay) ?? a.memberId));
    if (lockedTo.size > 1)
        contradictions.push(`${name}: kept with one carrier by a rule, but locked to several members`);
    const massKg = days.map((day) => pieces.reduce((sum, p) => sum + massOnDayKg(p, day, legOfDay(trip, day)), 0));
    const volumeL = days.map((day) => packedVolumeL(pieces, day));
    const byRule = trip.members.flatMap((member, i) => {
        const may = lockedTo.size > 0 ? lockedTo.has(member.id) : pieces.every((p) => mayCarry(member, p));
        return may ? [i] : [];
    });
    // Whoever walks without a pack carries nothing, unless it is in their own hands and may not leave them.
    const withPack = byRule.filter((i) => !isNoPack(packs[i]));
    const here = (withPack.length > 0 ? withPack : byRule).filter((i) => days.every((_day, d) => (massKg[d] === 0 && volumeL[d] === 0) || carriers[i].limitKg[d] !== Infinity));
    const fitting = withRoles(sharing, pieces, lockedTo.size > 0 ? here : fittingOf(sharing, pieces, here));
    if (fitting.length === 0)
        contradictions.push(`${name}: ${whyNobody(byRule, here)}`);
    const carriedBy = pieces.flatMap((p) => {
        const carrierId = carrierOf(trip, p.id, firstDay);
        const at = carriers.findIndex((c) => c.memberId === carrierId);
        return at < 0 ? [] : [at];
    });
    return {
        pieceIds: pieces.map((p) => p.id),
        name,
        massKg,
        volumeL,
        fillsL: days.map((day) => fillsL(pieces, day)),
        stiffL: days.map((day) => stiffRoomL(pieces, day)),
        allowed: fitting,
        carriedBy,
        isOwn: pieces.every(isPersonal),
        lockedPieceIds: locks.map((a) => a.pieceId),
    };
}
/** Why nobody may carry something, from those who may by rule and those of them who are there. */
function whyNobody(byRule, here) {
    if (byRule.length === 0)
        return 'no member may carry it';
    return here.length === 0
        ? 'those who may carry it are not with the party on all its days'
        : 'too big for the packs of all who may carry it';
}
/** Those whose packs take all pieces; a tape measure gives way to that somebody has their own things already. */
function fittingOf({ trip, packs }, pieces, here) {
    const has = (p, i) => isPersonal(p) && p.memberId === trip.members[i].id;
    return here.filter((i) => pieces.every((p) => has(p, i) || fitsPack(p, packs[i])));
}
/** Kit of a role goes to whoever has it on the first day, if they may and can carry it; a lock is stronger. */
function withRoles({ trip, kitHolders }, pieces, fitting) {
    const holders = pieces.flatMap((p) => kitHolders.get(p.id) ?? []);
    const among = fitting.filter((i) => holders.includes(trip.members[i]));
    return among.length > 0 ? among : fitting;
}
/** Load of a carrier by day in a share, kg: own things, and the pieces of theirs that the share gives them. */
export function sharedLoadKg(problem, carrier, share) {
    return heldBundles(problem, carrier, share).reduce((sum, b) => sum.map((kg, d) => kg + b.massKg[d]), carrier.baseKg);
}
/** Room that a carrier's pieces take of their pack by day in a share, litres. */
export function sharedVolumeL(problem, carrier, share) {
    const mine = heldBundles(problem, carrier, share);
    return carrier.stiffL.map((stiffL, d) => {
        const sum = (of) => mine.reduce((s, b) => s + of(b)[d], 0);
        return roomTakenL(sum((b) => b.volumeL), sum((b) => b.fillsL), stiffL + sum((b) => b.stiffL));
    });
}
/** The bundles that a share gives a carrier. */
export function heldBundles(problem, carrier, share) {
    const mine = new Set(share.filter((a) => a.memberId === carrier.memberId).map((a) => a.pieceId));
    return problem.bundles.filter((b) => mine.has(b.pieceIds[0]));
}
/**
 * For bounds, which look at each bundle by itself: a container takes its room less what it holds, and food all of its
 * own. No share takes less. What is below zero is room of everybody (`mostRoomL`).
 */
export function leastVolumeL({ volumeL, stiffL }, d) {
    return Math.max(0, volumeL[d] - stiffL[d]);
}
/** The most that each carrier's pack can have free beside `leastVolumeL`, litres. */
export function mostRoomL({ carriers, bundles }, d) {
    const spareL = bundles.reduce((sum, b) => sum + Math.max(0, b.stiffL[d] - b.volumeL[d]), 0);
    return carriers.map((c) => Math.max(0, c.freeVolumeL[d]) + c.stiffL[d] + spareL);
}
//# sourceMappingURL=problem.js.map