/** Numbers of handovers below which none can do: what must leave each carrier, and what is where it may not stay. */
import { FITS } from './fits.js';
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import type { Bundle, ShareProblem } from './problem.js';
import { handoversOf } from './reshare.js';

/** Whether one member has all of it. */
export function isOneHands({ carriedBy, pieceIds }: Bundle): boolean {
  return (
    carriedBy.length > 0 && carriedBy.length === pieceIds.length && carriedBy.every((m) => m === carriedBy[0])
  );
}

/** Whether one member has all of it who may keep it. */
export function isSettled(bundle: Bundle): boolean {
  return isOneHands(bundle) && bundle.allowed.includes(bundle.carriedBy[0]!);
}

/** @param asked from `askedProblem` */
export function fewestConceivable(asked: ShareProblem): number {
  const holds = asked.carriers.map((): number[] => []);
  let homeless = 0;
  asked.bundles.forEach((bundle, b) => {
    if (isSettled(bundle)) holds[bundle.carriedBy[0]!]!.push(b);
    else homeless += Math.min(...bundle.allowed.map((m) => handoversOf(bundle, m)));
  });
  const leaving = fewestToLeave(asked);
  return homeless + holds.reduce((sum, held, m) => sum + leaving(m, held, []), 0);
}

/** What is said to have to leave where even that would not do. */
const TOO_MUCH = 1_000_000;

/**
 * How many bundles must leave a carrier at least for the rest to fit, on the day that asks for most.
 *
 * @returns a function of a carrier, the bundles that may leave, and those that stay
 */
export function fewestToLeave(
  asked: ShareProblem,
): (m: number, free: readonly number[], kept: readonly number[]) => number {
  const { bundles, carriers } = asked;
  const roomL = Array.from({ length: asked.dayCount }, (_v, d) => mostRoomL(asked, d));
  const litres = bundles.map((b) => roomL.map((_of, d) => leastVolumeL(b, d)));
  return (m, free, kept) => {
    const { limitKg, baseKg } = carriers[m]!;
    return limitKg.reduce((most, limit, d) => {
      if (limit === Infinity) return most;
      const sum = (of: (b: number) => number): number => kept.reduce((total, b) => total + of(b), 0);
      const kg = (b: number): number => bundles[b]!.massKg[d]!;
      const l = (b: number): number => litres[b]![d]!;
      return Math.max(
        most,
        fewestToGo(free, kg, limit - baseKg[d]! - sum(kg)),
        fewestToGo(free, l, roomL[d]![m]! - sum(l)),
      );
    }, 0);
  };
}

/** How many bundles must go at least for the rest to fit: the largest first. */
function fewestToGo(held: readonly number[], amount: (b: number) => number, room: number): number {
  let excess = held.reduce((sum, b) => sum + amount(b), 0) - room;
  if (excess <= FITS) return 0;
  const amounts = held.map(amount).sort((x, y) => y - x);
  let count = 0;
  for (const a of amounts) {
    if (excess <= FITS) return count;
    excess -= a;
    count += 1;
  }
  return excess <= FITS ? count : TOO_MUCH;
}
