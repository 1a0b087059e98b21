/**
 * What a search sees in a compartment, once more and plainly: loaded from nothing by the loader that draws, every figure
 * counted anew. What the kernel does fast must come to the same.
 */
import { badStand } from '../stow/atRest.js';
import { arePointsAtBack, isHardAtBack } from '../stow/backRule.js';
import { ColumnLoader } from '../stow/columnLoader.js';
import { beyondHandful } from '../stow/handful.js';
import { boxOf } from '../stow/laidThing.js';
import type { RigidPlace } from '../stow/loaderMemory.js';
import { mainZoneAt } from '../stow/mainParting.js';
import { liesOn, TOUCHES_CM2, BLOCKS } from '../stow/neighbours.js';
import type { Compartment } from '../stow/packGeometry.js';
import { closure, REACH_LIMIT } from '../stow/reach.js';
import { sleeveSlab } from '../stow/reservoir.js';
import { fullestOverL } from '../stow/search/fullestOver.js';
import { noFigures, type PartFigures } from '../stow/search/partFigures.js';
import type { SearchFacts, ThingFacts } from '../stow/search/searchFacts.js';
import type { StowState } from '../stow/search/stowState.js';
import {
  ASTRAY_FREE_CM,
  FEW_CHOICES,
  LATER_FOOD_OVER,
  LYING_LONG,
  PER_CM_ASTRAY,
  PER_OVER_TALL,
  PER_UPRIGHT_MISSING,
} from '../stow/search/tuning.js';
import { isTall, isUprightStay } from '../stow/uprights.js';

interface Making {
  readonly facts: SearchFacts;
  readonly state: StowState;
  readonly c: number;
  readonly compartment: Compartment;
  readonly loader: ColumnLoader;
  readonly figures: PartFigures;
  readonly things: readonly number[];
  readonly zones: number[];
}

/** The figures of a compartment as a state has it; not of a sleeve. */
export function plainFigures(facts: SearchFacts, state: StowState, c: number): PartFigures {
  const compartment = facts.compartments[c]!;
  const things = state.thingsIn(c);
  const figures = noFigures();
  if (things.length === 0) return figures;
  const loader = loadedWith(facts, state, c, things);
  const view = { facts, state, c, compartment, loader, figures, things, zones: [] };
  things.forEach((_t, i) => lookAtThing(view, i));
  lookAtStanding(view);
  lookAtRoom(view);
  lookAtReach(view);
  return figures;
}

function loadedWith(
  facts: SearchFacts,
  state: StowState,
  c: number,
  things: readonly number[],
): ColumnLoader {
  const isMain = c === facts.main;
  const inSleeve = isMain && facts.sleeve >= 0 ? state.thingsIn(facts.sleeve) : [];
  const litres = inSleeve.reduce((sum, t) => sum + facts.things[t]!.volumeL, 0);
  const slab = isMain ? sleeveSlab(facts.problem.pack, litres) : undefined;
  const compartment = facts.compartments[c]!;
  const loader = new ColumnLoader(compartment, facts.things.length, slab);
  for (const t of things) {
    const { solid, isPinned, awayCm } = facts.things[t]!;
    const away = compartment.kind !== 'main' || isPinned ? undefined : awayCm[slab === undefined ? 0 : 1];
    loader.load(solid, state.turnOf(t), state.xOf(t), state.yOf(t), !isPinned, away);
  }
  return loader;
}

/** Where a thing lies, and what its zone is to it. */
function lookAtThing({ facts, state, compartment, loader, figures, things, zones }: Making, i: number): void {
  const t = things[i]!;
  const own = facts.things[t]!;
  const rigid = loader.rigidAt(i);
  const parts = loader.partsOf(i);
  const area = compartment.cellCm ** 2;
  let at = { x: state.xOf(t), y: state.yOf(t), z: compartment.floor[0]! };
  let litres = own.volumeL;
  if (rigid !== undefined) {
    at = { x: rigid.xCm, y: rigid.yCm, z: rigid.zCm + rigid.turn.heightCm / 2 };
  } else if (parts.length > 0) {
    const sum = (of: (p: (typeof parts)[number]) => number): number =>
      parts.reduce((all, p) => all + (p.high - p.low) * of(p), 0);
    const whole = sum(() => 1);
    at = {
      x: sum((p) => loader.columnX(p.column)) / whole,
      y: sum((p) => loader.columnY(p.column)) / whole,
      z: sum((p) => (p.low + p.high) / 2) / whole,
    };
    litres = (whole * area) / 1000;
  }
  figures.massKg += own.massKg;
  figures.mx += own.massKg * at.x;
  figures.my += own.massKg * at.y;
  figures.mz += own.massKg * at.z;
  figures.hz += own.heavyKg * at.z;
  figures.filledL += litres;
  const { zone } = compartment;
  if (zone?.kind === 'side') figures.sideKg += Math.sign(zone.at.x) * own.massKg;
  const index =
    zone === undefined ? mainZoneAt(facts.parting, at.y, at.z) : facts.problem.pack.zones.indexOf(zone);
  zones.push(index);
  const choice = own.choices[index]!;
  figures.misplaced += choice.misplaced;
  figures.safety += choice.safety;
  figures.tooDeep += choice.tooDeep;
  if (rigid === undefined && own.isPinned) {
    const astray = Math.hypot(at.x - state.xOf(t), at.y - state.yOf(t));
    figures.misplaced += PER_CM_ASTRAY * astray;
    figures.tooDeep += Math.max(0, astray - ASTRAY_FREE_CM);
  }
  if (rigid !== undefined && own.isLong && !rigid.turn.upright) figures.misplaced += LYING_LONG;
  if (compartment.kind === 'main' && isFelt(own, rigid, compartment, loader, i)) figures.safety += 1;
}

function isFelt(
  { thing }: ThingFacts,
  rigid: RigidPlace | undefined,
  { y0, nx, cellCm }: Compartment,
  loader: ColumnLoader,
  i: number,
): boolean {
  if (rigid !== undefined)
    return isHardAtBack(thing, rigid.turn, rigid.yCm - rigid.turn.depthCm / 2 - y0, loader.hasSlab);
  const rows = loader.partsOf(i).map((p) => Math.trunc(p.column / nx));
  return arePointsAtBack(thing, cellCm * Math.min(Infinity, ...rows));
}

function lookAtStanding({ facts, compartment, loader, figures, things }: Making): void {
  const standing = things.map((t, i) => {
    const rigid = loader.rigidAt(i);
    return { bottle: facts.things[t]!.isBottle, stiff: rigid === undefined ? undefined : boxOf(rigid) };
  });
  for (const i of things.keys())
    if (badStand(i, standing, compartment.zone?.at.z) !== undefined) figures.safety += 1;
}

/** Voids, and what does not go in by volume, by weight or by count. */
function lookAtRoom({ facts, c, compartment, loader, figures, things }: Making): void {
  const { kind, zone } = compartment;
  figures.voidL = (loader.voidCm3 + (kind === 'main' ? loader.creviceCm3() : 0)) / 1000;
  figures.misfit = loader.overflowCm3 / 1000;
  if (zone !== undefined) {
    figures.misfit = Math.max(figures.misfit, figures.filledL + figures.misfit - zone.volumeL);
    figures.misfit += Math.max(0, figures.massKg - (zone.maxLoadKg ?? Infinity));
  }
  figures.misfit += fullestOverL(facts, c, things);
  figures.tooDeep += beyondHandful(zone?.kind, things.filter((t) => !facts.things[t]!.isSpent).length);
  for (const [i, t] of things.entries())
    if (facts.things[t]!.allowed.length <= FEW_CHOICES.most)
      figures.misfit += ((FEW_CHOICES.counts - 1) * Math.max(0, loader.overflowOf(i))) / 1000;
}

/** The first day on which food is still eaten; 0 for all else. */
const eaten = ({ thing, isSpent }: ThingFacts): number => (isSpent ? 0 : (thing.consumption?.fromDay ?? 0));

/** What lies over what is wanted soon, what is crushed, what must not touch, and how things are to stand. */
function lookAtReach({ facts, compartment, loader, figures, things, zones }: Making): void {
  const isOver = (i: number, j: number): boolean =>
    j > i && loader.coversOf(i)[j]! > 0 && loader.coversOf(i)[j]! >= BLOCKS * loader.columnsOf(i);
  const coverOf = (i: number): number => closure(i, isOver, things.length).length;
  for (const [i, t] of things.entries()) {
    const own = facts.things[t]!;
    const day = eaten(own);
    const later = things.filter(
      (u, j) => day > 0 && eaten(facts.things[u]!) > day && j > i && loader.coversOf(i)[j]! > 0,
    );
    figures.misplaced += LATER_FOOD_OVER * later.length;
    const { exempt, tooDeep } = own.choices[zones[i]!]!;
    const limit = REACH_LIMIT[own.thing.needed];
    if (limit !== Infinity && !exempt && tooDeep === 0) figures.tooDeep += Math.max(0, coverOf(i) - limit);
  }
  for (const [low, high] of facts.crushes) {
    const [i, j] = [things.indexOf(low), things.indexOf(high)];
    if (i >= 0 && j > i && liesOn(loader, i, j)) figures.safety += 1;
  }
  for (const [p, q] of facts.clashes) {
    const [i, j] = [things.indexOf(p), things.indexOf(q)].sort((a, b) => a - b);
    if (i! < 0) continue;
    if (compartment.zone !== undefined || loader.touchCm2(i!, j!) >= TOUCHES_CM2) figures.safety += 1;
  }
  if (compartment.id !== 'main') return;
  const turns = things.flatMap((_t, i) => {
    const turn = loader.rigidAt(i)?.turn;
    return turn === undefined ? [] : [{ turn, i }];
  });
  if (facts.problem.house.stacking === 'columns')
    for (const { turn, i } of turns) if (isTall(turn)) figures.misplaced += PER_OVER_TALL * coverOf(i);
  const stand = turns.filter(({ turn }) => isUprightStay(turn)).length;
  figures.misplaced += PER_UPRIGHT_MISSING * Math.max(0, facts.uprights - stand);
}
