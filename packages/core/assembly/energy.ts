/** What a state comes to, all tiers in one number: see `costOf` in `partFigures.ts` and `energyOf` in `stowCost.ts`. */
import * as s from './searchMemory';
import { desk } from './desk';
import { known } from './facts';

let limit: usize = 0;
export function useLimit(at: usize): void {
  limit = at;
}
export function mostEnergy(): f64 {
  return load<f64>(limit + s.LIMIT_MOST);
}

/** One of the compartment's figures: `field` is its address in the desk, which begins with them. */
export function figure(field: usize): f64 {
  return load<f64>(desk + field);
}
export function add(field: usize, by: f64): void {
  store<f64>(desk + field, load<f64>(desk + field) + by);
}
/** What all other compartments come to. */
export function others(field: usize): f64 {
  return load<f64>(s.limitOthers(limit) + field);
}
export function weight(field: usize): f64 {
  return load<f64>(limit + field);
}

/** Voids beyond what is nobody's fault, percent of the space filled. */
export function voidPercent(voidL: f64, filledL: f64): f64 {
  if (filledL <= 0) return 0;
  return max(0, (100 * voidL) / (filledL + voidL) - known(s.FACTS_VOID_FREE_PERCENT));
}

/** A figure of the compartment and all others. */
function both(field: usize): f64 {
  return others(field) + figure(field);
}

/** The energy of the compartment and all others. */
export function energy(): f64 {
  const isMain = load<i32>(desk + s.DESK_IS_MAIN) !== 0;
  const massKg = both(s.DESK_MASS_KG);
  const uneven = max(0, Math.abs(both(s.DESK_SIDE_KG)) - known(s.FACTS_SIDE_FREE_KG));
  let sum =
    weight(s.LIMIT_MISFIT) * both(s.DESK_MISFIT) +
    weight(s.LIMIT_SAFETY) * both(s.DESK_SAFETY) +
    weight(s.LIMIT_TOO_DEEP) * both(s.DESK_TOO_DEEP) +
    weight(s.LIMIT_MISPLACED) * (both(s.DESK_MISPLACED) + known(s.FACTS_PER_KG_UNEVEN) * uneven);
  if (massKg === 0) return sum;
  const aside = Math.abs(both(s.DESK_MX) / massKg) - known(s.FACTS_ASIDE_FREE_CM);
  sum += weight(s.LIMIT_BAND_MISS_CM) * bandMiss(both(s.DESK_HZ)) + weight(s.LIMIT_ASIDE_CM) * max(0, aside);
  const voids = isMain ? both(s.DESK_VOID_L) : others(s.DESK_VOID_L);
  const filled = isMain ? both(s.DESK_FILLED_L) : others(s.DESK_FILLED_L);
  return (
    sum +
    weight(s.LIMIT_VOID_PERCENT) * voidPercent(voids, filled) +
    (weight(s.LIMIT_OUT_CM) * both(s.DESK_MY)) / massKg
  );
}

/** How far the heavy half is out of its band, cm. */
function bandMiss(hz: f64): f64 {
  const heavyKg = known(s.FACTS_HEAVY_KG);
  if (heavyKg === 0) return 0;
  const z = hz / heavyKg;
  return max(0, max(known(s.FACTS_BAND_LOW) - z, z - known(s.FACTS_BAND_HIGH)));
}
