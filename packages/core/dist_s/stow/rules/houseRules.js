/** What the trip's house rules ask of a stow. */
import { HOUSE_RULE_TEXTS } from '../../trip/houseRuleTexts.js';
import { isTall, isUprightStay, possibleUprights, UPRIGHTS, uprightsWanted, wantsUprights, } from '../uprights.js';
import { each, inMain } from './checkedRule.js';
/** "Food? today’s on top, the rest in the core" */
function chosen(house, id) {
    const { question, choices } = HOUSE_RULE_TEXTS[id];
    const { label } = choices[house[id]];
    return `${question} ${label}`;
}
export const HOUSE_RULES = [
    {
        id: 'house-rule',
        severity: 'structure',
        what: 'things are where the house rules of the trip want them',
        why: 'everybody of the party then knows where to look',
        camp: 'the house rules of the trip, or the member’s own',
        check: (problem, a) => {
            const { house } = problem;
            // Poles inside are what the other rule asks for when they are one of the two that stand.
            const isStay = ({ thing, turn }) => thing.purpose === 'tentPoles' && turn !== undefined && isUprightStay(turn) && wantsUprights(problem);
            return each(a, (p) => p.verdict.level === 'poor' &&
                p.verdict.question !== undefined &&
                p.insideId === undefined &&
                !isStay(p)
                ? `${p.thing.name} in ${p.zone.name}, against the house rule: ${chosen(house, p.verdict.question)}`
                : undefined);
        },
    },
    {
        id: 'columns',
        severity: 'access',
        what: 'each tall thing can be drawn out by itself',
        why: 'nothing is unpacked for what is wanted',
        camp: 'house rule "stacking"; the other camp packs in layers',
        check: ({ house }, a) => house.stacking !== 'columns'
            ? []
            : each(a, (p) => inMain(p) && p.turn !== undefined && isTall(p.turn) && p.reach.count > 0
                ? `${p.thing.name} stands, and cannot be drawn out: ${p.reach.count} ${p.reach.count === 1 ? 'thing comes' : 'things come'} out first`
                : undefined),
    },
    {
        id: 'two-uprights',
        severity: 'structure',
        what: 'a frameless pack has two stiff uprights first, the bag between them',
        why: 'the load is its only frame',
        camp: 'house rule "frameless"; light loads need none',
        check: (problem, a) => {
            if (!wantsUprights(problem))
                return [];
            const stands = a.placed.filter((p) => inMain(p) && p.turn !== undefined && isUprightStay(p.turn));
            if (stands.length >= UPRIGHTS)
                return [];
            const count = stands.length === 0 ? 'no stiff upright' : 'one stiff upright';
            const able = possibleUprights(problem).filter((id) => !stands.some((p) => p.thing.id === id));
            const nameOf = (id) => problem.things.find((t) => t.thing.id === id).thing.name;
            const cure = uprightsWanted(problem) > stands.length
                ? `stand ${able.map(nameOf).join(' or ')} in it first`
                : 'nothing more in it can stand as one: a rolled foam mat inside can';
            return [
                {
                    thingIds: able.length > 0 ? able : stands.map((p) => p.thing.id),
                    message: `a pack without a frame has ${count}: ${cure}`,
                },
            ];
        },
    },
];
//# sourceMappingURL=houseRules.js.map