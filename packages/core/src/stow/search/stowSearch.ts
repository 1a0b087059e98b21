/**
 * A search for a stow: a state, and what it was found to come to. A move is tried and taken back, unless what it comes
 * to is committed; every compartment's view is kept until something in it changes.
 */
import type { Placement, PointCm } from '../../trip/model.js';
import type { ColumnLoader } from '../columnLoader.js';
import { energyOf, type StowCost, type StowWeights } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { NOTHING, type CompartmentView } from './compartmentView.js';
import { Desks } from './desks.js';
import { addFigures, bandMissOf, centreOf, costOf, packFigures, type PartFigures } from './partFigures.js';
import { searchFacts, type SearchFacts } from './searchFacts.js';
import { sleeveView } from './sleeveView.js';
import { placementsOf } from './placementsOf.js';
import { StowState, type Undo } from './stowState.js';
import { ThingStands } from './thingStands.js';

/** What a state comes to. */
export interface Evaluation {
  readonly cost: StowCost;
  /** The centre of gravity, cm. */
  readonly centre: PointCm;
  /** How far the heavy half is above its band, cm; negative below. */
  readonly bandMissCm: number;
  readonly views: readonly CompartmentView[];
  /** What they come to together, with the empty pack. */
  readonly sum: Readonly<PartFigures>;
  /** Compartments that were loaded for it. */
  readonly loaded: readonly number[];
}

/** The most that the energy of what a move leads to may be; asked for once the move is made. */
export interface Limit {
  readonly weights: StowWeights;
  readonly most: () => number;
}

/** The same, asked for. */
export interface Most {
  readonly weights: StowWeights;
  readonly limit: number;
}
type Views = readonly (CompartmentView | undefined)[];

/** Changes a state; undefined when it would change nothing. */
export type Change = () => Undo | undefined;

export class StowSearch {
  readonly facts: SearchFacts;
  readonly state: StowState;
  private readonly desks: Desks;
  /** By compartment, as the state stands where it is not stale. */
  private views: Views;
  /** What the views come to together. */
  private sum: Readonly<PartFigures>;
  private bandMissCm = 0;
  private readonly stands: ThingStands;
  private pending: { readonly evaluation: Evaluation; readonly undo: Undo } | undefined;

  /**
   * @param placements where things are at the beginning; pinned ones stay there
   * @param cellCm edge of a cell of the grid that things are loaded on
   * @param isMended what would stand out is put, and told, where it goes in; else all is just as it is told
   */
  constructor(problem: StowProblem, placements: readonly Placement[], cellCm: number, isMended = true) {
    this.facts = searchFacts(problem, placements, cellCm);
    this.state = new StowState(this.facts, placements);
    this.desks = new Desks(this.facts, isMended);
    this.views = this.facts.compartments.map(() => undefined);
    this.sum = packFigures(this.facts);
    this.stands = new ThingStands(this.facts.things.length);
  }

  /** What the state comes to as it stands. */
  look(): Evaluation {
    this.withdraw();
    const evaluation = this.evaluate()!;
    this.see(evaluation);
    return evaluation;
  }

  /**
   * What the state costs as it stands, when nothing else will be asked of it.
   *
   * @returns undefined when its energy is certain to be above a limit
   */
  glance(limit?: Most): StowCost | undefined {
    const evaluation = this.evaluate(limit);
    if (evaluation === undefined) return undefined;
    this.stand(evaluation);
    return evaluation.cost;
  }
  /** What is loaded now is what later states will mostly begin with. */
  keepLoaded(): void {
    for (const [c, { kind }] of this.facts.compartments.entries())
      if (kind !== 'sleeve') this.desks.of(c, this.state).keep();
  }

  /**
   * Make a change and see what it comes to. It is taken back as soon as something else is tried, unless that is
   * committed; at once when its energy is above a limit, or is certain to be.
   *
   * @returns undefined when it changes nothing or comes to too much
   */
  trial(change: Change, limit?: Limit): Evaluation | undefined {
    this.withdraw();
    const undo = change();
    if (undo === undefined) return undefined;
    const within = limit === undefined ? undefined : { weights: limit.weights, limit: limit.most() };
    const evaluation = this.evaluate(within);
    const isIn =
      evaluation !== undefined &&
      (within === undefined || energyOf(evaluation.cost, within.weights) <= within.limit);
    if (!isIn) {
      undo();
      this.state.clearStale();
      return undefined;
    }
    this.pending = { evaluation, undo };
    return evaluation;
  }

  /** Take everything to be where it comes to rest, so that what was mended need not be again. */
  settle(): Evaluation {
    this.withdraw();
    this.state.touchAll();
    const evaluation = this.evaluate()!;
    this.adopt(evaluation);
    return evaluation;
  }

  /**
   * Adopt what was tried last, and take what it moved to be where it came to rest.
   *
   * @param evaluation the last that `trial` returned
   */
  commit(evaluation: Evaluation): void {
    if (this.pending?.evaluation !== evaluation) throw new Error('only the last trial can be committed');
    this.pending = undefined;
    this.adopt(evaluation);
  }
  private adopt(evaluation: Evaluation): void {
    this.see(evaluation);
    for (const c of evaluation.loaded) {
      const desk = this.desks.of(c, this.state);
      const { things } = evaluation.views[c]!;
      for (let i = 0; i < things.length; i += 1) {
        const t = things[i]!;
        if (this.settleThing(t)) desk.isAt(i, t, this.state.xOf(t), this.state.yOf(t), this.state.turnOf(t));
      }
      desk.keep();
    }
  }

  /** What was tried last is taken back. */
  withdraw(): void {
    if (this.pending === undefined) return;
    this.pending.undo();
    this.state.clearStale();
    this.pending = undefined;
  }

  /** Whether a thing came to rest elsewhere than it was put; it is there from now on. */
  private settleThing(t: number): boolean {
    const rest = this.stands.rests[t];
    return rest !== undefined && this.state.settle(t, rest.xCm, rest.yCm, rest.turn);
  }

  /** Evaluate the state; undefined when its energy is certain to be above a limit: the rest is then not loaded. */
  private evaluate(within?: Most): Evaluation | undefined {
    const { facts, state } = this;
    const views = this.views.slice();
    const stale: number[] = [];
    for (let c = 0; c < views.length; c += 1) {
      if (!state.isStale(c)) continue;
      views[c] = undefined;
      if (c !== facts.main) stale.push(c);
    }
    // The main compartment last: it takes longest to load, and then all else is known.
    if (facts.main >= 0 && state.isStale(facts.main)) stale.push(facts.main);
    const loaded: number[] = [];
    for (let k = 0; k < stale.length; k += 1) {
      const c = stale[k]!;
      const limit = within === undefined || k < stale.length - 1 ? 0 : this.limitBeside(views, within);
      const view = this.viewOf(c, limit);
      if (view === undefined) return undefined;
      views[c] = view;
      if (c !== facts.sleeve && view.things.length > 0) loaded.push(c);
    }
    const sum = this.sumOf(views);
    return {
      cost: costOf(sum, facts.problem),
      centre: centreOf(sum),
      bandMissCm: bandMissOf(sum.hz, facts.problem),
      views: views as readonly CompartmentView[],
      sum,
      loaded,
    };
  }

  /** Load a compartment and look at it; undefined when the whole is then certain to be above a limit. */
  private viewOf(c: number, limit: number): CompartmentView | undefined {
    const { facts, state } = this;
    if (c === facts.sleeve) return sleeveView(facts, state, c);
    const things = state.thingsIn(c);
    return things.length === 0 ? NOTHING : this.desks.of(c, state).view(state, things, limit);
  }

  /** @param views of all but the compartment that is looked at last */
  private limitBeside(views: Views, { weights, limit }: Most): number {
    const others = { ...this.sum };
    for (let c = 0; c < views.length; c += 1) {
      const [view, before] = [views[c], this.views[c]];
      if (view === before) continue;
      const isMain = this.facts.compartments[c]!.kind === 'main';
      if (before !== undefined) addFigures(others, before.figures, isMain, -1);
      if (view !== undefined) addFigures(others, view.figures, isMain);
    }
    return this.desks.memory.limit(limit, weights, others);
  }

  /** The figures of all compartments that are looked at and of the empty pack. */
  private sumOf(views: Views): PartFigures {
    const { compartments } = this.facts;
    const sum = packFigures(this.facts);
    for (let c = 0; c < views.length; c += 1) {
      const view = views[c];
      if (view !== undefined) addFigures(sum, view.figures, compartments[c]!.kind === 'main');
    }
    return sum;
  }

  /** The state stands as it was evaluated. */
  private stand({ views, sum }: Evaluation): void {
    this.views = views;
    this.sum = sum;
    this.state.clearStale();
  }

  private see(evaluation: Evaluation): void {
    const { views, bandMissCm } = evaluation;
    for (let c = 0; c < views.length; c += 1) if (views[c] !== this.views[c]) this.stands.see(views[c]!);
    this.stand(evaluation);
    this.bandMissCm = bandMissCm;
  }

  /** How high a thing's middle was when the state was last looked at, cm. */
  heightOf(t: number): number {
    return this.stands.heights[t]!;
  }
  /** How badly a thing stood: rules broken, too deep, out of place. */
  troubleOf(t: number): number {
    return this.stands.troubles[t]!;
  }
  /** 1 when the heavy half was above its band, −1 below, 0 inside. */
  get tooHigh(): number {
    return Math.sign(this.bandMissCm);
  }

  /** Whether a thing would be put where it is: in the same cells, turned the same way. */
  isThere(t: number, c: number, xCm: number, yCm: number, turn: number): boolean {
    return this.desks.isThere(this.state, t, c, xCm, yCm, turn);
  }

  /** A loader of a compartment with nothing in it, reservoir and all. */
  emptyLoader(c: number): ColumnLoader {
    return this.desks.fresh(c, this.state);
  }
  /** Load a thing that may be moved, as it is when nothing is mended. */
  loadInto(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void {
    this.desks.of(this.state.compartmentOf(t), this.state).loadUnmended(loader, t, turn, xCm, yCm);
  }

  /** The state as placements, in loading order, nested things after their holders. */
  placements(): readonly Placement[] {
    this.look();
    return placementsOf(this.facts, this.state, this.stands);
  }
}
