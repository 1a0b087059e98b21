/** The facts of a search in the kernel's memory, and the limit that a trial has. */
import { columnHeap } from '../columnKernel.js';
import { CREVICE_CM } from '../columnLoader.js';
import * as m from '../searchMemory.js';
import { mainZoneAt } from '../mainParting.js';
import { BLOCKS, TOUCHES_CM2 } from '../neighbours.js';
import { REACH_LIMIT } from '../reach.js';
import { POINTS_WITHIN_CM } from '../backRule.js';
import { isSoft } from '../thingKinds.js';
import type { StowWeights } from '../stowCost.js';
import { TALL_CM, UPRIGHT_LEAST_CM } from '../uprights.js';
import {
  ASIDE_FREE_CM,
  FIGURES,
  PER_KG_UNEVEN,
  SIDE_FREE_KG,
  VOID_FREE_PERCENT,
  type PartFigures,
} from './partFigures.js';
import type { SearchFacts, ThingFacts } from './searchFacts.js';
import {
  ASTRAY_FREE_CM,
  FEW_CHOICES,
  LATER_FOOD_OVER,
  LEVEL_COST,
  LYING_LONG,
  PER_CM_ASTRAY,
  PER_OVER_TALL,
  PER_UPRIGHT_MISSING,
  TROUBLE,
} from './tuning.js';

/** What a thing is, as bits: see `assembly/facts.ts`. */
const MARK = { pinned: 1, bottle: 2, spent: 4, points: 8, long: 16 };
/** Turns that a rigid thing has at most. */
const MOST_TURNS = 6;

export class FactsMemory {
  /** Addresses. */
  readonly at: number;
  readonly limitAt: number;
  private readonly heap = columnHeap();

  /** @param isMended see `StowSearch` */
  constructor(
    private readonly facts: SearchFacts,
    isMended: boolean,
  ) {
    const { heap } = this;
    const { things, problem, clashes, crushes } = facts;
    const n = things.length;
    const zones = problem.pack.zones.length;
    const days = things[0]?.byDayL.length ?? 0;
    const counts = [n, n * zones, n * days, n * n, clashes.length, crushes.length] as const;
    this.at = heap.allocate(m.factsBytes(...counts), heap.scope);
    this.limitAt = heap.allocate(m.limitBytes(FIGURES), heap.scope);
    this.writeHead(zones, days, isMended);
    for (const [t, thing] of things.entries()) this.writeThing(t, thing, zones, days);
    const [, cells, daily, square] = counts;
    const { i32 } = heap;
    i32.set(clashes.flat(), m.factsClashing(this.at, n, cells, daily, square) / 4);
    i32.set(crushes.flat(), m.factsCrushing(this.at, n, cells, daily, square, clashes.length) / 4);
  }

  private writeHead(zones: number, days: number, isMended: boolean): void {
    const { problem, parting, totalKg, uprights, things, clashes, crushes } = this.facts;
    const { heavy, band, house } = problem;
    this.number(m.FACTS_TOTAL_KG, totalKg);
    this.number(m.FACTS_HEAVY_KG, heavy.totalKg);
    this.number(m.FACTS_BAND_LOW, band[0]);
    this.number(m.FACTS_BAND_HIGH, band[1]);
    this.number(m.FACTS_BOTTOM_TOP, parting.bottomTop);
    this.number(m.FACTS_TOP_FLOOR, parting.topFloor);
    this.number(m.FACTS_CORE_END, parting.coreEnd);
    this.writePrices();
    this.count(m.FACTS_THINGS, things.length);
    this.count(m.FACTS_ZONES, zones);
    this.count(m.FACTS_DAYS, days);
    this.count(m.FACTS_CLASHES, clashes.length);
    this.count(m.FACTS_CRUSHES, crushes.length);
    this.count(m.FACTS_UPRIGHTS, uprights);
    this.count(m.FACTS_IS_MENDED, isMended ? 1 : 0);
    this.count(m.FACTS_IN_COLUMNS, house.stacking === 'columns' ? 1 : 0);
    const between = parting.bottomTop;
    this.count(m.FACTS_BOTTOM_ZONE, mainZoneAt(parting, 0, -Infinity));
    this.count(m.FACTS_CORE_ZONE, mainZoneAt(parting, -Infinity, between));
    this.count(m.FACTS_OUTER_ZONE, mainZoneAt(parting, Infinity, between));
    this.count(m.FACTS_TOP_ZONE, mainZoneAt(parting, 0, Infinity));
  }

  private writePrices(): void {
    this.number(m.FACTS_POOR_PLACE, LEVEL_COST.poor);
    this.number(m.FACTS_LYING_LONG, LYING_LONG);
    this.number(m.FACTS_PER_CM_ASTRAY, PER_CM_ASTRAY);
    this.number(m.FACTS_ASTRAY_FREE_CM, ASTRAY_FREE_CM);
    this.number(m.FACTS_PER_OVER_TALL, PER_OVER_TALL);
    this.number(m.FACTS_PER_UPRIGHT_MISSING, PER_UPRIGHT_MISSING);
    this.number(m.FACTS_LATER_FOOD_OVER, LATER_FOOD_OVER);
    this.number(m.FACTS_TROUBLE_OVER, TROUBLE.over);
    this.number(m.FACTS_TROUBLE_UNSAFE, TROUBLE.unsafe);
    this.number(m.FACTS_TROUBLE_OUT, TROUBLE.outOfReach);
    this.number(m.FACTS_TROUBLE_DEEP, TROUBLE.tooDeep);
    this.number(m.FACTS_TROUBLE_POOR, TROUBLE.poorPlace);
    this.number(m.FACTS_POINTS_CM, POINTS_WITHIN_CM);
    this.number(m.FACTS_STANDS_CM, UPRIGHT_LEAST_CM);
    this.number(m.FACTS_TALL_CM, TALL_CM);
    this.number(m.FACTS_BLOCKS, BLOCKS);
    this.number(m.FACTS_TOUCHES_CM2, TOUCHES_CM2);
    this.number(m.FACTS_ASIDE_FREE_CM, ASIDE_FREE_CM);
    this.number(m.FACTS_SIDE_FREE_KG, SIDE_FREE_KG);
    this.number(m.FACTS_PER_KG_UNEVEN, PER_KG_UNEVEN);
    this.number(m.FACTS_VOID_FREE_PERCENT, VOID_FREE_PERCENT);
    this.number(m.FACTS_CREVICE_CM, CREVICE_CM);
  }

  private writeThing(t: number, own: ThingFacts, zones: number, days: number): void {
    const { at, heap } = this;
    const { f64, i32 } = heap;
    const n = this.facts.things.length;
    const isFew = own.allowed.length <= FEW_CHOICES.most;
    const figures = [
      own.massKg,
      own.heavyKg,
      own.volumeL,
      own.mostL,
      REACH_LIMIT[own.thing.needed],
      isFew ? FEW_CHOICES.counts - 1 : 0,
    ];
    f64.set(figures, (m.factsFigures(at) + t * m.FACTS_FIGURES_EACH) / 8);
    for (const [k, awayCm] of own.awayCm.entries())
      f64.set(awayCm, (m.factsFelt(at, n) + t * m.FACTS_FELT_EACH) / 8 + k * MOST_TURNS);
    const cells = n * zones;
    for (const [z, { misplaced, safety, tooDeep, exempt }] of own.choices.entries()) {
      const choice = (m.factsChoices(at, n) + (t * zones + z) * m.FACTS_CHOICES_EACH) / 8;
      f64.set([misplaced, safety, tooDeep, exempt ? 1 : 0], choice);
    }
    f64.set(own.byDayL, m.factsByDayL(at, n, cells) / 8 + t * days);
    const marks =
      (own.isPinned ? MARK.pinned : 0) +
      (own.isBottle ? MARK.bottle : 0) +
      (own.isSpent ? MARK.spent : 0) +
      (isSoft(own.thing) && own.hasPoints ? MARK.points : 0) +
      (own.isLong ? MARK.long : 0);
    const eaten = own.isSpent ? 0 : (own.thing.consumption?.fromDay ?? 0);
    i32.set([marks, eaten], (m.factsMarks(at, n, cells, n * days) + t * m.FACTS_MARKS_EACH) / 4);
  }

  private number(field: number, value: number): void {
    this.heap.f64[(this.at + field) / 8] = value;
  }
  private count(field: number, value: number): void {
    this.heap.i32[(this.at + field) / 4] = value;
  }

  /** A limit on what the whole comes to with one compartment more; its address. */
  limit(most: number, weights: StowWeights, others: Readonly<PartFigures>): number {
    const { f64 } = this.heap;
    const at = this.limitAt / 8;
    f64[at + m.LIMIT_MOST / 8] = most;
    f64[at + m.LIMIT_MISFIT / 8] = weights.misfit;
    f64[at + m.LIMIT_SAFETY / 8] = weights.safety;
    f64[at + m.LIMIT_TOO_DEEP / 8] = weights.tooDeep;
    f64[at + m.LIMIT_BAND_MISS_CM / 8] = weights.bandMissCm;
    f64[at + m.LIMIT_ASIDE_CM / 8] = weights.asideCm;
    f64[at + m.LIMIT_VOID_PERCENT / 8] = weights.voidPercent;
    f64[at + m.LIMIT_OUT_CM / 8] = weights.outCm;
    f64[at + m.LIMIT_MISPLACED / 8] = weights.misplaced;
    const list = m.limitOthers(this.limitAt);
    f64[(list + m.DESK_MISFIT) / 8] = others.misfit;
    f64[(list + m.DESK_SAFETY) / 8] = others.safety;
    f64[(list + m.DESK_TOO_DEEP) / 8] = others.tooDeep;
    f64[(list + m.DESK_MISPLACED) / 8] = others.misplaced;
    f64[(list + m.DESK_SIDE_KG) / 8] = others.sideKg;
    f64[(list + m.DESK_VOID_L) / 8] = others.voidL;
    f64[(list + m.DESK_FILLED_L) / 8] = others.filledL;
    f64[(list + m.DESK_MASS_KG) / 8] = others.massKg;
    f64[(list + m.DESK_MX) / 8] = others.mx;
    f64[(list + m.DESK_MY) / 8] = others.my;
    f64[(list + m.DESK_MZ) / 8] = others.mz;
    f64[(list + m.DESK_HZ) / 8] = others.hz;
    return this.limitAt;
  }
}
