/**
 * How does it ride? What a wearer reports, its likely cause in this stow, and the best moves against it with what each
 * would do; or the strap to adjust. Symptoms and causes are common practice, no source. Planning aid, never medical
 * advice: pain, numb hands or tingling arms mean stop and refit.
 */
import { FAIR_OFFSET_CM } from '../carriage/packingSchool.js';
import { comfortOf } from './stowCost.js';
import { bestMoves } from './stowMoves.js';
export const SYMPTOMS = {
    neck: 'sore neck or shoulders',
    lowerBack: 'sore lower back',
    pulledBack: 'pulled backward',
    toOneSide: 'pulled to one side',
    numbHands: 'numb hands, tingling arms',
    sways: 'sways or rattles',
    pokes: 'something pokes',
    emptied: 'had to empty it for something',
};
const MOST_MOVES = 3;
/** A smaller change is not felt: in centimetres of the centre of gravity, as the measures count. */
const FELT_GAIN = 0.25;
/** From these on a number speaks for a cause (Graft's own). */
const MUCH_ON_TOP = 0.25;
const MUCH_AT_BOTTOM = 0.3;
const FAR_OUT_CM = 10;
/** Of the torso; a pack without a school's choice comes to a little less. */
const HIGH_SHARE = 0.5;
const HOLLOW_SHARE = 0.03;
const STRAPS = {
    neck: 'Hip belt first: half above, half below the hip bone, tight enough to carry everything; then let the shoulder straps back a touch.',
    lowerBack: 'Belt a little higher, load lifters a little tighter, so that the pack stands against the back.',
    pulledBack: 'Load lifters and stabilisers tighter: the pack comes to the back.',
    toOneSide: 'Both shoulder straps and both side straps to the same length.',
    numbHands: 'Stop and refit. The belt is too loose and the straps carry: tighten the belt, loosen the shoulder straps, chest strap loose. If it stays, take weight out.',
    sways: 'Side straps snug and even, every loose end tied.',
    pokes: 'Take the pack off and feel along the back panel; a layer of clothes goes between.',
    emptied: 'No strap helps: it is a matter of order.',
};
/** @param about the thing that it had to be emptied for, where that was it */
export function rideAdvice(problem, a, placements, symptom, about) {
    const { cause, found, measure, things } = cases[symptom](problem, a, about);
    const moves = measure === undefined ? [] : bestMoves(problem, placements, measure, things, MOST_MOVES, FELT_GAIN);
    return { symptom, cause, found, strap: STRAPS[symptom], moves };
}
const kgIn = (a, kinds) => a.placed.filter((p) => kinds.includes(p.zone.kind)).reduce((sum, p) => sum + p.massKg, 0);
const share = (part, whole) => `${((100 * part) / Math.max(whole, 1e-9)).toFixed(0)} %`;
const idsOf = (list) => list.map((p) => p.thing.id);
const heaviestFirst = (list) => [...list].sort((x, y) => y.massKg - x.massKg);
const MOST_TRIED = 8;
const cases = {
    neck: (_problem, a) => {
        const top = kgIn(a, ['top', 'lid']);
        const things = a.placed.filter((p) => ['top', 'lid'].includes(p.zone.kind));
        return {
            cause: `Too much on top, or weight hanging on the straps: ${share(top, a.massKg)} of the load is in the top and the lid.`,
            found: top / a.massKg > MUCH_ON_TOP,
            measure: ({ centre, cost }) => centre.z + 4 * cost.bandMissCm + 0.3 * centre.y,
            things: idsOf(heaviestFirst(things).slice(0, MOST_TRIED)),
        };
    },
    lowerBack: (_problem, a) => {
        const low = kgIn(a, ['bottom']);
        const things = a.placed.filter((p) => p.zone.kind === 'bottom');
        return {
            cause: `Too much at the bottom: ${share(low, a.massKg)} of the load is there.`,
            found: low / a.massKg > MUCH_AT_BOTTOM,
            measure: ({ centre, cost }) => -centre.z + 4 * cost.bandMissCm + 0.3 * centre.y,
            things: idsOf(heaviestFirst(things).slice(0, MOST_TRIED)),
        };
    },
    pulledBack: (_problem, a) => ({
        cause: `Heavy things far from the back: the centre of gravity is ${a.centreOfGravityCm.y.toFixed(1)} cm out.`,
        found: a.centreOfGravityCm.y > FAR_OUT_CM,
        measure: ({ centre, cost }) => centre.y + 2 * cost.bandMissCm,
        things: idsOf([...a.placed].sort((x, y) => y.massKg * y.centre.y - x.massKg * x.centre.y).slice(0, MOST_TRIED)),
    }),
    toOneSide: (_problem, a) => {
        const { x } = a.centreOfGravityCm;
        const things = a.placed.filter((p) => p.centre.x * x > 0);
        return {
            cause: `Left and right are uneven: the centre of gravity is ${Math.abs(x).toFixed(1)} cm to the ${x < 0 ? 'left' : 'right'}.`,
            found: Math.abs(x) > FAIR_OFFSET_CM / 2,
            measure: ({ centre, cost }) => Math.abs(centre.x) + cost.bandMissCm,
            things: idsOf(heaviestFirst(things).slice(0, MOST_TRIED)),
        };
    },
    numbHands: () => ({
        cause: 'The straps carry what the belt should: no stow causes this, a loose belt does.',
        found: false,
        things: [],
    }),
    sways: (problem, a) => {
        const high = a.bandMissCm > 0 || a.centreOfGravityCm.z > HIGH_SHARE * problem.member.torsoCm;
        const hollow = a.main.voidShare > HOLLOW_SHARE;
        return {
            cause: `${hollow ? `Hollows of ${a.main.voidL.toFixed(1)} L let the load shift. ` : ''}${high ? `The weight is high: ${a.centreOfGravityCm.z.toFixed(0)} cm above the belt. ` : ''}${!hollow && !high ? 'Loose straps or something swinging outside. ' : ''}`.trim(),
            found: hollow || high,
            measure: ({ centre, cost }) => 0.4 * centre.z + cost.voidPercent + 4 * cost.bandMissCm,
            things: idsOf(heaviestFirst(a.placed).slice(0, MOST_TRIED)),
        };
    },
    pokes: (_problem, a) => {
        const felt = a.findings.filter((f) => ['hard-off-the-back', 'sharp-off-the-back'].includes(f.ruleId));
        const nearest = a.placed
            .filter((p) => p.turn !== undefined && p.thing.flags.includes('hard'))
            .sort((p, q) => p.box.y0 - q.box.y0);
        const names = felt.flatMap((f) => a.placed.filter((p) => f.thingIds.includes(p.thing.id)));
        return {
            cause: names.length > 0
                ? `Hard at the back: ${names.map((p) => p.thing.name).join(', ')}.`
                : nearest[0] === undefined
                    ? 'Nothing hard is in the pack: look for a zip or a buckle.'
                    : `The hard thing nearest to the back is ${nearest[0].thing.name}, ${nearest[0].box.y0.toFixed(1)} cm from it.`,
            found: felt.length > 0,
            measure: ({ cost }) => 10 * cost.safety + 0.05 * comfortOf(cost),
            things: idsOf(names.length > 0 ? names : nearest.slice(0, 2)),
        };
    },
    emptied: (_problem, a, about) => {
        const thing = a.placed.find((p) => p.thing.id === about) ??
            [...a.placed].filter((p) => p.thing.needed !== 'camp').sort((x, y) => y.reach.count - x.reach.count)[0];
        return {
            cause: thing === undefined
                ? 'Nothing is in the pack.'
                : `${thing.thing.name} has a reach of ${thing.reach.count}: ${thing.reach.count === 0 ? 'nothing comes' : `${thing.reach.blockers.map((id) => a.placed.find((p) => p.thing.id === id)?.thing.name ?? id).join(', ')} come${thing.reach.count === 1 ? 's' : ''}`} out first.`,
            found: (thing?.reach.count ?? 0) > 1,
            // A place nearer to an opening: the planner's own words for too deep, then order for its own sake.
            measure: ({ cost }) => 10 * cost.tooDeep + comfortOf(cost),
            things: thing === undefined ? [] : [thing.thing.id],
        };
    },
};
//# sourceMappingURL=rideCheck.js.map