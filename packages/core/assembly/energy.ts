/** What a state comes to, all tiers in one number: see `costOf` in `partFigures.ts` and `energyOf` in `stowCost.ts`. */
import * as m from './columnMemory';
import { desk } from './desk';
import { known } from './facts';

let limit: usize = 0;
export function useLimit(at: usize): void {
  limit = at;
}
export function mostEnergy(): f64 {
  return load<f64>(limit + m.LIMIT_MOST);
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
  return load<f64>(m.limitOthers(limit) + field);
}
export function weight(field: usize): f64 {
  return load<f64>(limit + field);
}

/** Voids beyond what is nobody's fault, percent of the space filled. */
export function voidPercent(voidL: f64, filledL: f64): f64 {
  if (filledL <= 0) return 0;
  return max(0, (100 * voidL) / (filledL + voidL) - known(m.FACTS_VOID_FREE_PERCENT));
}

/** A figure of the compartment and all others. */
function both(field: usize): f64 {
  return others(field) + figure(field);
}

/** The energy of the compartment and all others. */
export function energy(): f64 {
  const isMain = load<i32>(desk + m.DESK_IS_MAIN) !== 0;
  const massKg = both(m.DESK_MASS_KG);
  const uneven = max(0, Math.abs(both(m.DESK_SIDE_KG)) - known(m.FACTS_SIDE_FREE_KG));
  let sum =
    weight(m.LIMIT_MISFIT) * both(m.DESK_MISFIT) +
    weight(m.LIMIT_SAFETY) * both(m.DESK_SAFETY) +
    weight(m.LIMIT_TOO_DEEP) * both(m.DESK_TOO_DEEP) +
    weight(m.LIMIT_MISPLACED) * (both(m.DESK_MISPLACED) + known(m.FACTS_PER_KG_UNEVEN) * uneven);
  if (massKg === 0) return sum;
  const aside = Math.abs(both(m.DESK_MX) / massKg) - known(m.FACTS_ASIDE_FREE_CM);
  sum += weight(m.LIMIT_BAND_MISS_CM) * bandMiss(both(m.DESK_HZ)) + weight(m.LIMIT_ASIDE_CM) * max(0, aside);
  const voids = isMain ? both(m.DESK_VOID_L) : others(m.DESK_VOID_L);
  const filled = isMain ? both(m.DESK_FILLED_L) : others(m.DESK_FILLED_L);
  return (
    sum +
    weight(m.LIMIT_VOID_PERCENT) * voidPercent(voids, filled) +
    (weight(m.LIMIT_OUT_CM) * both(m.DESK_MY)) / massKg
  );
}

/** How far the heavy half is out of its band, cm. */
function bandMiss(hz: f64): f64 {
  const heavyKg = known(m.FACTS_HEAVY_KG);
  if (heavyKg === 0) return 0;
  const z = hz / heavyKg;
  return max(0, max(known(m.FACTS_BAND_LOW) - z, z - known(m.FACTS_BAND_HIGH)));
}
