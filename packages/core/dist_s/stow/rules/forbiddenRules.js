/** Rules on single placements. */
import { NOT_HERE } from '../placementRules.js';
import { each } from './checkedRule.js';
/** Rules on single placements that `safetyRules.ts` forbids, gathered under the words of the trade. */
const FORBIDDEN = [
    {
        id: 'liquid-fuel-outside',
        severity: 'safety',
        of: ['fuel-not-inside'],
        what: 'liquid fuel rides outside, upright, away from food, clothes and first aid',
        why: 'a seal fails one day, and fuel spoils what it touches',
        camp: 'house rule "fuel"; the other camp keeps it inside and low',
    },
    {
        id: 'gas-out-of-pockets',
        severity: 'safety',
        of: ['gas-not-in-pockets'],
        what: 'a gas canister never rides where it falls or is knocked',
        why: 'a dented valve leaks',
    },
    {
        id: 'sharp-off-the-back',
        severity: 'safety',
        of: ['sharp-not-at-the-back'],
        what: 'nothing sharp lies against the back or on the body',
        why: 'a fall drives it in',
    },
    {
        id: 'lid-light',
        severity: 'safety',
        of: ['heavy-not-in-lid', 'lid-left-off'],
        what: 'the lid carries little',
        why: 'weight up there sways and makes the neck sore',
        camp: 'house rule "lid"',
    },
    {
        id: 'water-low',
        severity: 'safety',
        of: ['water-not-in-lid'],
        what: 'what can leak does not ride above the rest',
        why: 'one cap not closed wets everything below',
    },
    {
        id: 'beacon-sky',
        severity: 'safety',
        of: ['beacon-sky'],
        what: 'a beacon or tracker rides under open sky',
        why: 'it needs the sky to send',
    },
    {
        id: 'dry-inside',
        severity: 'safety',
        of: ['dry-not-outside'],
        what: 'what must stay dry never rides in an open pocket or outside',
        why: 'a wet sleeping bag is dangerous',
    },
    {
        id: 'sleeve-for-water',
        severity: 'safety',
        of: ['sleeve-is-for-water'],
        what: 'the sleeve is for the reservoir',
        why: 'anything hard in it bursts the reservoir or pokes the back',
    },
    {
        id: 'little-outside',
        severity: 'safety',
        of: ['outside-only-what-may', 'water-not-in-straps', 'long-not-across'],
        what: 'almost nothing swings outside',
        why: 'it snags, hits rock on a big step down, and gets lost',
        camp: 'house rule "outside"',
    },
    {
        id: 'out-of-place',
        severity: 'access',
        of: [NOT_HERE],
        what: 'nothing is where no experienced packer would put it',
        why: 'it is lost, spoiled, or in the way there',
    },
    {
        id: 'crushable-safe',
        severity: 'safety',
        of: ['crushable-not-below'],
        what: 'crushable things ride flat at the side or on top',
        why: 'the load presses them flat',
    },
];
export const FORBIDDEN_RULES = FORBIDDEN.map(({ of, ...rule }) => ({
    ...rule,
    check: (_problem, a) => each(a, (p) => p.verdict.level === 'never' && of.includes(p.verdict.ruleId)
        ? `${p.thing.name} in ${p.zone.name}: ${p.verdict.reason}`
        : undefined),
}));
//# sourceMappingURL=forbiddenRules.js.map