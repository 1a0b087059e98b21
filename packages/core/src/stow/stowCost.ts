/** What a stow costs, tier by tier, and how costs are compared. */

export interface StowCost {
  /** Litres and kg that do not fit; those of things with few places to go count several times. */
  readonly misfit: number;
  /** Safety rules broken. */
  readonly safety: number;
  /** Things over a wanted one, above what its need allows, summed. */
  readonly tooDeep: number;
  /** How far the centre of gravity is outside the band, cm. */
  readonly bandMissCm: number;
  /** How far it is aside beyond half a centimetre, cm. */
  readonly asideCm: number;
  /** Voids beyond what is taken as unavoidable, percent of the space filled. */
  readonly voidPercent: number;
  /** Distance out, places that are second choice, sides: weighed into one number. */
  readonly comfort: number;
}

/** Weights of the tiers in the annealing's single energy; the incumbent is compared tier by tier. */
export const WEIGHTS = {
  misfit: 120,
  safety: 150,
  tooDeep: 30,
  bandMissCm: 60,
  asideCm: 40,
  voidPercent: 12,
};
const TIERS = ['misfit', 'safety', 'tooDeep', 'bandMissCm'] as const;
/**
 * On the coarse grid, things out and out of reach count for less: there they are larger than they are, and they change
 * places only over states that are worse.
 */
export const COARSE_WEIGHTS = { ...WEIGHTS, misfit: 100, tooDeep: 25 };
/** When that has left something wanting, nothing else is worth it any more. */
export const STRICT_WEIGHTS = { ...WEIGHTS, misfit: 1000, safety: 500, tooDeep: 300 };
export type StowWeights = typeof WEIGHTS;

/** Lexicographic order of costs, with a tolerance for rounding. */
export function compareCost(a: StowCost, b: StowCost): number {
  for (const tier of TIERS) if (Math.abs(a[tier] - b[tier]) > 1e-9) return a[tier] - b[tier];
  const last = lastTier(a) - lastTier(b);
  return Math.abs(last) > 1e-9 ? last : 0;
}

/**
 * Evenness, voids, closeness to the back and second choices weighed together: half a millimetre of one is not worth a
 * tenth of the pack of another.
 */
function lastTier(cost: StowCost): number {
  return WEIGHTS.asideCm * cost.asideCm + WEIGHTS.voidPercent * cost.voidPercent + cost.comfort;
}

/** All tiers in one number, as the annealing compares states. */
export function energyOf(cost: StowCost, weights: StowWeights): number {
  return (
    weights.misfit * cost.misfit +
    weights.safety * cost.safety +
    weights.tooDeep * cost.tooDeep +
    weights.bandMissCm * cost.bandMissCm +
    lastTier(cost)
  );
}
