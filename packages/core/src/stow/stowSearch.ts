/**
 * The running state of a search for a stow: every thing's compartment, turn, place and turn in the loading order, with
 * each compartment's figures kept until something in it moves.
 */
import { badStand, isBottle, type Standing } from './atRest.js';
import { GOOD_OFFSET_CM } from '../carriage/packingSchool.js';
import type { Placement, PointCm, Thing } from '../trip/model.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { ColumnLoader, type RigidPlace } from './columnLoader.js';
import { energyOf, type StowCost, type StowWeights } from './stowCost.js';
import { TrialLoader, type Put } from './trialLoader.js';
import {
  dayVolumeL,
  defaultSpot,
  mainParting,
  mainZoneAt,
  sideIn,
  SLEEVE_GIVE_L,
  sleeveSlab,
  type MainParting,
} from './layout.js';
import { nestingOf } from './nesting.js';
import { compartmentsOf, type Compartment, compartmentIndex } from './packGeometry.js';
import { clash, placementVerdict, type Level } from './placementRules.js';
import { BLOCKS, REACH_LIMIT } from './reach.js';
import { takes } from './fitsPack.js';
import { isHardAtBack, keptFromBackCm } from './backRule.js';
import { solidOf, SPREADS, type Solid } from './solids.js';
import type { StowProblem } from './stowProblem.js';

/** Taken once: this is where nearly all of the time goes, and a lookup on a global is not free everywhere. */
const { abs, max } = Math;

const LEVEL_COST: Readonly<Record<Exclude<Level, 'never'>, number>> = { good: 0, fair: 2, poor: 14 };
/** A pinned soft thing that others push away from where it was put, for each centimetre. */
const PER_CM_ASTRAY = 60;
/** A long thing that lies where it should stand. */
const LYING_LONG = 2;
const LONG_CM = 30;
/** Aimed at inside the half centimetre that is promised, so that rounding does not spoil it. */
const ASIDE_FREE_CM = 0.3 * GOOD_OFFSET_CM;
/** Voids up to this are nobody's fault. */
const VOID_FREE_PERCENT = 2.5;

/** A thing that may go into so few compartments has few choices. What of it is left out counts this much more. */
const FEW_CHOICES = 2;
const FEW_CHOICES_COUNT = 4;
/** More than this over is worth a move. */
const NOTICEABLE_CM3 = 1;

/** What one compartment adds to the whole. */
interface PartCost {
  misfit: number;
  safety: number;
  tooDeep: number;
  misplaced: number;
  voidL: number;
  filledL: number;
  massKg: number;
  mx: number;
  my: number;
  mz: number;
}

/** The most that a state's energy may be, and what all other compartments come to. */
interface Within {
  readonly weights: StowWeights;
  readonly limit: number;
  readonly others: PartCost;
}

interface Choice {
  readonly misplaced: number;
  readonly safety: number;
  /** Needed while walking, and this zone cannot be reached with the pack on. */
  readonly tooDeep: number;
  readonly exempt: boolean;
}

/** What loading finds out about each thing, and the balance. */
interface Seen {
  readonly zoneOf: Int16Array;
  readonly heightOf: Float64Array;
  readonly trouble: Float64Array;
  readonly restsOn: (RigidPlace | undefined)[];
  tooHigh: number;
  centre: PointCm;
}

export class StowSearch {
  readonly compartments: readonly Compartment[];
  readonly solids: readonly Solid[];
  /** Indexes of things that the search may move; nested ones ride with their holders. */
  readonly movable: readonly number[];
  /** Compartments that a thing may go into, by thing. */
  readonly allowed: readonly (readonly number[])[];
  readonly comp: Int16Array;
  readonly turn: Int16Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Things in loading order. */
  readonly order: Int16Array;
  /** Zone that a thing's middle was in when its compartment was last loaded. */
  readonly zoneOf: Int16Array;
  /** How high a thing's middle was, cm. */
  readonly heightOf: Float64Array;
  /** Where a rigid thing came to rest when its compartment was last loaded: not always where it was put. */
  private readonly restsOn: (RigidPlace | undefined)[];
  /** How badly each thing stood when its compartment was last loaded: rules broken, too deep, out of place. */
  readonly trouble: Float64Array;
  /** 1 when the centre of gravity was last above its band, −1 below, 0 inside. */
  tooHigh = 0;
  /** The centre of gravity when the cost was last asked for, cm. */
  centre: PointCm = { x: 0, y: 0, z: 0 };
  /** What was known at the last snapshot. */
  private readonly seen: Seen;
  /** Compartments loaded since the last move was kept or taken back. */
  private readonly fresh: number[] = [];
  private readonly parts: (PartCost | undefined)[];
  private readonly loaders: readonly TrialLoader[];
  private readonly slabLoaders = new Map<string, TrialLoader>();
  private readonly choices: readonly (readonly Choice[])[];
  private readonly bottles: readonly boolean[];
  /** Pairs of things that must not share a zone. */
  private readonly clashes: readonly (readonly [number, number])[];
  private readonly massKg: readonly number[];
  private readonly volumeL: readonly number[];
  /** What each takes at most, swollen. */
  private readonly mostL: readonly number[];
  private readonly parting: MainParting;
  private readonly main: number;
  private readonly sleeve: number;
  private readonly riders: readonly (readonly number[])[];
  private readonly pinnedThings: ReadonlySet<number>;
  private readonly totalKg: number;
  /** By thing and turn, how far it is kept from the back in the main compartment, cm: bare, and behind a reservoir. */
  private readonly awayCm: readonly (readonly [readonly number[], readonly number[]])[];

  constructor(
    readonly problem: StowProblem,
    placements: readonly Placement[],
    readonly cellCm: number,
  ) {
    const { things, pack, house, day } = problem;
    const n = things.length;
    this.compartments = compartmentsOf(pack, cellCm);
    this.parting = mainParting(pack);
    // Stiff things by their outline, as stows are realised, whatever volume is told.
    this.volumeL = things.map((t) => shapeVolumeL(t.thing.shape) ?? dayVolumeL(t, day));
    this.solids = things.map((t, i) => solidOf(t.thing.shape, this.volumeL[i]!, cellCm));
    this.mostL = this.solids.map((s, i) => (s.kind === 'soft' ? s.looseL : this.volumeL[i]!));
    const inside = nestingOf(problem);
    const indexOf = new Map(things.map((t, i) => [t.thing.id, i]));
    this.riders = things.map((t) =>
      [...inside].filter(([, holder]) => holder === t.thing.id).map(([id]) => indexOf.get(id)!),
    );
    this.massKg = things.map(
      (t, i) => t.massKg + this.riders[i]!.reduce((sum, r) => sum + things[r]!.massKg, 0),
    );
    this.totalKg = this.massKg.reduce(
      (sum, kg, i) => (inside.has(things[i]!.thing.id) ? sum : sum + kg),
      max(TINY_KG, pack.tareKg),
    );
    this.choices = things.map(({ thing }) =>
      pack.zones.map((zone) => {
        const verdict = placementVerdict(thing, zone, house, pack);
        return {
          misplaced: LEVEL_COST[verdict.level === 'never' ? 'poor' : verdict.level],
          safety: verdict.level === 'never' ? 1 : 0,
          tooDeep: verdict.tooDeep && thing.needed === 'walking' ? 1 : 0,
          exempt: verdict.byHouse,
        };
      }),
    );
    this.bottles = things.map((t) => isBottle(t.thing));
    this.clashes = things.flatMap((a, i) =>
      things.flatMap((b, j) => (j > i && clash(a.thing, b.thing) !== undefined ? [[i, j] as const] : [])),
    );
    this.main = this.compartments.findIndex((c) => c.id === 'main');
    this.sleeve = this.compartments.findIndex((c) => c.kind === 'sleeve');
    this.allowed = things.map((_t, i) => this.allowedFor(i));
    this.awayCm = things.map(({ thing }, i) => {
      const solid = this.solids[i]!;
      const away = (padded: boolean): readonly number[] =>
        solid.kind === 'soft' ? [] : solid.turns.map((turn) => keptFromBackCm(thing, turn, padded));
      return [away(false), away(true)];
    });
    this.comp = new Int16Array(n).fill(-1);
    this.turn = new Int16Array(n);
    this.x = new Float64Array(n);
    this.y = new Float64Array(n);
    this.zoneOf = new Int16Array(n);
    this.heightOf = new Float64Array(n);
    this.trouble = new Float64Array(n);
    this.restsOn = things.map(() => undefined);
    this.seen = {
      zoneOf: new Int16Array(n),
      heightOf: new Float64Array(n),
      trouble: new Float64Array(n),
      restsOn: [],
      tooHigh: 0,
      centre: this.centre,
    };
    this.parts = this.compartments.map(() => undefined);
    this.loaders = this.compartments.map((c) => new TrialLoader(() => new ColumnLoader(c, n)));
    const zones = new Map(pack.zones.map((z) => [z.id, z]));
    const pinned = new Set<number>();
    const sequence: number[] = [];
    for (const p of placements) {
      const i = indexOf.get(p.thingId);
      const zone = zones.get(p.zoneId);
      if (i === undefined || zone === undefined || inside.has(p.thingId)) continue;
      const c = compartmentIndex(this.compartments, zone);
      const spot = p.spot ?? defaultSpot(this.compartments[c]!, zone, p.side, this.solids[i]!);
      this.comp[i] = c;
      [this.x[i], this.y[i], this.turn[i]] = [spot.xCm, spot.yCm, spot.turn];
      if (p.pinned) pinned.add(i);
      sequence.push(i);
    }
    this.pinnedThings = pinned;
    const rest = things.flatMap((t, i) => (sequence.includes(i) || inside.has(t.thing.id) ? [] : [i]));
    this.order = Int16Array.from([...sequence, ...rest]);
    this.movable = things.flatMap((t, i) => (pinned.has(i) || inside.has(t.thing.id) ? [] : [i]));
  }

  isPinned(thing: number): boolean {
    return this.pinnedThings.has(thing);
  }

  /** Compartments where a thing breaks no rule and into which it goes; all into which it goes when there are none. */
  private allowedFor(t: number): readonly number[] {
    const { thing } = this.problem.things[t]!;
    const solid = this.solids[t]!;
    const zonesOf = (c: Compartment): readonly number[] =>
      c.zone === undefined ? Object.values(this.parting.zones) : [this.problem.pack.zones.indexOf(c.zone)];
    const fits = this.compartments.flatMap((c, i) => (takes(c, thing, solid, this.volumeL[t]!) ? [i] : []));
    const safe = fits.filter((i) =>
      zonesOf(this.compartments[i]!).some((z) => this.choices[t]![z]!.safety === 0),
    );
    // What is wanted with the pack on belongs where it can be had, as long as it goes in there.
    const inTime = safe.filter((i) =>
      zonesOf(this.compartments[i]!).some(
        (z) => this.choices[t]![z]!.safety + this.choices[t]![z]!.tooDeep === 0,
      ),
    );
    if (thing.needed === 'walking' && inTime.length > 0) return inTime;
    return safe.length > 0 ? safe : fits.length > 0 ? fits : this.compartments.map((_c, i) => i);
  }

  /** Put a thing somewhere; its old and new compartments are loaded anew when next asked for. */
  put(t: number, c: number, xCm: number, yCm: number, turn: number): void {
    this.touch(this.comp[t]!);
    this.comp[t] = c;
    // As placements are written down, so that none comes to lie elsewhere by the rounding.
    this.x[t] = round(xCm);
    this.y[t] = round(yCm);
    this.turn[t] = turn;
    this.touch(c);
  }

  /** Whether a thing would be put where it is: in the same cells, turned the same way. */
  isThere(t: number, c: number, xCm: number, yCm: number, turn: number): boolean {
    if (this.comp[t] !== c) return false;
    const solid = this.solids[t]!;
    if (solid.kind === 'rigid' && this.turn[t] !== turn) return false;
    if (this.compartments[c]!.kind === 'sleeve') return true;
    const { loader } = this.loaderFor(c);
    const away = this.awayFor(t, loader);
    return (
      loader.patchOf(solid, turn, round(xCm), round(yCm), away) ===
      loader.patchOf(solid, this.turn[t]!, this.x[t]!, this.y[t]!, away)
    );
  }

  touch(c: number): void {
    if (c < 0) return;
    this.parts[c] = undefined;
    if (c === this.sleeve && this.main >= 0) this.parts[this.main] = undefined;
  }

  /**
   * Note what is known of the stow as it stands: the figures of its compartments, where things came to rest, how they
   * stand, and the balance. Given back when a move is taken back, so that nothing speaks of a move that was not made.
   */
  snapshot(): readonly (PartCost | undefined)[] {
    const { seen } = this;
    seen.zoneOf.set(this.zoneOf);
    seen.heightOf.set(this.heightOf);
    seen.trouble.set(this.trouble);
    for (let t = 0; t < this.restsOn.length; t += 1) seen.restsOn[t] = this.restsOn[t];
    seen.tooHigh = this.tooHigh;
    seen.centre = this.centre;
    return [...this.parts];
  }
  /** @param parts of the last snapshot */
  giveBack(parts: readonly (PartCost | undefined)[]): void {
    const { seen } = this;
    this.fresh.length = 0;
    for (let c = 0; c < parts.length; c += 1) this.parts[c] = parts[c];
    this.zoneOf.set(seen.zoneOf);
    this.heightOf.set(seen.heightOf);
    this.trouble.set(seen.trouble);
    for (let t = 0; t < this.restsOn.length; t += 1) this.restsOn[t] = seen.restsOn[t];
    this.tooHigh = seen.tooHigh;
    this.centre = seen.centre;
  }

  turnsOf(t: number): number {
    const solid = this.solids[t]!;
    return solid.kind === 'soft' ? SPREADS.length : solid.turns.length;
  }

  cost(): StowCost {
    for (let c = 0; c < this.parts.length; c += 1) this.parts[c] ??= this.loadPart(c)!;
    return this.costOf(this.sum());
  }

  /** The cost, unless its energy is certain to be above a limit: as soon as that is seen, the rest is not loaded. */
  costWithin(weights: StowWeights, limit: number): StowCost | undefined {
    // The main compartment last: it takes longest to load, and then all else is known.
    let last = this.parts[this.main] === undefined ? this.main : -1;
    for (let c = 0; c < this.parts.length; c += 1) {
      if (this.parts[c] !== undefined || c === this.main) continue;
      if (last < 0) last = c;
      else this.parts[c] = this.loadPart(c)!;
    }
    if (last >= 0) {
      const part = this.loadPart(last, { weights, limit, others: this.sum() });
      if (part === undefined) return undefined;
      this.parts[last] = part;
    }
    return this.costOf(this.sum());
  }

  /** The figures of all compartments that are loaded and of the empty pack. */
  private sum(): PartCost {
    const { tareKg, centreOfGravityCm: at } = this.problem.pack;
    const sum = emptyPart();
    sum.massKg = tareKg;
    [sum.mx, sum.my, sum.mz] = [tareKg * at.x, tareKg * at.y, tareKg * at.z];
    for (let c = 0; c < this.parts.length; c += 1) {
      const part = this.parts[c];
      if (part !== undefined) this.add(sum, part, c);
    }
    return sum;
  }

  private add(sum: PartCost, part: PartCost, c: number): void {
    sum.misfit += part.misfit;
    sum.safety += part.safety;
    sum.tooDeep += part.tooDeep;
    sum.misplaced += part.misplaced;
    if (this.compartments[c]!.kind === 'main') {
      sum.voidL += part.voidL;
      sum.filledL += part.filledL;
    }
    sum.massKg += part.massKg;
    sum.mx += part.mx;
    sum.my += part.my;
    sum.mz += part.mz;
  }

  private costOf(sum: PartCost): StowCost {
    const { band } = this.problem;
    const { misfit, safety, tooDeep, misplaced, voidL, filledL, massKg } = sum;
    if (massKg === 0)
      return { misfit, safety, tooDeep, bandMissCm: 0, asideCm: 0, voidPercent: 0, outCm: 0, misplaced };
    const [x, y, z] = [sum.mx / massKg, sum.my / massKg, sum.mz / massKg];
    this.centre = { x, y, z };
    this.tooHigh = z > band[1] ? 1 : z < band[0] ? -1 : 0;
    return {
      misfit,
      safety,
      tooDeep,
      bandMissCm: max(0, band[0] - z, z - band[1]),
      asideCm: max(0, abs(x) - ASIDE_FREE_CM),
      voidPercent: voidPercentOf(voidL, filledL),
      outCm: y,
      misplaced,
    };
  }

  /** Load a compartment; undefined when the whole is then certain to be above a limit. */
  private loadPart(c: number, within?: Within): PartCost | undefined {
    const compartment = this.compartments[c]!;
    if (compartment.kind === 'sleeve') return this.sleevePart(c);
    const { things, pack } = this.problem;
    const part: PartCost = emptyPart();
    const mine: number[] = [];
    for (let k = 0; k < this.order.length; k += 1)
      if (this.comp[this.order[k]!] === c) mine.push(this.order[k]!);
    if (mine.length === 0) return part;
    const trial = this.loaderFor(c);
    if (!this.loadAnew(trial, c, mine, within)) return undefined;
    const { loader } = trial;
    this.fresh.push(c);
    const zoneIndex = compartment.zone === undefined ? -1 : pack.zones.indexOf(compartment.zone);
    for (let i = 0; i < mine.length; i += 1) {
      const t = mine[i]!;
      const mass = this.massKg[t]!;
      const rigid = loader.rigidAt(i);
      let x = this.x[t]!;
      let y = this.y[t]!;
      let z = compartment.floor[0]!;
      let litres = this.volumeL[t]!;
      if (loader.measure(i)) {
        x = loader.middleX;
        y = loader.middleY;
        z = loader.middleZ;
        if (rigid === undefined) litres = loader.filledCm3 / 1000;
      }
      this.restsOn[t] = rigid;
      this.heightOf[t] = z;
      part.massKg += mass;
      part.mx += mass * x;
      part.my += mass * y;
      part.mz += mass * z;
      part.filledL += litres;
      const zone = zoneIndex >= 0 ? zoneIndex : mainZoneAt(this.parting, y, z);
      this.zoneOf[t] = zone;
      const choice = this.choices[t]![zone]!;
      part.misplaced += choice.misplaced;
      if (rigid === undefined && this.isPinned(t))
        part.misplaced += PER_CM_ASTRAY * Math.hypot(x - this.x[t]!, y - this.y[t]!);
      part.safety += choice.safety;
      part.tooDeep += choice.tooDeep;
      let stands = (loader.overflowOf(i) > NOTICEABLE_CM3 ? 3 : 0) + 3 * choice.safety + 2 * choice.tooDeep;
      if (choice.misplaced >= LEVEL_COST.poor) stands += 1;
      if (rigid !== undefined) {
        if (isLong(things[t]!.thing) && !rigid.turn.upright) part.misplaced += LYING_LONG;
        if (
          compartment.kind === 'main' &&
          isHardAtBack(
            things[t]!.thing,
            rigid.turn,
            y - rigid.turn.depthCm / 2 - compartment.y0,
            loader.hasSlab,
          )
        ) {
          part.safety += 1;
          stands += 3;
        }
      }
      this.trouble[t] = stands;
    }
    if (compartment.zone !== undefined || mine.some((t) => this.bottles[t])) {
      const standing = mine.map((t, i) => standingOf(this.bottles[t]!, loader.rigidAt(i)));
      for (let i = 0; i < mine.length; i += 1) {
        if (badStand(i, standing, compartment.zone?.at.z) === undefined) continue;
        part.safety += 1;
        this.trouble[mine[i]!]! += 3;
      }
    }
    part.voidL = (loader.voidCm3 + (compartment.kind === 'main' ? loader.creviceCm3() : 0)) / 1000;
    part.misfit = loader.overflowCm3 / 1000;
    const { zone } = compartment;
    if (zone !== undefined) {
      part.misfit = max(part.misfit, part.filledL + part.misfit - zone.volumeL);
      part.misfit += max(0, part.massKg - (zone.maxLoadKg ?? Infinity));
    }
    part.misfit += this.fullestOver(c, mine);
    // What can go nowhere else comes before what can.
    for (let i = 0; i < mine.length; i += 1)
      if (this.allowed[mine[i]!]!.length <= FEW_CHOICES)
        part.misfit += ((FEW_CHOICES_COUNT - 1) * max(0, loader.overflowOf(i))) / 1000;
    if (within !== undefined) {
      const sum = { ...within.others };
      this.add(sum, part, c);
      if (energyOf(this.costOf(sum), within.weights) > within.limit) return undefined;
    }
    const coverOf = quickCover(loader);
    for (let i = 0; i < mine.length; i += 1) {
      const t = mine[i]!;
      const limit = REACH_LIMIT[things[t]!.thing.needed];
      const { exempt, tooDeep } = this.choices[t]![this.zoneOf[t]!]!;
      if (limit === Infinity || exempt || tooDeep > 0) continue;
      const deep = max(0, coverOf(i) - limit);
      part.tooDeep += deep;
      this.trouble[t]! += 2 * deep;
    }
    for (const [p, q] of this.clashes)
      if (this.comp[p] === c && this.comp[q] === c && this.zoneOf[p] === this.zoneOf[q]) part.safety += 1;
    return part;
  }

  /** Litres over on the fullest day: things join on the way, and every day's must go in. */
  private fullestOver(c: number, mine: readonly number[]): number {
    const { zone } = this.compartments[c]!;
    if (zone === undefined) return 0;
    const days = this.problem.things[mine[0]!]!.volumeL.length;
    let most = 0;
    for (let d = 0; d < days; d += 1) {
      let sum = 0;
      for (const t of mine) sum += this.problem.things[t]!.volumeL[d]!;
      if (sum > most) most = sum;
    }
    return max(0, most - zone.volumeL);
  }

  /** A loader of a compartment with nothing in it, reservoir and all. */
  emptyLoader(c: number): ColumnLoader {
    return this.loaderFor(c).fresh();
  }

  /** Load a thing that may be moved, as it is when nothing is mended. */
  loadInto(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void {
    loader.load(this.solids[t]!, turn, round(xCm), round(yCm), false, this.awayFor(t, loader));
  }

  /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
  private awayFor(t: number, { compartment, hasSlab }: ColumnLoader): readonly number[] | undefined {
    if (compartment.kind !== 'main' || this.isPinned(t)) return undefined;
    return this.awayCm[t]![hasSlab ? 1 : 0];
  }

  /** Load things in their order; false when the whole is certain to be above the limit. */
  private loadAnew(trial: TrialLoader, c: number, mine: readonly number[], within?: Within): boolean {
    const { kind, y0 } = this.compartments[c]!;
    const list = mine.map((t): Put => ({ t, turn: this.turn[t]!, x: this.x[t]!, y: this.y[t]! }));
    const load = (loader: ColumnLoader, { t, turn, x, y }: Put): void =>
      loader.load(this.solids[t]!, turn, x, y, !this.isPinned(t), this.awayFor(t, loader));
    if (within === undefined) return trial.try(list, load);
    // What the rest comes to at least, were all of this at the very back: litres over and voids only ever grow.
    const { others, weights, limit } = within;
    const massKg = mine.reduce((sum, t) => sum + this.massKg[t]!, 0);
    const least = energyOf(
      {
        misfit: others.misfit,
        safety: others.safety,
        tooDeep: others.tooDeep,
        bandMissCm: 0,
        asideCm: 0,
        voidPercent: 0,
        outCm: (others.my + massKg * y0) / this.totalKg,
        misplaced: others.misplaced,
      },
      weights,
    );
    const mostL = others.filledL + mine.reduce((sum, t) => sum + this.mostL[t]!, 0);
    return trial.try(list, load, () => {
      const { overflowCm3, voidCm3 } = trial.loader;
      const voids = kind === 'main' ? voidPercentOf(others.voidL + voidCm3 / 1000, mostL) : 0;
      return least + (weights.misfit * overflowCm3) / 1000 + weights.voidPercent * voids > limit;
    });
  }

  /** Keep a move: things are taken to be where they came to rest, so that what was mended need not be again. */
  accept(): void {
    for (const c of this.fresh) {
      const trial = this.loaderFor(c);
      const known = trial.list;
      for (let i = 0; i < known.length; i += 1) {
        const { t } = known[i]!;
        const rest = this.restsOn[t];
        const solid = this.solids[t]!;
        if (rest === undefined || solid.kind !== 'rigid') continue;
        const turn = solid.turns.indexOf(rest.turn);
        const x = round(rest.xCm);
        const y = round(rest.yCm);
        if (this.x[t] === x && this.y[t] === y && this.turn[t] === turn) continue;
        this.x[t] = x;
        this.y[t] = y;
        this.turn[t] = turn;
        known[i] = { t, turn, x, y };
      }
      trial.keep();
    }
    this.fresh.length = 0;
  }

  private sleevePart(c: number): PartCost {
    const part = emptyPart();
    const { pack, things } = this.problem;
    const mine = things.flatMap((_t, i) => (this.comp[i] === c ? [i] : []));
    const litres = mine.reduce((sum, t) => sum + this.volumeL[t]!, 0);
    const slab = sleeveSlab(pack, litres);
    if (slab === undefined) return part;
    const zone = pack.zones.indexOf(slab.zone);
    const height = (slab.low + slab.high) / 2;
    for (const t of mine) {
      const mass = this.massKg[t]!;
      part.massKg += mass;
      part.mx += mass * slab.zone.at.x;
      part.my += mass * (slab.zone.at.y + slab.depthCm / 2);
      part.mz += mass * height;
      part.misplaced += this.choices[t]![zone]!.misplaced;
      part.safety += this.choices[t]![zone]!.safety;
      this.zoneOf[t] = zone;
      this.heightOf[t] = height;
    }
    part.misfit = max(0, this.fullestOver(c, mine) - SLEEVE_GIVE_L);
    return part;
  }

  private loaderFor(c: number): TrialLoader {
    if (c !== this.main || this.sleeve < 0) return this.loaders[c]!;
    let litres = 0;
    for (let t = 0; t < this.comp.length; t += 1)
      if (this.comp[t] === this.sleeve) litres += this.volumeL[t]!;
    const slab = sleeveSlab(this.problem.pack, litres);
    if (slab === undefined) return this.loaders[c]!;
    const key = litres.toFixed(3);
    let loader = this.slabLoaders.get(key);
    if (loader === undefined) {
      loader = new TrialLoader(() => new ColumnLoader(this.compartments[c]!, this.comp.length, slab));
      this.slabLoaders.set(key, loader);
    }
    return loader;
  }

  /** The state as placements, in loading order, nested things after their holders. */
  placements(): readonly Placement[] {
    const { things, pack } = this.problem;
    this.cost();
    return [...this.order].flatMap((t) => {
      const c = this.compartments[this.comp[t]!]!;
      const zone = c.zone ?? pack.zones[this.zoneOf[t]!]!;
      const solid = this.solids[t]!;
      const rest = this.restsOn[t];
      const spot =
        solid.kind === 'rigid' && rest !== undefined
          ? { xCm: round(rest.xCm), yCm: round(rest.yCm), turn: solid.turns.indexOf(rest.turn) }
          : { xCm: round(this.x[t]!), yCm: round(this.y[t]!), turn: this.turn[t]! };
      const made = (i: number): Placement => ({
        thingId: things[i]!.thing.id,
        zoneId: zone.id,
        side: sideIn(c, spot.xCm),
        spot,
        pinned: this.isPinned(t),
      });
      return [made(t), ...this.riders[t]!.map(made)];
    });
  }

  /** kg of a thing with what rides in it. */
  loadedMassKg(t: number): number {
    return this.massKg[t]!;
  }

  /** kg/L of a thing with what it holds. */
  density(t: number): number {
    return this.massKg[t]! / max(TINY_L, this.volumeL[t]!);
  }

  /** Denser than clothes and bags. */
  isDense(t: number): boolean {
    return this.density(t) >= DENSE_KG_PER_L;
  }
}

interface Kept {
  readonly comp: Int16Array;
  readonly turn: Int16Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly order: Int16Array;
}

/** The state of a search, to be given back. */
export function keep(search: StowSearch): Kept {
  return {
    comp: search.comp.slice(),
    turn: search.turn.slice(),
    x: search.x.slice(),
    y: search.y.slice(),
    order: search.order.slice(),
  };
}

/** Give a state back. */
export function restore(search: StowSearch, kept: Kept): void {
  search.comp.set(kept.comp);
  search.turn.set(kept.turn);
  search.x.set(kept.x);
  search.y.set(kept.y);
  search.order.set(kept.order);
  for (let c = 0; c < search.compartments.length; c += 1) search.touch(c);
}

/** Graft's own number. */
const DENSE_KG_PER_L = 0.3;
/** A thing used up takes no room; its density is then of no interest. */
const TINY_L = 0.01;
const TINY_KG = 1e-9;

function emptyPart(): PartCost {
  return {
    misfit: 0,
    safety: 0,
    tooDeep: 0,
    misplaced: 0,
    voidL: 0,
    filledL: 0,
    massKg: 0,
    mx: 0,
    my: 0,
    mz: 0,
  };
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

function standingOf(bottle: boolean, rigid: RigidPlace | undefined): Standing {
  if (rigid === undefined) return { bottle, stiff: undefined };
  const { turn, xCm, yCm, zCm } = rigid;
  const [w, d] = [turn.widthCm / 2, turn.depthCm / 2];
  const stiff = {
    x0: xCm - w,
    x1: xCm + w,
    y0: yCm - d,
    y1: yCm + d,
    z0: zCm,
    z1: zCm + turn.heightCm,
  };
  return { bottle, stiff };
}

function isLong({ shape }: Thing): boolean {
  return shape.kind === 'long' && shape.lengthCm >= LONG_CM;
}

function voidPercentOf(voidL: number, filledL: number): number {
  return filledL <= 0 ? 0 : max(0, (100 * voidL) / (filledL + voidL) - VOID_FREE_PERCENT);
}

/** How many must come out before the i-th loaded thing. */
function quickCover(loader: ColumnLoader): (i: number) => number {
  const n = loader.loaded;
  /** Over how many of its columns each other thing lies, by thing, once it has been asked for. */
  const rows: (Uint16Array | undefined)[] = [];
  const seen = new Uint8Array(n);
  const todo: number[] = [];
  return (start) => {
    seen.fill(0);
    seen[start] = 1;
    todo.length = 0;
    todo.push(start);
    let found = 0;
    for (let at = todo.pop(); at !== undefined; at = todo.pop()) {
      const least = BLOCKS * loader.columnsOf(at);
      const row = (rows[at] ??= loader.coversOf(at));
      for (let j = at + 1; j < n; j += 1) {
        if (seen[j] === 0 && row[j]! >= least && row[j]! > 0) {
          seen[j] = 1;
          found += 1;
          todo.push(j);
        }
      }
    }
    return found;
  };
}
