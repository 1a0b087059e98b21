/** The reservoir in its sleeve, which is not loaded: it is a slab. */
import { SLEEVE_GIVE_L, sleeveSlab } from '../reservoir.js';
import { NOTHING, type CompartmentView } from './compartmentView.js';
import { fullestOverL } from './fullestOver.js';
import { noFigures } from './partFigures.js';
import type { SearchFacts } from './searchFacts.js';
import type { StowState } from './stowState.js';

export function sleeveView(facts: SearchFacts, state: StowState, c: number): CompartmentView {
  const { pack } = facts.problem;
  const things = facts.things.flatMap((_t, i) => (state.compartmentOf(i) === c ? [i] : []));
  const figures = noFigures();
  const slab = sleeveSlab(
    pack,
    things.reduce((sum, t) => sum + facts.things[t]!.volumeL, 0),
  );
  if (slab === undefined) return { ...NOTHING, figures };
  const zone = pack.zones.indexOf(slab.zone);
  const height = (slab.low + slab.high) / 2;
  for (const t of things) {
    const { massKg, choices } = facts.things[t]!;
    figures.massKg += massKg;
    figures.mx += massKg * slab.zone.at.x;
    figures.my += massKg * (slab.zone.at.y + slab.depthCm / 2);
    figures.mz += massKg * height;
    figures.misplaced += choices[zone]!.misplaced;
    figures.safety += choices[zone]!.safety;
  }
  figures.misfit = Math.max(0, fullestOverL(facts, c, things) - SLEEVE_GIVE_L);
  const stands = {
    zoneOf: () => zone,
    heightOf: () => height,
    troubleOf: () => 0,
    restOf: () => undefined,
  };
  return { figures, things, stands };
}
