/** Levels to which loads fill up when mass is poured over carriers, freely or in whole steps. */

/**
 * The water-fill level: the least λ with Σ max(0, λ·y − p) ≥ W; 0 when there is nothing to share.
 *
 * @param yards y, each above 0
 * @param bases p, kg, of the same length
 * @param sharedKg W, kg, 0 or more
 */
export function waterFillLevel(yards: readonly number[], bases: readonly number[], sharedKg: number): number {
  if (sharedKg <= 0) return 0;
  const order = yards.map((_y, i) => i).sort((a, b) => bases[a]! / yards[a]! - bases[b]! / yards[b]!);
  let yardSum = 0;
  let baseSum = 0;
  let level = 0;
  for (const [k, i] of order.entries()) {
    yardSum += yards[i]!;
    baseSum += bases[i]!;
    level = (sharedKg + baseSum) / yardSum;
    const next = order[k + 1];
    if (next === undefined || level <= bases[next]! / yards[next]!) break;
  }
  return level;
}

/** Masses are compared in this, kg: scales and lists are no finer. */
const FINEST_KG = 1e-4;
/** Rounding of masses in that unit. */
const CRUMB = 1e-6;

/**
 * The step that all masses of a day are multiples of, kg; 0 where there is none.
 *
 * @param masses kg
 */
export function massStepKg(masses: readonly number[]): number {
  let step = 0;
  for (const kg of masses) {
    const units = Math.round(kg / FINEST_KG);
    if (Math.abs(kg / FINEST_KG - units) > CRUMB) return 0;
    for (let [a, b] = [step, units]; ; [a, b] = [b, a % b]) {
      step = a;
      if (b === 0) break;
    }
  }
  return step * FINEST_KG;
}

/**
 * The water-fill level when what is poured comes in steps: the least at which everybody's room, in whole steps, holds it.
 *
 * @param level the water-fill level without steps
 * @param stepKg above 0
 */
export function steppedLevel(
  yards: readonly number[],
  bases: readonly number[],
  sharedKg: number,
  level: number,
  stepKg: number,
): number {
  const steps = yards.map((y, i) => Math.floor(Math.max(0, level * y - bases[i]!) / stepKg + CRUMB));
  let missing = Math.round(sharedKg / stepKg) - steps.reduce((a, b) => a + b, 0);
  const next = yards.map((y, i) => (bases[i]! + (steps[i]! + 1) * stepKg) / y);
  let reached = level;
  for (; missing > 0; missing -= 1) {
    let lowest = 0;
    for (let i = 1; i < next.length; i += 1) if (next[i]! < next[lowest]!) lowest = i;
    reached = Math.max(reached, next[lowest]!);
    next[lowest]! += stepKg / yards[lowest]!;
  }
  return reached;
}
