/** Putting one thing of a stow somewhere else: its new place in the list, and so in the loading order, with it. */
import type { Placement, Side, Spot, Zone } from '../trip/model.js';
import { compartmentIndex } from './packGeometry.js';
import { dayVolumeL } from './reservoir.js';
import { defaultSpot, inLoadingOrder, sideIn } from './defaultSpot.js';
import { realise } from './layout.js';
import { compartmentsOf, FINE_CELL_CM, type Compartment } from './packGeometry.js';
import { solidOf } from './solids.js';
import type { StowProblem } from './stowProblem.js';
import type { StowThing } from './stowThing.js';
import { isMainZone } from '../trip/zoneKinds.js';

export interface StowTarget {
  readonly zoneId: string;
  readonly side: Side;
  /** Where its middle should be, cm, pack frame; what is left out, zone and side decide. */
  readonly xCm?: number;
  readonly yCm?: number;
  readonly zCm?: number;
  /** How it is turned; as it suits its zone when left out. */
  readonly turn?: number;
  readonly pinned: boolean;
}

/**
 * A stow with one thing put somewhere. It goes in after everything of that compartment that lies lower than it should;
 * things that were placed only by zone keep to that.
 *
 * @param placements as they are, in loading order
 */
export function placeAt(
  problem: StowProblem,
  placements: readonly Placement[],
  thingId: string,
  target: StowTarget,
): readonly Placement[] {
  return placer(problem, placements, thingId)(target);
}

/** The same for several places of one thing: the others are laid once. */
export function placer(
  problem: StowProblem,
  placements: readonly Placement[],
  thingId: string,
): (target: StowTarget) => readonly Placement[] {
  const stowThing = problem.things.find((t) => t.thing.id === thingId);
  if (stowThing === undefined) return () => placements;
  const others = exact(problem, placements).filter((p) => p.thingId !== thingId);
  const laid = new Map(realise(problem, others).things.map((t) => [t.thing.id, t]));
  const compartments = compartmentsOf(problem.pack, FINE_CELL_CM);
  return (target) => {
    const zone = problem.pack.zones.find((z) => z.id === target.zoneId);
    if (zone === undefined) return placements;
    const compartment = compartments[compartmentIndex(compartments, zone)]!;
    const usual = usualSpot(problem, stowThing, compartment, zone, target.side);
    const spot = {
      xCm: target.xCm ?? usual.xCm,
      yCm: target.yCm ?? usual.yCm,
      turn: target.turn ?? usual.turn,
    };
    const placement: Placement = {
      thingId,
      zoneId: zone.id,
      side: sideIn(compartment, spot.xCm),
      spot,
      pinned: target.pinned,
    };
    const wantedZ = target.zCm ?? (isMainZone(zone.kind) ? zone.at.z + zone.heightCm / 2 : Infinity);
    let after = -1;
    others.forEach((p, i) => {
      const t = laid.get(p.thingId);
      if (t !== undefined && t.compartmentId === compartment.id && t.centre.z < wantedZ) after = i;
    });
    return [...others.slice(0, after + 1), placement, ...others.slice(after + 1)];
  };
}

/** The same stow with an exact place for everything, so that a list sorted by zone becomes a loading order. */
export function exact(problem: StowProblem, placements: readonly Placement[]): readonly Placement[] {
  if (placements.every((p) => p.spot !== undefined)) return placements;
  const compartments = compartmentsOf(problem.pack, FINE_CELL_CM);
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  return inLoadingOrder(problem, placements).map((p): Placement => {
    const zone = problem.pack.zones.find((z) => z.id === p.zoneId);
    const t = byId.get(p.thingId);
    if (p.spot !== undefined || zone === undefined || t === undefined) return p;
    const compartment = compartments[compartmentIndex(compartments, zone)]!;
    return { ...p, spot: usualSpot(problem, t, compartment, zone, p.side) };
  });
}

/** Where a thing goes on the problem's day when only zone and side are known. */
function usualSpot(
  problem: StowProblem,
  t: StowThing,
  compartment: Compartment,
  zone: Zone,
  side: Side,
): Spot {
  const solid = solidOf(t.thing.shape, dayVolumeL(t, problem.day), FINE_CELL_CM);
  return defaultSpot(compartment, zone, side, solid);
}
