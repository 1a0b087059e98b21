/** A compartment of a state, loaded and looked at: what it adds to the cost, and how each of its things stands. */
import { badStand } from '../atRest.js';
import { arePointsAtBack, isHardAtBack } from '../backRule.js';
import { boxOf } from '../laidThing.js';
import { mainZoneAt } from '../mainParting.js';
import { REACH_LIMIT } from '../reach.js';
import { energyOf } from '../stowCost.js';
import { TOUCHES_CM2 } from '../neighbours.js';
import { NOTHING } from './compartmentView.js';
import { fullestOverL } from './fullestOver.js';
import { crushedPairs, laterFoodOver } from './onTop.js';
import { quickCover } from './quickCover.js';
import { sleeveView } from './sleeveView.js';
import { addFigures, costOf, noFigures, voidPercentOf } from './partFigures.js';
import { beyondHandful } from '../handful.js';
import { isTall, isUprightStay } from '../uprights.js';
import { FEW_CHOICES, LATER_FOOD_OVER, LEVEL_COST, LYING_LONG, PER_CM_ASTRAY, PER_OVER_TALL, PER_UPRIGHT_MISSING, TROUBLE, } from './tuning.js';
/** Taken once: this is where nearly all of the time goes, and a lookup on a global is not free everywhere. */
const { hypot, max, min, trunc } = Math;
/** More than this over is worth a move. */
const NOTICEABLE_CM3 = 1;
/** Load a compartment and look at it; undefined when the whole is then certain to be above a limit. */
export function viewOf(facts, state, loaders, c, within) {
    const compartment = facts.compartments[c];
    const things = state.thingsIn(c);
    if (compartment.kind === 'sleeve')
        return sleeveView(facts, state, c);
    if (things.length === 0)
        return NOTHING;
    const trial = loaders.of(c, state);
    const list = [];
    for (let i = 0; i < things.length; i += 1)
        list.push(state.putOf(things[i]));
    const isEnough = within === undefined ? undefined : isOver(facts, compartment, things, trial.loader, within);
    if (!trial.try(list, loaders.load, isEnough))
        return undefined;
    const view = {
        facts,
        state,
        c,
        compartment,
        loader: trial.loader,
        figures: noFigures(),
        things,
        zones: [],
        heights: [],
        troubles: [],
        rests: [],
    };
    const zone = compartment.zone === undefined ? -1 : facts.problem.pack.zones.indexOf(compartment.zone);
    for (let i = 0; i < things.length; i += 1)
        lookAtThing(view, i, zone);
    if (compartment.zone !== undefined || things.some((t) => facts.things[t].isBottle))
        lookAtStanding(view);
    lookAtRoom(view);
    if (within !== undefined && isAbove(view, within))
        return undefined;
    lookAtReach(view);
    const { figures, zones, heights, troubles, rests } = view;
    return { figures, things, zones, heights, troubles, rests };
}
/**
 * Asked while a compartment is loaded: whether the whole is above the limit whatever is still to come. What the rest
 * comes to at least, were all of this at the very back: litres over and voids only ever grow.
 */
function isOver(facts, { kind, y0 }, things, loader, { others, weights, limit }) {
    let massKg = 0;
    let mostL = others.filledL;
    for (let i = 0; i < things.length; i += 1) {
        const own = facts.things[things[i]];
        massKg += own.massKg;
        mostL += own.mostL;
    }
    const least = energyOf({
        misfit: others.misfit,
        safety: others.safety,
        tooDeep: others.tooDeep,
        bandMissCm: 0,
        asideCm: 0,
        voidPercent: 0,
        outCm: (others.my + massKg * y0) / facts.totalKg,
        misplaced: others.misplaced,
    }, weights);
    return () => {
        const { overflowCm3, voidCm3 } = loader;
        const voids = kind === 'main' ? voidPercentOf(others.voidL + voidCm3 / 1000, mostL) : 0;
        return least + (weights.misfit * overflowCm3) / 1000 + weights.voidPercent * voids > limit;
    };
}
function isAbove({ facts, compartment, figures }, { others, weights, limit }) {
    const sum = { ...others };
    addFigures(sum, figures, compartment.kind === 'main');
    return energyOf(costOf(sum, facts.problem), weights) > limit;
}
/** Where a thing lies, and what its zone is to it. */
function lookAtThing(view, i, pocketZone) {
    const { facts, state, compartment, loader, figures, things } = view;
    const t = things[i];
    const own = facts.things[t];
    const rigid = loader.rigidAt(i);
    let x = state.xOf(t);
    let y = state.yOf(t);
    let z = compartment.floor[0];
    let litres = own.volumeL;
    if (loader.measure(i)) {
        x = loader.middleX;
        y = loader.middleY;
        z = loader.middleZ;
        if (rigid === undefined)
            litres = loader.filledCm3 / 1000;
    }
    figures.massKg += own.massKg;
    figures.mx += own.massKg * x;
    figures.my += own.massKg * y;
    figures.mz += own.massKg * z;
    figures.hz += own.heavyKg * z;
    if (compartment.zone?.kind === 'side')
        figures.sideKg += compartment.zone.at.x > 0 ? own.massKg : -own.massKg;
    figures.filledL += litres;
    const zone = pocketZone >= 0 ? pocketZone : mainZoneAt(facts.parting, y, z);
    const choice = own.choices[zone];
    figures.misplaced += choice.misplaced;
    if (rigid === undefined && own.isPinned)
        figures.misplaced += PER_CM_ASTRAY * hypot(x - state.xOf(t), y - state.yOf(t));
    figures.safety += choice.safety;
    figures.tooDeep += choice.tooDeep;
    let trouble = TROUBLE.unsafe * choice.safety + TROUBLE.outOfReach * choice.tooDeep;
    if (loader.overflowOf(i) > NOTICEABLE_CM3)
        trouble += TROUBLE.over;
    if (choice.misplaced >= LEVEL_COST.poor)
        trouble += TROUBLE.poorPlace;
    if (rigid !== undefined)
        trouble += lookAtRigid(view, own, rigid, y);
    else if (own.hasPoints && compartment.kind === 'main' && arePointsAtBack(own.thing, nearestCm(loader, i))) {
        figures.safety += 1;
        trouble += TROUBLE.unsafe;
    }
    view.zones.push(zone);
    view.heights.push(z);
    view.troubles.push(trouble);
    view.rests.push(rigid);
}
/** How near to the back panel the i-th thing comes, cm. */
function nearestCm(loader, i) {
    const { nx, cellCm } = loader.compartment;
    return loader.partsOf(i).reduce((least, p) => min(least, cellCm * trunc(p.column / nx)), Infinity);
}
/** A long thing that lies, a hard one that is felt in the back; how much trouble that is. */
function lookAtRigid({ compartment, loader, figures }, { thing, isLong }, { turn }, yCm) {
    if (isLong && !turn.upright)
        figures.misplaced += LYING_LONG;
    if (compartment.kind !== 'main')
        return 0;
    const fromBackCm = yCm - turn.depthCm / 2 - compartment.y0;
    if (!isHardAtBack(thing, turn, fromBackCm, loader.hasSlab))
        return 0;
    figures.safety += 1;
    return TROUBLE.unsafe;
}
function lookAtStanding({ facts, compartment, loader, figures, things, troubles }) {
    const standing = things.map((t, i) => {
        const rigid = loader.rigidAt(i);
        return { bottle: facts.things[t].isBottle, stiff: rigid === undefined ? undefined : boxOf(rigid) };
    });
    for (let i = 0; i < things.length; i += 1) {
        if (badStand(i, standing, compartment.zone?.at.z) === undefined)
            continue;
        figures.safety += 1;
        troubles[i] += TROUBLE.unsafe;
    }
}
/** Voids, and what does not go in by volume or by weight. */
function lookAtRoom({ facts, c, compartment, loader, figures, things }) {
    const { kind, zone } = compartment;
    figures.voidL = (loader.voidCm3 + (kind === 'main' ? loader.creviceCm3() : 0)) / 1000;
    figures.misfit = loader.overflowCm3 / 1000;
    if (zone !== undefined) {
        figures.misfit = max(figures.misfit, figures.filledL + figures.misfit - zone.volumeL);
        figures.misfit += max(0, figures.massKg - (zone.maxLoadKg ?? Infinity));
    }
    figures.misfit += fullestOverL(facts, c, things);
    figures.tooDeep += beyondHandful(zone?.kind, things.filter((t) => !facts.things[t].isSpent).length);
    // What can go nowhere else comes before what can.
    for (let i = 0; i < things.length; i += 1)
        if (facts.things[things[i]].allowed.length <= FEW_CHOICES.most)
            figures.misfit += ((FEW_CHOICES.counts - 1) * max(0, loader.overflowOf(i))) / 1000;
}
/** What lies over what is wanted soon, and pairs that must not touch. */
function lookAtReach({ facts, compartment, loader, figures, things, zones, troubles }) {
    const coverOf = quickCover(loader);
    for (let i = 0; i < things.length; i += 1) {
        const { thing, choices } = facts.things[things[i]];
        const limit = REACH_LIMIT[thing.needed];
        const { exempt, tooDeep } = choices[zones[i]];
        figures.misplaced += LATER_FOOD_OVER * laterFoodOver(facts, loader, things, i);
        if (limit === Infinity || exempt || tooDeep > 0)
            continue;
        const deep = max(0, coverOf(i) - limit);
        figures.tooDeep += deep;
        troubles[i] += TROUBLE.tooDeep * deep;
    }
    const unsafe = (i, j) => {
        figures.safety += 1;
        troubles[i] += TROUBLE.unsafe;
        troubles[j] += TROUBLE.unsafe;
    };
    for (const [low, high] of crushedPairs(facts, loader, things))
        unsafe(low, high);
    if (compartment.id === 'main')
        lookAtHouse(facts, loader, figures, coverOf);
    for (const [p, q] of facts.clashes) {
        const [i, j] = [things.indexOf(p), things.indexOf(q)];
        if (i < 0 || j < 0)
            continue;
        // A pocket is too small to part them.
        if (compartment.zone === undefined && loader.touchCm2(min(i, j), max(i, j)) < TOUCHES_CM2)
            continue;
        unsafe(i, j);
    }
}
/** Uprights that a pack without a frame lacks, and what lies over tall things that are to be drawn out. */
function lookAtHouse({ uprights, problem }, loader, figures, coverOf) {
    const inColumns = problem.house.stacking === 'columns';
    if (uprights === 0 && !inColumns)
        return;
    let stand = 0;
    for (let i = 0; i < loader.loaded; i += 1) {
        const turn = loader.rigidAt(i)?.turn;
        if (turn === undefined)
            continue;
        if (isUprightStay(turn))
            stand += 1;
        if (inColumns && isTall(turn))
            figures.misplaced += PER_OVER_TALL * coverOf(i);
    }
    figures.misplaced += PER_UPRIGHT_MISSING * max(0, uprights - stand);
}
//# sourceMappingURL=viewOf.js.map