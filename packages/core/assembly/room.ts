/** Voids of a compartment, and what does not go into it by volume, by weight or by count. */
import * as s from './searchMemory';
import { cellCm, f } from './compartment';
import { crevices } from './closing';
import { count, desk, thingAt } from './desk';
import { add, figure } from './energy';
import * as facts from './facts';
import { loaded, overAt, voidAt } from './line';

export function lookAtRoom(): void {
  store<f64>(desk + s.DESK_VOID_L, voidAt(loaded()) / 1000);
  let misfit = overAt(loaded()) / 1000;
  if (load<i32>(desk + s.DESK_ZONE) >= 0) {
    misfit = max(misfit, figure(s.DESK_FILLED_L) + misfit - load<f64>(desk + s.DESK_VOLUME_L));
    misfit += max(0, figure(s.DESK_MASS_KG) - load<f64>(desk + s.DESK_MAX_LOAD_KG));
    misfit += fullestOver();
  }
  let inUse: f64 = 0;
  for (let i = 0; i < count; i++) {
    const t = thingAt(i);
    if (!facts.has(t, facts.SPENT)) inUse += 1;
    misfit += (facts.fewCounts(t) * max(0, overAt(i + 1) - overAt(i))) / 1000;
  }
  store<f64>(desk + s.DESK_MISFIT, misfit);
  add(s.DESK_TOO_DEEP, max(0, inUse - load<f64>(desk + s.DESK_HANDFUL)));
}

/** The gaps at the top that are too narrow for anything: they take longest to find. */
export function lookAtCrevices(): void {
  if (load<i32>(desk + s.DESK_IS_MAIN) === 0) return;
  add(s.DESK_VOID_L, crevices(<i32>Math.round(facts.known(s.FACTS_CREVICE_CM) / cellCm)) / 1000);
}

/** Litres over on the fullest day: things join on the way, and every day's must go in. */
function fullestOver(): f64 {
  let most: f64 = 0;
  for (let day = 0; day < facts.days; day++) {
    let sum: f64 = 0;
    for (let i = 0; i < count; i++) sum += f(facts.byDayL, thingAt(i) * facts.days + day);
    most = max(most, sum);
  }
  return max(0, most - load<f64>(desk + s.DESK_VOLUME_L));
}
