import { carrierOf } from '../trip/queries.js';
import { nearIn } from './handovers.js';
import { shareProblem } from './problem.js';
import { fewestHandovers } from './fewestHandovers.js';
import { askedProblem, handoverCost, onTheWay } from './reshare.js';
import { handoverProgram } from './shareProgram.js';
import { solveShare, usualIterations } from './solveShare.js';
/** Search moves for the best share and for the fewest handovers. */
const BEST_ITERATIONS = 600_000;
const FEWEST_ITERATIONS = 800_000;
/**
 * @param trip as it is once what happened has happened: see `afterEvent`
 * @param day the first day of the new share
 */
export function planReshare(trip, day, aim, seed) {
    const problem = onTheWay(trip, shareProblem(trip, day));
    const best = solveShare(problem, {
        seed,
        iterations: Math.min(BEST_ITERATIONS, usualIterations(problem)),
        levelGive: 0,
    });
    if (best.kind === 'contradiction')
        return { kind: 'contradiction', reasons: best.reasons };
    const index = new Map(problem.carriers.map((c, m) => [c.memberId, m]));
    const carrier = new Map(best.share.map((a) => [a.pieceId, index.get(a.memberId)]));
    const reached = problem.bundles.map((b) => carrier.get(b.pieceIds[0]));
    const asked = askedProblem(problem, aim, reached);
    const fewestIterations = Math.min(FEWEST_ITERATIONS, 2 * usualIterations(problem));
    const found = fewestHandovers(asked, nearIn(trip, problem), reached, seed, fewestIterations);
    return {
        kind: 'solved',
        moves: movesOf(trip, problem, found.assignment),
        count: found.count,
        atLeast: found.atLeast,
        best: best.score,
        reached,
    };
}
/** The pieces that an assignment takes from whoever carries them on the problem's first day. */
export function movesOf(trip, problem, assignment) {
    return problem.bundles.flatMap((bundle, b) => {
        const toMemberId = problem.carriers[assignment[b]].memberId;
        return bundle.pieceIds
            .filter((id) => carrierOf(trip, id, problem.firstDay) !== toMemberId)
            .map((pieceId) => ({ pieceId, toMemberId, setId: bundle.pieceIds[0] }));
    });
}
/** The integer program whose optimum is the fewest handovers for an aim, and the problem that reads its answer. */
export function fewestProgram(trip, day, aim, reached) {
    const problem = onTheWay(trip, shareProblem(trip, day));
    const asked = askedProblem(problem, aim, reached);
    const near = nearIn(trip, problem);
    return { problem, program: handoverProgram(asked, (b, m) => handoverCost(asked, near, b, m)) };
}
//# sourceMappingURL=planReshare.js.map