/** What a stow costs, tier by tier, and how costs are compared. */

export interface StowCost {
  /** Litres and kg that do not fit; those of things with few places to go count several times. */
  readonly misfit: number;
  /** Safety rules broken. */
  readonly safety: number;
  /** Things over a wanted one, above what its need allows, summed. */
  readonly tooDeep: number;
  /** How far the heavy half is outside the band, cm. */
  readonly bandMissCm: number;
  /** How far it is aside beyond half a centimetre, cm. */
  readonly asideCm: number;
  /** Voids beyond what is taken as unavoidable, percent of the space filled. */
  readonly voidPercent: number;
  /** Distance of the centre of gravity out from the back, cm. */
  readonly outCm: number;
  /** Places that are second choice or worse, each by how bad it is. */
  readonly misplaced: number;
}

/** What a stow costs that lacks nothing. */
export const NO_COST: StowCost = {
  misfit: 0,
  safety: 0,
  tooDeep: 0,
  bandMissCm: 0,
  asideCm: 0,
  voidPercent: 0,
  outCm: 0,
  misplaced: 0,
};

/**
 * Weights of the tiers in the annealing's single energy; the incumbent is compared tier by tier. A centimetre from the
 * back weighs as much as one and a half things out of place (40 each) or 2.5 % of voids (Graft's own numbers).
 */
export const WEIGHTS = {
  misfit: 400,
  safety: 300,
  tooDeep: 60,
  bandMissCm: 120,
  asideCm: 150,
  voidPercent: 24,
  outCm: 60,
  misplaced: 1,
};
const TIERS = ['misfit', 'safety', 'tooDeep'] as const;
/** Voids beyond the unavoidable, percent, and way aside beyond what is free, cm, from which on they are too much. */
export const HOLLOW_PERCENT = 2.3;
const TOO_FAR_ASIDE_CM = 0.15;
/** A centimetre too far aside is as bad as so many percent of hollows too many (Graft's own number). */
const HOLLOW_PERCENT_PER_CM = 2;
/**
 * Weights on the coarse grid. There everything that is wrong counts for less, beside the distance from the back. The grid
 * makes things larger or smaller than they are, and two things can only change places by way of a state that is worse. With
 * the weights of the fine grid there: the mean energy of 17 packs +1.8 %.
 */
export const COARSE_WEIGHTS = {
  ...WEIGHTS,
  misfit: 160,
  safety: 180,
  tooDeep: 25,
  bandMissCm: 60,
  asideCm: 75,
  voidPercent: 12,
  misplaced: 0.6,
};
/** When that has left something wanting, nothing else is worth it any more. */
export const STRICT_WEIGHTS = { ...WEIGHTS, misfit: 2000, safety: 1000, tooDeep: 600 };
export type StowWeights = typeof WEIGHTS;

/**
 * Lexicographic order of costs, with a tolerance for rounding. A hollow pack settles as it is carried, and does not keep
 * what it promises: what is too hollow or too far aside comes before the band. Of two stows outside the band the one
 * further out may be the better, when it is that much closer to the back.
 */
export function compareCost(a: StowCost, b: StowCost): number {
  for (const tier of TIERS) if (Math.abs(a[tier] - b[tier]) > TINY) return a[tier] - b[tier];
  const beyond = beyondOf(a) - beyondOf(b);
  if (Math.abs(beyond) > TINY) return beyond;
  if (a.bandMissCm <= TINY !== b.bandMissCm <= TINY) return a.bandMissCm - b.bandMissCm;
  const last = lastTiers(a, WEIGHTS) - lastTiers(b, WEIGHTS);
  return Math.abs(last) > TINY ? last : 0;
}
const TINY = 1e-9;

/** Hollows and way aside that are too much, as percent of hollows. */
function beyondOf({ voidPercent, asideCm }: StowCost): number {
  const hollow = Math.max(0, voidPercent - HOLLOW_PERCENT);
  return hollow + HOLLOW_PERCENT_PER_CM * Math.max(0, asideCm - TOO_FAR_ASIDE_CM);
}

/**
 * The band, evenness, voids, closeness to the back and second choices weighed together: half a millimetre of one is not
 * worth a tenth of the pack of another.
 */
function lastTiers(cost: StowCost, weights: StowWeights): number {
  return (
    weights.bandMissCm * cost.bandMissCm +
    weights.asideCm * cost.asideCm +
    weights.voidPercent * cost.voidPercent +
    weights.outCm * cost.outCm +
    weights.misplaced * cost.misplaced
  );
}

/** All tiers in one number, as the annealing compares states. */
export function energyOf(cost: StowCost, weights: StowWeights): number {
  return (
    weights.misfit * cost.misfit +
    weights.safety * cost.safety +
    weights.tooDeep * cost.tooDeep +
    lastTiers(cost, weights)
  );
}

/** Something is left out, or a safety rule broken. */
export function isAmiss({ misfit, safety }: StowCost): boolean {
  return misfit > 1e-6 || safety > 0;
}
/** Something is amiss, or had too late. */
export function isFaulty(cost: StowCost): boolean {
  return isAmiss(cost) || cost.tooDeep > 0;
}
/** Something is faulty, or the heavy half is out of its band. */
export function isWanting(cost: StowCost): boolean {
  return isFaulty(cost) || cost.bandMissCm > 0;
}

/** What a stow costs over several days: half the worst of them and half their mean, by each measure. */
export function overAll(costs: readonly StowCost[]): StowCost {
  const of = (key: keyof StowCost): number => {
    const all = costs.map((c) => c[key]);
    return all.length === 0 ? 0 : (Math.max(...all) + all.reduce((a, b) => a + b, 0) / all.length) / 2;
  };
  return {
    misfit: of('misfit'),
    safety: of('safety'),
    tooDeep: of('tooDeep'),
    bandMissCm: of('bandMissCm'),
    asideCm: of('asideCm'),
    voidPercent: of('voidPercent'),
    outCm: of('outCm'),
    misplaced: of('misplaced'),
  };
}

/** Closeness to the back and places of second choice, as single moves by hand are weighed: a place counts for more. */
export function comfortOf({ outCm, misplaced }: StowCost): number {
  return COMFORT_PER_CM_OUT * outCm + misplaced;
}
const COMFORT_PER_CM_OUT = 25;
