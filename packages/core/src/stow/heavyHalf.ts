/**
 * The heavy half: what a packing school is about. "High" and "low" in the mouths of packers say where the heavy things
 * ride, not where the whole pack's centre of gravity comes to (common practice, no source). Studies of load height did the
 * same: a given heavy load was put at the shoulder blades, mid back or lumbar, in a pack filled with light stuff (Bobet
 * and Norman 1984; Stuempfle, Drury and Wilson 2004; both from memory).
 *
 * So of what may ride anywhere in the bag, the densest things that make half of its mass are looked at. What is wanted
 * before camp, what has its place in pockets, straps or the sleeve, and what a house rule puts somewhere is settled by that
 * and not by a school.
 */
import type { HouseRules, Pack, Thing } from '../trip/model.js';
import { LEVELS, placementVerdict } from './placementRules.js';
import { isQuick, stowedDensity } from './thingKinds.js';
import { isMainZone } from './zoneKinds.js';

/** What of each thing counts, kg. */
export interface HeavyHalf {
  readonly kgOf: ReadonlyMap<string, number>;
  readonly totalKg: number;
}
export interface HeavyCandidate {
  readonly thing: Thing;
  /** With what rides in it, kg. */
  readonly wholeKg: number;
  readonly volumeL: number;
}

/** With less than this that is heavy, kg, no school matters (Graft's own number). */
const LEAST_HEAVY_KG = 0.5;

/** @param things those that ride in no other */
export function heavyHalf(things: readonly HeavyCandidate[], pack: Pack, house: HouseRules): HeavyHalf {
  const densest = things
    .filter((t) => t.wholeKg > 0 && isForTheBag(t.thing, pack, house))
    .map((t) => ({ ...t, density: stowedDensity(t.wholeKg, t.volumeL) }))
    .sort((a, b) => b.density - a.density || (a.thing.id < b.thing.id ? -1 : 1));
  const totalKg = densest.reduce((sum, t) => sum + t.wholeKg, 0) / 2;
  const kgOf = new Map<string, number>();
  if (totalKg < LEAST_HEAVY_KG) return { kgOf, totalKg: 0 };
  let leftKg = totalKg;
  for (const { thing, wholeKg } of densest) {
    if (leftKg <= 0) break;
    kgOf.set(thing.id, Math.min(leftKg, wholeKg));
    leftKg -= wholeKg;
  }
  return { kgOf, totalKg };
}

/** Whether the best places that this pack has for a thing are in the main compartment, at whatever height. */
function isForTheBag(thing: Thing, pack: Pack, house: HouseRules): boolean {
  if (isQuick(thing)) return false;
  const verdicts = pack.zones.map((zone) => placementVerdict(thing, zone, house, pack));
  // A house rule that was chosen against the usual way says where it goes.
  if (verdicts.some((v) => v.isChosen)) return false;
  const levels = verdicts.map((v) => LEVELS.indexOf(v.level));
  const best = Math.min(...levels);
  return pack.zones.some(({ kind }, i) => levels[i] === best && isMainZone(kind));
}
