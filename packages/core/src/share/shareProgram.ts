/**
 * The sharing problem as linear and integer programs, in the text format that LP solvers read (CPLEX LP). What solves
 * them is the caller's: the bound of a share, the least overload there must be, and the proof of fewest handovers.
 *
 * x_b_m says that carrier m has bundle b; every bundle is carried once, every pack holds what it is given, pieces to be
 * kept apart are apart.
 */
import type { ShareProblem } from './problem.js';

const variable = (b: number, m: number): string => `x_${b}_${m}`;

/** A number as the format reads it; what rounds to nothing is left out. */
function term(coefficient: number, name: string): string {
  if (coefficient === 0) return '';
  return coefficient < 0 ? ` - ${-coefficient} ${name}` : ` + ${coefficient} ${name}`;
}

/** Amounts of the bundles that a carrier may have on a day, as a sum of terms; empty without any. */
function carried(problem: ShareProblem, m: number, amount: (b: number) => number): string {
  return problem.bundles
    .map((bundle, b) => (bundle.allowed.includes(m) ? term(amount(b), variable(b, m)) : ''))
    .join('');
}

function carriedOnce(problem: ShareProblem): readonly string[] {
  return problem.bundles.map((b, i) => `${b.allowed.map((m) => variable(i, m)).join(' + ')} = 1`);
}

function keptApart(problem: ShareProblem): readonly string[] {
  return problem.apart.flatMap((list) =>
    problem.carriers.flatMap((_carrier, m) => {
      const together = list.filter((b) => problem.bundles[b]!.allowed.includes(m));
      return together.length > 1 ? [`${together.map((b) => variable(b, m)).join(' + ')} <= 1`] : [];
    }),
  );
}

function eachDay<T>(problem: ShareProblem, make: (m: number, d: number) => readonly T[]): readonly T[] {
  return problem.carriers.flatMap((carrier, m) =>
    Array.from({ length: problem.dayCount }, (_v, d) => d)
      .filter((d) => carrier.limitKg[d] !== Infinity)
      .flatMap((d) => make(m, d)),
  );
}

/**
 * Sums of volumes and what each is at most: all without what food may fill, and, where there are stiff containers, all
 * of it without what those hold.
 */
function volumesOn(
  problem: ShareProblem,
  m: number,
  d: number,
): readonly (readonly [sum: string, room: number])[] {
  const { freeVolumeL, stiffL } = problem.carriers[m]!;
  const room = Math.max(0, freeVolumeL[d]!);
  const { bundles } = problem;
  const rows = [
    [carried(problem, m, (b) => bundles[b]!.volumeL[d]! - bundles[b]!.stiffL[d]!), room + stiffL[d]!],
    [carried(problem, m, (b) => bundles[b]!.volumeL[d]! - bundles[b]!.fillsL[d]!), room],
  ] as const;
  const isPlain = stiffL[d] === 0 && bundles.every((b) => b.stiffL[d] === 0);
  return rows.slice(0, isPlain ? 1 : 2).filter(([sum]) => sum !== '');
}

/** Packs hold what they are given; one that personal things overfill takes nothing more. */
function packsHold(problem: ShareProblem): readonly string[] {
  return eachDay(problem, (m, d) => {
    return volumesOn(problem, m, d).map(([sum, room]) => `${sum} <= ${room}`);
  });
}

function massOn(problem: ShareProblem, m: number, d: number): string {
  return carried(problem, m, (b) => problem.bundles[b]!.massKg[d]!);
}

function assembled(
  problem: ShareProblem,
  objective: string,
  rows: readonly string[],
  integer: boolean,
  bounds: readonly string[] = [],
): string {
  const variables = problem.bundles.flatMap((b, i) => b.allowed.map((m) => variable(i, m)));
  return [
    'Minimize',
    ` obj: ${objective}`,
    'Subject To',
    ...rows.map((row, i) => ` r${i}: ${row}`),
    'Bounds',
    ...variables.map((v) => ` 0 <= ${v} <= 1`),
    ...bounds.map((b) => ` ${b}`),
    ...(integer ? ['Binary', ...variables.map((v) => ` ${v}`)] : []),
    'End',
    '',
  ].join('\n');
}

/**
 * Minimise the level λ: the load of everybody who carries something of the group's on a day is at most λ·yardstick,
 * and within the limit.
 *
 * Somebody whose own things are above a level takes nothing at that level, so room is max(0, λ·y − p): not linear. With
 * a level that is surely reached and one that surely is not, the straight line between their rooms is never less, and
 * the program stays a bound. Where no such member is, it is exact.
 *
 * @param below a level that no share is below: `bound.level`
 * @param reached a level that some share has
 * @param integer whole bundles or divisible ones; whole ones make the optimum only where the program is exact
 */
export function levelProgram(problem: ShareProblem, below: number, reached: number, integer = false): string {
  const rows = [...carriedOnce(problem), ...keptApart(problem), ...packsHold(problem)];
  rows.push(
    ...eachDay(problem, (m, d) => {
      const mass = massOn(problem, m, d);
      if (mass === '') return [];
      const { yardKg, baseKg, limitKg } = problem.carriers[m]!;
      const [yard, base] = [yardKg[d]!, baseKg[d]!];
      const withinLimit = `${mass} <= ${Math.max(0, limitKg[d]! - base)}`;
      const roomAt = (level: number): number => Math.max(0, level * yard - base);
      const [low, high] = [roomAt(below), roomAt(reached)];
      // Nobody takes anything at a level that their own things are above.
      if (high === 0) return [`${mass} <= 0`];
      if (low > 0) return [`${mass} - ${yard} lambda <= ${-base}`, withinLimit];
      const slope = (high - low) / (reached - below);
      return [`${mass} - ${slope} lambda <= ${low - slope * below}`, withinLimit];
    }),
  );
  return assembled(problem, 'lambda', rows, integer, [`lambda >= ${below}`]);
}

/** Minimise load above limits, by what it counts, and volume above packs, beyond what personal things alone make; over all days. */
export function overloadProgram(problem: ShareProblem, integer = false): string {
  const excess: string[] = [];
  const rows = [...carriedOnce(problem), ...keptApart(problem)];
  eachDay(problem, (m, d) => {
    const { limitKg, baseKg, overWeight } = problem.carriers[m]!;
    const above = (
      name: string,
      sums: readonly (readonly [sum: string, room: number])[],
      weight = 1,
    ): void => {
      if (sums.length === 0) return;
      excess.push(`${weight} ${name}`);
      for (const [sum, room] of sums) rows.push(`${sum} - ${name} <= ${room}`);
    };
    const mass = massOn(problem, m, d);
    above(`kg_${m}_${d}`, mass === '' ? [] : [[mass, Math.max(0, limitKg[d]! - baseKg[d]!)]], overWeight);
    above(`l_${m}_${d}`, volumesOn(problem, m, d));
    return [];
  });
  return assembled(problem, excess.join(' + ') || '0 lambda', rows, integer);
}

/**
 * Minimise the cost of handovers so that every load keeps to its limit and every pack holds.
 *
 * @param problem from `askedProblem`: its limits are what is asked
 * @param cost of bundle b going to carrier m; 0 where it is already
 */
export function handoverProgram(problem: ShareProblem, cost: (b: number, m: number) => number): string {
  const rows = [...carriedOnce(problem), ...keptApart(problem), ...packsHold(problem)];
  rows.push(
    ...eachDay(problem, (m, d) => {
      const mass = massOn(problem, m, d);
      const { limitKg, baseKg } = problem.carriers[m]!;
      return mass === '' ? [] : [`${mass} <= ${Math.max(0, limitKg[d]! - baseKg[d]!)}`];
    }),
  );
  const objective = problem.bundles
    .flatMap((bundle, b) => bundle.allowed.map((m) => term(cost(b, m), variable(b, m))))
    .join('');
  return assembled(problem, objective === '' ? '0 lambda' : objective, rows, true);
}

/** What an LP solver answers, as far as it is used: the value of each variable by name. */
export interface ProgramColumns {
  readonly [name: string]: { readonly Primal?: number } | undefined;
}

/** The carrier of each bundle in a solved integer program. */
export function assignmentOf(problem: ShareProblem, columns: ProgramColumns): Int32Array {
  return Int32Array.from(problem.bundles, (bundle, b) =>
    bundle.allowed.reduce((best, m) => {
      const value = (at: number): number => columns[variable(b, at)]?.Primal ?? 0;
      return value(m) > value(best) ? m : best;
    }),
  );
}
