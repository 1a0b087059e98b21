/** Cures that may be tried on a trip whose pieces do not fit: rules released, less water, bigger packs, a limit, less kit. */
import { cookSetOf } from './bundlePieces.js';
import { isUnder18 } from '../trip/age.js';
import { carryLimit } from '../limits/carryLimit.js';
import { UPPER_BOUND } from '../limits/shareOfBodyWeight.js';
import { removePieces } from '../trip/changes.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { nameAlone, allPieces, packOf, packVolumeL } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { ownThingCures } from './ownThingCures.js';
import { packSwapCures } from './packSwapCures.js';
import { FITS } from './fits.js';
import { splitCures } from './splitCures.js';
import { waterCures } from './waterCures.js';
/** What a party is of no use without, beside its safety kit. */
const KEPT = [
    'rainwear',
    'tentBody',
    'tentFly',
    'tentPoles',
    'tentPegs',
    'stove',
    'pot',
    'fuel',
    'foodContainer',
];
/** Every cure worth trying, in the order of the gentler first within a kind. */
export function cureCandidates(trip, problem, best) {
    return [
        ...ownThingCures(trip, problem, best),
        ...splitCures(trip),
        ...packSwapCures(trip, problem, best),
        ...ruleCures(trip),
        ...waterCures(trip, problem, best),
        ...packCures(trip, best, problem),
        ...limitCures(trip, problem, best),
        ...leaveCures(trip, best?.score),
    ];
}
/** Rules released one by one, locks opened, kits split further. */
function ruleCures(trip) {
    return [...trip.kits.flatMap((kit) => kitCures(trip, kit)), ...tripRuleCures(trip), ...pieceCures(trip)];
}
function withPieces(trip, of) {
    return { ...trip, kits: trip.kits.map((kit) => ({ ...kit, pieces: kit.pieces.map(of) })) };
}
/** What a kit's own rules keep together. */
function kitCures(trip, kit) {
    const release = (key, value) => withPieces(trip, (p) => (kit.pieces.includes(p) && p[key] === value ? withoutKey(p, key) : p));
    const groups = trip.groups.filter((group) => kit.pieces.some((p) => p.onlyGroupId === group.id));
    const words = [...new Set(kit.pieces.flatMap((p) => p.together ?? []))];
    const { splitWays } = kit;
    return [
        ...groups.map((group) => ({
            label: `Let anybody carry parts of ${kit.name}`,
            price: `${group.name} waits for its things if the party splits`,
            rank: 1,
            after: release('onlyGroupId', group.id),
        })),
        ...(splitWays === undefined
            ? []
            : [
                {
                    label: `Split ${kit.name} over ${splitWays + 1} carriers`,
                    price: 'one more person has to be there to use it',
                    rank: 0,
                    after: {
                        ...trip,
                        kits: trip.kits.map((k) => (k === kit ? { ...k, splitWays: splitWays + 1 } : k)),
                    },
                },
            ]),
        ...words.map((word) => ({
            label: `Let the pieces "${word}" of ${kit.name} part`,
            price: 'one more person has to be there to use them',
            rank: 0,
            after: release('together', word),
        })),
    ];
}
/** House rules and rules about carriers. */
function tripRuleCures(trip) {
    const whole = {
        label: 'Split tents over their sleepers',
        price: 'a house rule of the trip changes',
        rank: 1,
        after: { ...trip, houseRules: { ...trip.houseRules, tentSplit: 'split' } },
    };
    const apart = {
        label: 'Split cook sets as it comes',
        price: 'burner and pot may be with different people',
        rank: 1,
        after: { ...trip, houseRules: { ...trip.houseRules, cookSet: 'free' } },
    };
    return [
        ...(trip.houseRules.tentSplit === 'whole' ? [whole] : []),
        ...(trip.houseRules.cookSet !== 'free' && trip.kits.some((k) => cookSetOf(k).length > 1) ? [apart] : []),
        ...trip.carrierRules.map((rule) => ({
            label: `Release the rule "${rule.reason}"`,
            price: rule.kind === 'same' ? 'what goes together parts' : 'what should not be lost together may be',
            rank: rule.kind === 'same' ? 1 : 3,
            after: { ...trip, carrierRules: trip.carrierRules.filter((r) => r !== rule) },
        })),
    ];
}
/** Pieces that only some may carry, and locks. */
function pieceCures(trip) {
    const locked = trip.share.filter((a) => a.locked).length;
    const open = {
        label: `Open all ${locked} locks`,
        price: 'pieces you fixed may move',
        rank: 2,
        after: { ...trip, share: trip.share.map((a) => (a.locked ? { ...a, locked: false } : a)) },
    };
    return [
        ...allPieces(trip)
            .filter((p) => p.onlyMemberIds !== undefined)
            .map((piece) => ({
            label: `Let anybody carry ${nameAlone(trip, piece)}`,
            price: 'somebody else has to be asked for it',
            rank: 2,
            after: withPieces(trip, (p) => (p === piece ? withoutKey(p, 'onlyMemberIds') : p)),
        })),
        ...(locked > 0 ? [open] : []),
    ];
}
function withoutKey(piece, key) {
    const { [key]: _released, ...rest } = piece;
    return rest;
}
/** The next size of pack for whoever's is too small. */
function packCures(trip, best, problem) {
    if (best === undefined || best.score.overVolumeL <= FITS)
        return [];
    return trip.members.flatMap((member) => {
        const pack = packOf(trip, member);
        const volumeL = packVolumeL(pack);
        const carrier = problem.carriers.find((c) => c.memberId === member.id);
        const size = PACK_SIZES.find((s) => packVolumeL(cataloguePack(pack.id, s)) > volumeL + 4);
        if (size === undefined || carrier.limitKg.every((limit) => limit === Infinity))
            return [];
        const bigger = { ...cataloguePack(pack.id, size), name: `${size.nominalL} L pack` };
        return [
            {
                label: `A ${size.nominalL} L pack for ${member.name}, ${formatVolume(packVolumeL(bigger) - volumeL)} more`,
                price: `borrow one; it weighs ${formatMass(bigger.tareKg)} itself`,
                rank: 3,
                after: {
                    ...trip,
                    packs: trip.packs.map((p) => (p.id === pack.id ? bigger : p)),
                    stows: trip.stows.filter((s) => s.memberId !== member.id),
                },
            },
        ];
    });
}
/** One kilogram more for one adult who is well, by their own word, never above the planning bound. */
function limitCures(trip, problem, best) {
    if (best !== undefined && best.score.overloadKg <= FITS)
        return [];
    return trip.members.flatMap((member) => {
        const raised = raisedLimit(trip, member);
        if (raised === undefined)
            return [];
        const [limitKg] = problem.carriers.find((c) => c.memberId === member.id).limitKg;
        return [
            {
                label: `${member.name} carries 1 kg more: up to ${formatMass(limitKg + 1)}`,
                price: 'only by their own word; a planning number, not medical advice',
                rank: 4,
                once: `limit ${member.id}`,
                onlyByWord: true,
                after: { ...trip, members: trip.members.map((m) => (m === member ? raised : m)) },
            },
        ];
    });
}
/** The member with a limit one kilogram higher on every day; undefined where that must not or cannot be. */
export function raisedLimit(trip, member) {
    if (isUnder18(member) || member.conditions.length > 0)
        return undefined;
    const pack = packOf(trip, member);
    const now = carryLimit(member, pack, 1, trip.limitPolicy).limitKg;
    const most = UPPER_BOUND * member.bodyMassKg;
    const tries = [
        ...(member.ownCapKg === undefined ? [] : [{ ...member, ownCapKg: member.ownCapKg + 1 }]),
        { ...member, limitShare: (now + 1) / member.bodyMassKg },
    ];
    return tries.find((next) => {
        const then = carryLimit(next, pack, 1, trip.limitPolicy).limitKg;
        return then <= most + FITS && Math.abs(then - now - 1) < 1e-6;
    });
}
/** Pieces that may stay at home: those that take away about what is too much, lightest first. */
function leaveCures(trip, score) {
    if (score === undefined)
        return [];
    const pieces = allPieces(trip)
        .filter((p) => !KEPT.includes(p.purpose) && !isSafetyKit(p) && p.madeBy === undefined && p.purpose !== 'food')
        .sort((a, b) => a.massKg - b.massKg);
    const enough = pieces.filter((p) => score.overloadKg > FITS ? p.massKg >= score.overloadKg / trip.legs.length : p.volumeL > 0.2);
    const chosen = [...enough.slice(0, 8), ...pieces.slice(-4)];
    return [...new Set(chosen)].map((piece) => ({
        label: `Leave ${nameAlone(trip, piece)} at home: ${formatMass(piece.massKg)}, ${formatVolume(piece.volumeL)}`,
        price: 'the party does without it',
        rank: 5 + piece.massKg / 100,
        after: removePieces(trip, new Set([piece.id])),
    }));
}
//# sourceMappingURL=cureCandidates.js.map