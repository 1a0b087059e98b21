/** Rules on what harms people or things. */
import { badStand, isBottle } from '../atRest.js';
import { arePointsAtBack, isHardAtBack, isReservoirBetween } from '../backRule.js';
import { clash } from '../neighbours.js';
import { isForbiddenBy } from '../placementRules.js';
import { holdingOf } from '../../load/holders.js';
import { each, has, inMain, isAtHand } from './checkedRule.js';
const STAND_WORDS = {
    'on stiff': 'stands on something stiff and tips',
    'off the floor': 'does not reach the floor of its pocket',
    'to one side': 'rests to one side of its middle and falls over',
};
const holderOf = (a, { insideId }) => a.placed.find((other) => other.thing.id === insideId);
/** Whether something that a thing rides in keeps it dry. */
function isKeptDry(a, p) {
    const holder = holderOf(a, p);
    if (holder === undefined)
        return false;
    return holdingOf(holder.thing)?.traits.includes('keepsDry') === true || isKeptDry(a, holder);
}
const isInFirstAid = (a, p) => holderOf(a, p)?.thing.purpose === p.thing.purpose;
const nameOf = (a, thingId) => a.placed.find((p) => p.thing.id === thingId).thing.name;
export const SAFETY_RULES = [
    {
        id: 'hard-off-the-back',
        severity: 'safety',
        what: 'no edge or lump lies against the back',
        why: 'it is felt after an hour and bruises in a fall',
        check: (_problem, a) => {
            const reservoir = isReservoirBetween(a.layout);
            return each(a, (p) => {
                if (!inMain(p) || p.insideId !== undefined)
                    return undefined;
                const back = a.layout.compartments.find((c) => c.compartment.id === p.compartmentId).compartment.y0;
                const fromPanelCm = p.box.y0 - back;
                const isFelt = p.turn === undefined
                    ? arePointsAtBack(p.thing, fromPanelCm)
                    : isHardAtBack(p.thing, p.turn, fromPanelCm, reservoir);
                return isFelt
                    ? `${p.thing.name} is felt in the back: ${Math.max(0, fromPanelCm).toFixed(1)} cm from the panel, with nothing soft between`
                    : undefined;
            });
        },
    },
    {
        id: 'stands',
        severity: 'safety',
        what: 'a bottle stands on the floor of its pocket with nothing stiff under it, and in a pocket nothing stands to one side of what is under it',
        why: 'it tips, and is lost at the first bend',
        check: (_problem, a) => a.layout.compartments.flatMap(({ compartment }) => {
            const here = a.placed
                .filter((p) => p.compartmentId === compartment.id && p.insideId === undefined)
                .sort((x, y) => x.order - y.order);
            const standing = here.map((p) => ({
                bottle: isBottle(p.thing),
                stiff: p.turn === undefined ? undefined : p.box,
            }));
            return here.flatMap((p, i) => {
                const bad = badStand(i, standing, compartment.zone?.at.z);
                if (bad === undefined)
                    return [];
                return [
                    { thingIds: [p.thing.id], message: `${p.thing.name} in ${p.zone.name} ${STAND_WORDS[bad]}` },
                ];
            });
        }),
    },
    {
        id: 'apart',
        severity: 'safety',
        what: 'fuel, points, soap, wet and scented things do not touch what they spoil, and nothing heavy lies on what can be crushed',
        why: 'what leaks, pricks, drips, smells or presses spoils its neighbours',
        check: (_problem, a) => [
            ...a.layout.compartments.flatMap((c) => c.clashes.map(([one, other, why]) => [one, other, 'touches', why])),
            // In a bag everything lies against everything.
            ...a.placed.flatMap((p, i) => a.placed.slice(i + 1).flatMap((q) => {
                const why = p.insideId !== undefined && p.insideId === q.insideId ? clash(p.thing, q.thing) : undefined;
                return why === undefined ? [] : [[p.thing.id, q.thing.id, 'lies in one bag with', why]];
            })),
        ].map(([one, other, how, why]) => ({
            thingIds: [one, other],
            message: `${nameOf(a, one)} ${how} ${nameOf(a, other)}: ${why}`,
        })),
    },
    {
        id: 'dry-bag',
        severity: 'safety',
        what: 'what must stay dry is in a dry bag or inside a liner',
        why: 'covers blow off, and no pack is tight',
        camp: 'house rules "rain protection" and "bags"',
        check: (problem, a) => {
            const { house, pack } = problem;
            // Only these two house rules together leave a thing bare: all others put it in a bag or line the pack.
            const isBare = house.rainProtection === 'cover' && house.bags === 'looseInLiner' && !problem.isLined;
            return each(a, (p) => isBare && has(p, 'mustStayDry') && inMain(p) && !isKeptDry(a, p)
                ? `${p.thing.name} has neither a dry bag nor a liner round it`
                : p.insideId === undefined && isForbiddenBy('dry-not-over-the-lid', p.thing, p.zone, house, pack)
                    ? `${p.thing.name} is in a pocket over the lid, outside the liner`
                    : undefined);
        },
    },
    {
        id: 'first-aid-at-hand',
        severity: 'safety',
        what: 'first aid and animal spray are had within a second thing',
        why: 'whoever needs them does not unpack',
        camp: 'house rule "first aid"; one camp keeps it deep, since it is rarely used',
        check: (_problem, a) => each(a, (p) => 
        // Of what is in the first aid bag, the bag answers for its place.
        isAtHand(p) && !isInFirstAid(a, p) && p.reach.count > 1 && !p.verdict.byHouse
            ? `${p.thing.name}: ${p.reach.count} things come out first`
            : undefined),
    },
];
//# sourceMappingURL=safetyRules.js.map