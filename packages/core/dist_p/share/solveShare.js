/**
 * The share solver: simulated annealing over shifts and swaps, in tiers.
 *
 * 1. least infeasibility (load above limits, volume above packs, keep-apart rules);
 * 2. lowest level: the largest ratio of members on days on which they carry something of the group's, chasing a
 *    target just below the incumbent; then, where the trip is small enough, a search that proves it the lowest;
 * 3. fewest pieces above a fair number for one carrier, while the level stays within the give of the best found;
 * 4. evenness, the same;
 * 5. tidiness: even numbers of pieces, bulk in the bigger packs, few changes, while evenness stays within its give.
 *
 * Tiers are solved one after another, each holding what the earlier reached. Budgets count iterations, not seconds,
 * so that a seed reproduces a share.
 */
import { seededRandom } from '../units/random.js';
import { anneal } from './anneal.js';
import { ownInfeasibility, shareBound } from './bound.js';
import { proveLevel } from './proveLevel.js';
import { crowdTier, evenTiers, fitTier, Floor, Incumbent, isAtBound, levelTier, PART, tidyTier, TINY, } from './searchTiers.js';
import { ShareState } from './shareState.js';
import { currentAssignment, greedyAssignment } from './startingShares.js';
/** How much of the level the evenness tier may give back when nothing else is asked for: 0.02 %. */
export const LEVEL_GIVE = 0.0002;
/** What a leader may ask for instead: 1 % of the level, for much fairer later days. */
export const LEVEL_GIVE_FOR_DAYS = 0.01;
const PROGRESS_EVERY = 16_384;
/** Search moves that a problem's size asks for, and the most of them. */
const ITERATIONS_PER_CHOICE = 1_500;
const MOST_ITERATIONS = 1_600_000;
/** A proof is worth a long try where few bundles can move. */
const PROVABLE_BUNDLES = 24;
const PROOF_NODES = 4_000_000;
const FEW_PROOF_NODES = 50_000;
/** Search moves by the number of choices there are. */
export function usualIterations(problem) {
    const choices = problem.bundles.reduce((sum, b) => sum + b.allowed.length, 0);
    return Math.min(MOST_ITERATIONS, ITERATIONS_PER_CHOICE * choices);
}
function usualNodes(problem) {
    const movable = problem.bundles.filter((b) => b.allowed.length > 1).length;
    return movable <= PROVABLE_BUNDLES ? PROOF_NODES : FEW_PROOF_NODES;
}
/**
 * Divide all group pieces among the members.
 *
 * @param problem from `shareProblem`
 * @param options seed and budget
 * @returns a share with its score, bound and gap; or the contradicting rules, when no share can exist
 */
export function solveShare(problem, options) {
    const { seed, iterations = usualIterations(problem), levelGive = LEVEL_GIVE, tiers = 'all' } = options;
    const reasons = [...problem.contradictions];
    if (problem.carriers.length === 0)
        reasons.push('the trip has no members to carry anything');
    if (reasons.length > 0)
        return { kind: 'contradiction', seed, reasons };
    const state = new ShareState(problem, greedyAssignment(problem));
    const best = new Incumbent(problem, state, shareBound(problem));
    const start = currentAssignment(problem);
    if (start !== undefined)
        best.takeIfBetter(start);
    const told = { spent: 0, at: 0, reachedLevel: best.score.level, proven: false };
    const random = seededRandom(seed);
    const movable = problem.bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
    const spend = (moves) => {
        told.spent += moves;
        if (options.onProgress === undefined || told.spent - told.at < PROGRESS_EVERY)
            return;
        told.at = told.spent;
        const planned = iterations * (PART.fit + PART.level + PART.crowd + PART.even + PART.tidy);
        options.onProgress({ done: Math.min(1, told.spent / planned), best: answer(best, seed, told) });
    };
    const run = (tier) => {
        if (movable.length > 0)
            anneal(state, movable, tier, random, spend);
    };
    run(fitTier(best, iterations));
    if (tiers === 'fit')
        return answer(best, seed, told);
    const floor = new Floor(best.score);
    run(levelTier(best, floor, iterations));
    told.proven = isAtBound(best) || isRuledOut(best, floor, options.proofNodes ?? usualNodes(problem));
    told.reachedLevel = best.score.level;
    const levelCap = told.reachedLevel * (1 + levelGive) + TINY * best.unit;
    run(crowdTier(best, floor, levelCap, iterations));
    floor.holdCrowding(best.score);
    for (const tier of evenTiers(best, floor, levelCap, iterations))
        run(tier);
    run(tidyTier(best, floor, levelCap, options.evennessGives ?? true, iterations));
    return answer(best, seed, told);
}
/** Where the trip is small enough, a search that rules out every lower level; it may find one and take it. */
function isRuledOut(best, floor, nodes) {
    const { problem, state } = best;
    if (floor.apart > 0 || floor.over > ownInfeasibility(problem) + TINY)
        return false;
    const proof = proveLevel(problem, best.assignment, best.score.level, nodes);
    state.restore(proof.assignment);
    best.take();
    return proof.proven;
}
function answer({ problem, assignment, score, bound }, seed, told) {
    return {
        kind: 'solved',
        seed,
        share: asShare(problem, assignment),
        score,
        bound,
        gap: shareGap(score.level, bound.level),
        reachedLevel: told.reachedLevel,
        proven: told.proven,
        iterations: told.spent,
    };
}
function asShare(problem, assignment) {
    return problem.bundles.flatMap((bundle, b) => bundle.pieceIds.map((pieceId) => ({
        pieceId,
        memberId: problem.carriers[assignment[b]].memberId,
        locked: bundle.lockedPieceIds.includes(pieceId),
    })));
}
/** How far a level is above the bound, relative to it; a zero bound has no gap. */
export function shareGap(level, boundLevel) {
    return boundLevel === 0 ? 0 : Math.max(0, level / boundLevel - 1);
}
//# sourceMappingURL=solveShare.js.map