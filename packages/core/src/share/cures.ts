/**
 * What to do when nothing fits: what binds and by how much, and the cures there are, each tried on the trip and solved
 * anew, so that its effect is computed and not guessed. A cure never leaves safety kit behind, never raises a limit of
 * somebody under 18, hurt or ill, and never goes above the bound of planning.
 */
import { replaceShare } from '../trip/changes.js';
import { diffTrip, type TripEdit } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
import { cureCandidates } from './cureCandidates.js';
import { FITS } from './fits.js';
import { worstOf, type Worst } from './overLimit.js';
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import { sharedLoadKg, sharedVolumeL, shareProblem, type Carrier, type ShareProblem } from './problem.js';
import { solveShare, type SolvedShare } from './solveShare.js';

/** What is too much in the best share there is. */
export interface Binding {
  readonly what: string;
  readonly overKg: number;
  readonly overL: number;
}

export interface ShareCure {
  readonly label: string;
  /** What it costs beside its effect: comfort, safety margin, money. */
  readonly price: string;
  /** Load above limits and volume above packs that are left with it, over members and days. */
  readonly overloadKg: number;
  readonly overVolumeL: number;
  /** Load over limit of whoever is worst off, without and with it. */
  readonly worstBefore?: Worst;
  readonly worstAfter?: Worst;
  /** The rules contradict each other still. */
  readonly contradiction: boolean;
  /** Nothing is above a limit or a pack any more, and all is shared. */
  readonly fits: boolean;
  /** The change with its new share, to be played on the trip it was computed for. */
  readonly edits: readonly TripEdit[];
}

export interface Misfit {
  readonly contradictions: readonly string[];
  readonly bindings: readonly Binding[];
  readonly overloadKg: number;
  readonly overVolumeL: number;
  /** Best first. */
  readonly cures: readonly ShareCure[];
  /** The first cure leaves nothing above a limit or a pack. */
  readonly isEnough: boolean;
}

/** Search moves for each cure tried: enough to see what it does, few enough to try forty. */
const CURE_ITERATIONS = 60_000;
const MOST_TRIED = 48;
const MOST_SHOWN = 8;
const MOST_TOGETHER = 3;
const MOST_TRIED_AGAIN = 32;
/**
 * What keeps a trip's pieces from fitting, with cures.
 *
 * @param onProgress how far the trying is, 0 to 1
 * @returns undefined when a share fits: nothing needs a cure
 */
export function shareMisfit(
  trip: Trip,
  seed: number,
  onProgress: (done: number) => void = () => undefined,
): Misfit | undefined {
  const problem = shareProblem(trip);
  const now = quick(problem, seed);
  if (now !== undefined && now.score.infeasibility <= FITS) return undefined;
  const before = { problem, solved: now };
  const tried = tryOut(trip, before, MOST_TRIED, seed, (done) => onProgress(done / 2));
  const joined = tried.some((t) => t.cure.fits) ? undefined : together(trip, before, tried, seed, onProgress);
  const cures = [...(joined === undefined ? [] : [joined]), ...tried].sort(gentlestFirst);
  const [best] = cures;
  return {
    contradictions: problem.contradictions,
    bindings: now === undefined ? [] : bindings(problem, now),
    overloadKg: now?.score.overloadKg ?? 0,
    overVolumeL: now?.score.overVolumeL ?? 0,
    cures: cures.slice(0, MOST_SHOWN).map((c) => c.cure),
    isEnough: best?.cure.fits === true,
  };
}

interface Solved {
  readonly problem: ShareProblem;
  readonly solved: SolvedShare | undefined;
}
/** A cure that helps, with what it leads to. */
interface Tried extends Solved {
  readonly cure: ShareCure;
  readonly rank: number;
  readonly onlyByWord: boolean;
  readonly left: number;
  readonly after: Trip;
  readonly once: string | undefined;
}

/** What the worst off then has, in steps that matter. */
function inSteps({ cure: { worstAfter } }: Tried): number {
  return Math.round((worstAfter?.ratio ?? 0) / (2 * EASED));
}

/**
 * What cures all first, the gentlest of those first; then what lightens packs, by whom is worst off, then by what is left.
 */
function gentlestFirst(a: Tried, b: Tried): number {
  return (
    Number(b.cure.fits) - Number(a.cure.fits) ||
    (a.cure.fits ? 0 : Number(a.onlyByWord) - Number(b.onlyByWord)) ||
    (a.cure.fits ? a.rank - b.rank : inSteps(a) - inSteps(b) || a.left - b.left) ||
    a.rank - b.rank
  );
}

/** One contradiction fewer, less that is too much, or as much and the worst off is better off. */
function helps(before: Solved, after: Solved): boolean {
  if (after.solved === undefined)
    return after.problem.contradictions.length < before.problem.contradictions.length;
  if (before.solved === undefined) return true;
  if (after.solved.score.infeasibility <= FITS) return true;
  const gain = before.solved.score.infeasibility - after.solved.score.infeasibility;
  const eased = worstRatio(before) - worstRatio(after);
  // Somebody who is much too heavily laden is helped by others, even if those are then more above their own limits.
  return eased > MUCH_EASED || (gain > FITS ? eased > -MUCH_EASED : gain > -FITS && eased > EASED);
}
function worstRatio({ problem, solved }: Solved): number {
  return (solved === undefined ? undefined : worstOf(problem, solved))?.ratio ?? 0;
}
/** Ratios nearer than this are the same to a carrier (Graft's own number). */
const EASED = 0.005;
const MUCH_EASED = 0.02;

/** Candidates that help, each solved anew. */
function tryOut(
  trip: Trip,
  before: Solved,
  most: number,
  seed: number,
  onProgress: (part: number) => void,
  done: ReadonlySet<string> = new Set(),
): readonly Tried[] {
  const candidates = cureCandidates(trip, before.problem, before.solved)
    .filter(({ once }) => once === undefined || !done.has(once))
    .slice(0, most);
  return candidates
    .flatMap((candidate, i): readonly Tried[] => {
      const problem = shareProblem(candidate.after);
      const solved = quick(problem, seed);
      onProgress((i + 1) / candidates.length);
      if (!helps(before, { problem, solved })) return [];
      const after = solved === undefined ? candidate.after : replaceShare(candidate.after, solved.share);
      const { label, price, rank, once, onlyByWord = false } = candidate;
      const cure = cureOf(trip, { label, price }, before, { problem, solved }, after);
      const left = solved?.score.infeasibility ?? 1e6;
      return [{ cure, rank, onlyByWord, left, problem, solved, after, once }];
    })
    .sort(gentlestFirst);
}

function cureOf(
  trip: Trip,
  words: Pick<ShareCure, 'label' | 'price'>,
  before: Solved,
  { problem, solved }: Solved,
  after: Trip,
): ShareCure {
  const worst = [before, { problem, solved }].map((s) =>
    s.solved === undefined ? undefined : worstOf(s.problem, s.solved),
  );
  return {
    ...words,
    overloadKg: solved?.score.overloadKg ?? 0,
    overVolumeL: solved?.score.overVolumeL ?? 0,
    ...(worst[0] === undefined ? {} : { worstBefore: worst[0] }),
    ...(worst[1] === undefined ? {} : { worstAfter: worst[1] }),
    contradiction: solved === undefined,
    fits: solved !== undefined && solved.score.infeasibility <= FITS,
    edits: diffTrip(trip, after),
  };
}

/** Where no single cure is enough, the best of them and what helps most after it, up to three together. */
function together(
  trip: Trip,
  before: Solved,
  first: readonly Tried[],
  seed: number,
  onProgress: (done: number) => void,
): Tried | undefined {
  const [start] = first;
  if (start === undefined) return undefined;
  const steps = [start];
  let last = start;
  while (!last.cure.fits && steps.length < MOST_TOGETHER) {
    const made = steps.length;
    const tell = (part: number): void => onProgress(0.5 + (made - 1 + part) / (2 * (MOST_TOGETHER - 1)));
    const done = new Set(steps.flatMap((s) => s.once ?? []));
    const [next] = tryOut(last.after, last, MOST_TRIED_AGAIN, seed, tell, done);
    if (next === undefined) break;
    steps.push(next);
    last = next;
  }
  if (steps.length === 1) return undefined;
  const words = {
    label: steps.map((s) => s.cure.label).join('; then: '),
    price: [...new Set(steps.map((s) => s.cure.price))].join('; '),
  };
  return {
    ...last,
    cure: cureOf(trip, words, before, last, last.after),
    rank: Math.max(...steps.map((s) => s.rank)),
    onlyByWord: steps.every((s) => s.onlyByWord),
  };
}

function quick(problem: ShareProblem, seed: number): SolvedShare | undefined {
  const result = solveShare(problem, { seed, iterations: CURE_ITERATIONS, proofNodes: 0 });
  return result.kind === 'solved' ? result : undefined;
}

function roomKg({ limitKg, baseKg }: Carrier, d: number): number {
  return Math.max(0, limitKg[d]! - baseKg[d]!);
}

/** Where the best share is too much, by member; and what no division at all could take, by day. */
function bindings(problem: ShareProblem, best: SolvedShare): readonly Binding[] {
  const list: Binding[] = [];
  for (let d = 0; d < problem.dayCount; d += 1) {
    const here = problem.carriers.flatMap((c, m) => (c.limitKg[d] === Infinity ? [] : [m]));
    const total = (of: (m: number) => number): number => here.reduce((sum, m) => sum + of(m), 0);
    const massKg = problem.bundles.reduce((sum, b) => sum + b.massKg[d]!, 0);
    const volumeL = problem.bundles.reduce((sum, b) => sum + leastVolumeL(b, d), 0);
    const roomL = mostRoomL(problem, d);
    const overKg = massKg - total((m) => roomKg(problem.carriers[m]!, d));
    const overL = volumeL - total((m) => roomL[m]!);
    const day = problem.firstDay + d;
    if (overKg > FITS)
      list.push({
        what: `Day ${day}: the whole party's limits are too low for the group kit`,
        overKg,
        overL: 0,
      });
    if (overL > FITS)
      list.push({ what: `Day ${day}: all packs together are too small for the group kit`, overKg: 0, overL });
  }
  for (const carrier of problem.carriers) {
    const loadKg = sharedLoadKg(problem, carrier, best.share);
    const volumeL = sharedVolumeL(problem, carrier, best.share);
    let [overKg, overL, dayKg, dayL] = [0, 0, 0, 0];
    for (let d = 0; d < problem.dayCount; d += 1) {
      const kg = loadKg[d]! - carrier.limitKg[d]!;
      const litres = volumeL[d]! - carrier.freeVolumeL[d]!;
      if (kg > overKg) [overKg, dayKg] = [kg, problem.firstDay + d];
      if (litres > overL) [overL, dayL] = [litres, problem.firstDay + d];
    }
    const { name } = carrier;
    if (overKg > FITS)
      list.push({ what: `${name} is above the limit, most on day ${dayKg}`, overKg, overL: 0 });
    if (overL > FITS)
      list.push({ what: `${name}'s pack is too small, most on day ${dayL}`, overKg: 0, overL });
  }
  return list;
}
