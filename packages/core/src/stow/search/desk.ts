/** A compartment that a search loads and looks at again and again; the kernel does both. */
import { ColumnLoader } from '../columnLoader.js';
import * as m from '../searchMemory.js';
import { HANDFUL } from '../handful.js';
import type { Rest, Slab } from '../loaderMemory.js';
import type { Compartment } from '../packGeometry.js';
import type { CompartmentView, Stands } from './compartmentView.js';
import type { FactsMemory } from './factsMemory.js';
import type { PartFigures } from './partFigures.js';
import type { SearchFacts } from './searchFacts.js';
import { roundCm, type StowState } from './stowState.js';

export class Desk implements Stands {
  readonly loader: ColumnLoader;
  private readonly at: number;
  /** By thing: whether its address as a solid is written down. */
  private readonly known: Uint8Array;
  private readonly compartment: Compartment;

  constructor(
    private readonly facts: SearchFacts,
    memory: FactsMemory,
    c: number,
    private readonly slab?: Slab,
  ) {
    this.compartment = facts.compartments[c]!;
    this.loader = this.fresh();
    const { heap } = this.loader.memory;
    this.at = heap.allocate(m.deskBytes(facts.things.length), heap.scope);
    this.known = new Uint8Array(facts.things.length);
    this.writeHead(memory.at);
  }

  private writeHead(factsAt: number): void {
    const { id, kind, zone, floor } = this.compartment;
    this.number(m.DESK_FLOOR_CM, floor[0]!);
    this.number(m.DESK_VOLUME_L, zone?.volumeL ?? Infinity);
    this.number(m.DESK_MAX_LOAD_KG, zone?.maxLoadKg ?? Infinity);
    this.number(m.DESK_SIDE, zone?.kind === 'side' ? (zone.at.x > 0 ? 1 : -1) : 0);
    this.number(m.DESK_HANDFUL, (zone === undefined ? undefined : HANDFUL[zone.kind]) ?? Infinity);
    this.count(m.DESK_LOADER, this.loader.memory.at);
    this.count(m.DESK_FACTS, factsAt);
    this.count(m.DESK_IS_MAIN, kind === 'main' ? 1 : 0);
    this.count(m.DESK_ZONE, zone === undefined ? -1 : this.facts.problem.pack.zones.indexOf(zone));
    this.count(m.DESK_HAS_HOUSE, id === 'main' ? 1 : 0);
    this.count(m.DESK_TRIED, 0);
    this.count(m.DESK_KEPT, 0);
  }
  private number(field: number, value: number): void {
    this.loader.memory.heap.f64[(this.at + field) / 8] = value;
  }
  private count(field: number, value: number): void {
    this.loader.memory.heap.i32[(this.at + field) / 4] = value;
  }

  /** Another loader of the compartment, with nothing in it. */
  fresh(): ColumnLoader {
    return new ColumnLoader(this.compartment, this.facts.things.length, this.slab);
  }

  /**
   * Load things as the state has them, and look at them.
   *
   * @param things in loading order
   * @param limit address of what the whole may come to; 0 when it may be anything
   * @returns undefined when the whole is certain to be above the limit
   */
  view(state: StowState, things: readonly number[], limit: number): CompartmentView | undefined {
    const { at, known, loader } = this;
    const { heap } = loader.memory;
    const count = things.length;
    loader.memory.makeRoom(count);
    for (let i = 0; i < count; i += 1) if (known[things[i]!] === 0) this.writeSolid(things[i]!);
    this.count(m.DESK_COUNT, count);
    for (let i = 0; i < count; i += 1) {
      const t = things[i]!;
      this.writeRecord(m.deskWanted(at), i, t, state.xOf(t), state.yOf(t), state.turnOf(t));
    }
    if (heap.kernel.look(at, limit) === 0) return undefined;
    return { figures: this.figures(), things, stands: this };
  }

  /** Told one by one: this is asked for with every move. */
  private figures(): PartFigures {
    const { at, loader } = this;
    const { f64 } = loader.memory.heap;
    return {
      misfit: f64[(at + m.DESK_MISFIT) / 8]!,
      safety: f64[(at + m.DESK_SAFETY) / 8]!,
      tooDeep: f64[(at + m.DESK_TOO_DEEP) / 8]!,
      misplaced: f64[(at + m.DESK_MISPLACED) / 8]!,
      sideKg: f64[(at + m.DESK_SIDE_KG) / 8]!,
      voidL: f64[(at + m.DESK_VOID_L) / 8]!,
      filledL: f64[(at + m.DESK_FILLED_L) / 8]!,
      massKg: f64[(at + m.DESK_MASS_KG) / 8]!,
      mx: f64[(at + m.DESK_MX) / 8]!,
      my: f64[(at + m.DESK_MY) / 8]!,
      mz: f64[(at + m.DESK_MZ) / 8]!,
      hz: f64[(at + m.DESK_HZ) / 8]!,
    };
  }

  private writeSolid(t: number): void {
    const at = this.loader.memory.solidAt(this.facts.things[t]!.solid, this.awayOf(t));
    this.loader.memory.heap.i32[m.deskSolids(this.at, this.known.length) / 4 + t] = at;
    this.known[t] = 1;
  }

  /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
  private awayOf(t: number): readonly number[] | undefined {
    const { isPinned, awayCm } = this.facts.things[t]!;
    if (this.compartment.kind !== 'main' || isPinned) return undefined;
    return awayCm[this.slab === undefined ? 0 : 1];
  }

  /** How the i-th thing stands that was looked at last. */
  zoneOf(i: number): number {
    return this.loader.memory.heap.i32[m.deskZones(this.at, this.known.length) / 4 + i]!;
  }
  heightOf(i: number): number {
    return this.loader.memory.heap.f64[m.deskHeights(this.at, this.known.length) / 8 + i]!;
  }
  troubleOf(i: number): number {
    return this.loader.memory.heap.f64[m.deskTroubles(this.at, this.known.length) / 8 + i]!;
  }

  restOf(i: number): Rest | undefined {
    return this.loader.memory.restOf(i);
  }

  /** The i-th thing that is in, which one, lies where it would have been put like this. */
  isAt(i: number, t: number, xCm: number, yCm: number, turn: number): void {
    this.writeRecord(m.deskTried(this.at, this.known.length), i, t, xCm, yCm, turn);
  }
  /** The i-th record of a list: see `assembly/desk.ts`. */
  private writeRecord(list: number, i: number, t: number, xCm: number, yCm: number, turn: number): void {
    const { f64, i32 } = this.loader.memory.heap;
    const record = list + i * m.DESK_WANTED_EACH;
    f64[record / 8] = xCm;
    f64[record / 8 + 1] = yCm;
    i32[record / 4 + 4] = t;
    i32[record / 4 + 5] = turn;
  }
  /** What is in is what later views will mostly begin with. */
  keep(): void {
    this.loader.memory.heap.kernel.keepDesk(this.at);
  }

  /** Load a thing into a loader where it is put and nowhere else. */
  loadUnmended(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void {
    loader.load(this.facts.things[t]!.solid, turn, roundCm(xCm), roundCm(yCm), false, this.awayOf(t));
  }

  /** A number for the cells that a thing would take, the same for the same cells. */
  patchOf(t: number, turn: number, xCm: number, yCm: number): number {
    return this.loader.patchOf(this.facts.things[t]!.solid, turn, xCm, yCm, this.awayOf(t));
  }
}
