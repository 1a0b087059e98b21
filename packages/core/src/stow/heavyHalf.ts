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
import { isQuick } from './thingKinds.js';
import { isMainZone } from './zoneKinds.js';

/** What of each thing counts, kg. */
export interface HeavyHalf {
  readonly kgOf: ReadonlyMap<string, number>;
  readonly totalKg: number;
  /** As high as it can ride on the rest of the load, cm; no limit where that is not known. */
  readonly mostCm: number;
}
export interface HeavyCandidate {
  readonly thing: Thing;
  /** With what rides in it, kg. */
  readonly wholeKg: number;
  readonly volumeL: number;
}

/** With less than this that is heavy, kg, no school matters (Graft's own number). */
const LEAST_HEAVY_KG = 0.5;
/** A thing used up takes no room; its density is then of no interest. */
const TINY_L = 0.01;

/** @param things those that ride in no other */
export function heavyHalf(things: readonly HeavyCandidate[], pack: Pack, house: HouseRules): HeavyHalf {
  const densest = things
    .filter((t) => t.wholeKg > 0 && isForTheBag(t.thing, pack, house))
    .map((t) => ({ ...t, density: t.wholeKg / Math.max(TINY_L, t.volumeL) }))
    .sort((a, b) => b.density - a.density || (a.thing.id < b.thing.id ? -1 : 1));
  const totalKg = densest.reduce((sum, t) => sum + t.wholeKg, 0) / 2;
  const kgOf = new Map<string, number>();
  if (totalKg < LEAST_HEAVY_KG) return { kgOf, totalKg: 0, mostCm: Infinity };
  let leftKg = totalKg;
  let heavyL = 0;
  for (const { thing, wholeKg, volumeL } of densest) {
    if (leftKg <= 0) break;
    const kg = Math.min(leftKg, wholeKg);
    kgOf.set(thing.id, kg);
    heavyL += (volumeL * kg) / wholeKg;
    leftKg -= wholeKg;
  }
  const restL = densest.reduce((sum, t) => sum + t.volumeL, 0) - heavyL;
  return { kgOf, totalKg, mostCm: middleOnTopCm(pack, restL, heavyL) };
}

/** How high the middle of so many litres lies on top of others in a pack's main compartment, cm. */
function middleOnTopCm({ main }: Pack, restL: number, onTopL: number): number {
  if (main === undefined) return Infinity;
  const widthCm = (main.bottomWidthCm + main.topWidthCm) / 2;
  const depthCm = (main.bottomDepthCm + main.topDepthCm) / 2;
  return main.at.z + ((restL + onTopL / 2) * 1000) / (widthCm * depthCm);
}

/**
 * The school's band as far as the load can follow it: in a pack that is half empty nothing rides at the shoulder blades,
 * and the band begins as high as the heavy half gets.
 */
export function followedBand(
  [low, high]: readonly [number, number],
  { mostCm }: HeavyHalf,
): readonly [number, number] {
  return [Math.min(low, mostCm - SHORT_OF_CM), high];
}
/** Things do not stack without a gap: so much below the most is as high as it goes, cm (Graft's own number). */
const SHORT_OF_CM = 3;

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
