/**
 * The heavy half: what a packing school is about. "High" and "low" in the mouths of packers say where the heavy things
 * ride, not where the whole pack's centre of gravity comes to (common practice, no source). Studies of load height did the
 * same: a given heavy load was put at the shoulder blades, mid back or lumbar, in a pack filled with light stuff (Bobet
 * and Norman 1984; Stuempfle, Drury and Wilson 2004; both from memory).
 *
 * So of what may ride anywhere in the bag, the densest things that make half of its mass are looked at. What is wanted
 * before camp, what belongs on top or at the bottom, what has its place in pockets, straps or the sleeve, and what a house
 * rule puts somewhere is settled by that and not by a school.
 */
import type { HouseRules, Pack, Thing, ZoneKind } from '../trip/model.js';
import { LEVELS, placementVerdict, type Verdict } from './placementRules.js';
import { isQuick, stowedDensity } from './thingKinds.js';
import { isMainZone } from '../trip/zoneKinds.js';

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
const LEAST_HEAVY_KG = 1;
/** What is lighter for its room is not heavy, however much of it there is, kg/L (Graft's own number: clothes in a bag). */
const LIGHT_KG_PER_L = 0.2;

/** @param things those that ride in no other */
export function heavyHalf(things: readonly HeavyCandidate[], pack: Pack, house: HouseRules): HeavyHalf {
  const inBag = things.filter((t) => t.wholeKg > 0 && isForTheBag(t.thing, pack, house));
  const densest = inBag
    .map((t) => ({ ...t, density: stowedDensity(t.wholeKg, t.volumeL) }))
    .filter((t) => t.density >= LIGHT_KG_PER_L && isAtAnyHeight(t.thing, pack, house))
    .sort((a, b) => b.density - a.density || (a.thing.id < b.thing.id ? -1 : 1));
  const sumKg = (list: readonly HeavyCandidate[]): number => list.reduce((sum, t) => sum + t.wholeKg, 0);
  const totalKg = Math.min(sumKg(inBag) / 2, sumKg(densest));
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

/** Whether the best places that this pack has for a thing are in the main compartment. */
function isForTheBag(thing: Thing, pack: Pack, house: HouseRules): boolean {
  if (isQuick(thing)) return false;
  const verdicts = verdictsOf(thing, pack, house);
  // A house rule that was chosen against the usual way says where it goes.
  return !verdicts.some((v) => v.isChosen) && isBestIn(isMainZone, verdicts, pack);
}

/** Whether a best place is in the middle of the main compartment: what belongs on top or at the bottom has its height from that. */
function isAtAnyHeight(thing: Thing, pack: Pack, house: HouseRules): boolean {
  const isMiddle = (kind: ZoneKind): boolean => kind === 'core' || kind === 'outer';
  return (
    !pack.zones.some((z) => isMiddle(z.kind)) || isBestIn(isMiddle, verdictsOf(thing, pack, house), pack)
  );
}

/** Whether a best place of this pack for a thing is in the main compartment. */
export function isBestInMain(thing: Thing, pack: Pack, house: HouseRules): boolean {
  return isBestIn(isMainZone, verdictsOf(thing, pack, house), pack);
}

/** What the rules say to a thing in each zone of a pack. */
function verdictsOf(thing: Thing, pack: Pack, house: HouseRules): readonly Verdict[] {
  return pack.zones.map((zone) => placementVerdict(thing, zone, house, pack));
}
function isBestIn(isThere: (kind: ZoneKind) => boolean, verdicts: readonly Verdict[], pack: Pack): boolean {
  const levels = verdicts.map((v) => LEVELS.indexOf(v.level));
  const best = Math.min(...levels);
  return pack.zones.some(({ kind }, i) => levels[i] === best && isThere(kind));
}
