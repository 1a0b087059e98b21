/** Where a search for a stow starts: every thing where the placement rules like it best and there still is room. */
import type { ZoneKind } from '../trip/model.js';
import { ColumnLoader } from './columnLoader.js';
import { compareLoading } from './loadingOrder.js';
import { placementVerdict, preferredKinds } from './placementRules.js';
import { energyOf, WEIGHTS } from './stowCost.js';
import { keep, restore, type StowSearch } from './stowSearch.js';

const NEED_FIRST = ['walking', 'hurry', 'stop', 'firstInCamp', 'camp'] as const;
const HEIGHT_RANK: Readonly<Partial<Record<ZoneKind, number>>> = { bottom: 0, core: 1, outer: 1, top: 2 };
const VERDICT_PRICE = { good: 0, fair: 1, poor: 4, never: 50 } as const;
/** A litre too many in a pocket. */
const PER_LITRE_OVER = 20;

/** Give every movable thing of a search a compartment, a place and its turn in the order. */
export function startFromRules(search: StowSearch): void {
  const { problem, compartments } = search;
  const { pack, things, house, day } = problem;
  const freeL = compartments.map((c) => c.zone?.volumeL ?? Infinity);
  const freeKg = compartments.map((c) => c.zone?.maxLoadKg ?? Infinity);
  const fullest = (t: number): number => Math.max(...things[t]!.volumeL);
  const pockets = compartments.map((c) =>
    c.zone === undefined || c.kind === 'sleeve' ? undefined : new ColumnLoader(c, things.length),
  );
  for (let t = 0; t < things.length; t += 1) {
    const c = search.comp[t]!;
    if (c < 0) continue;
    freeL[c]! -= fullest(t);
    freeKg[c]! -= things[t]!.massKg;
    pockets[c]?.load(search.solids[t]!, search.turn[t]!, search.x[t]!, search.y[t]!);
  }
  const byNeed = [...search.movable].sort(
    (a, b) =>
      NEED_FIRST.indexOf(things[a]!.thing.needed) - NEED_FIRST.indexOf(things[b]!.thing.needed) ||
      fullest(b) - fullest(a),
  );
  const mainZones = pack.zones.filter((z) => HEIGHT_RANK[z.kind] !== undefined);
  const height = new Map<number, number>();
  for (const t of byNeed) {
    const { thing } = things[t]!;
    let chosen = search.allowed[t]![0]!;
    let least = Infinity;
    let loadChosen: () => void = () => undefined;
    for (const c of search.allowed[t]!) {
      const { zone, id } = compartments[c]!;
      const zones =
        zone === undefined ? mainZones.filter((z) => id !== 'bottom' || z.kind === 'bottom') : [zone];
      const verdicts = zones.map((z) => placementVerdict(thing, z, house, pack));
      const trial = trialLoad(pockets[c], search, t);
      const price =
        Math.min(...verdicts.map((v) => VERDICT_PRICE[v.level])) +
        PER_LITRE_OVER * Math.max(0, fullest(t) - freeL[c]!) +
        PER_LITRE_OVER * Math.max(0, things[t]!.massKg - freeKg[c]!) +
        (PER_LITRE_OVER * trial.overCm3) / 1000;
      if (price < least) {
        least = price;
        chosen = c;
        loadChosen = trial.load;
      }
    }
    freeL[chosen]! -= fullest(t);
    freeKg[chosen]! -= things[t]!.massKg;
    loadChosen();
    const wanted = preferredKinds(thing, house).find((kind) => HEIGHT_RANK[kind] !== undefined);
    height.set(t, HEIGHT_RANK[wanted ?? 'outer']!);
    const { x0, y0, nx, ny, cellCm } = compartments[chosen]!;
    const out = wanted === 'core' ? 0.25 : wanted === 'outer' ? 0.7 : 0.5;
    search.put(t, chosen, x0 + 0.5 * nx * cellCm, y0 + out * ny * cellCm, 0);
    search.turn[t] = bestTurn(search, t, chosen);
  }
  const place = new Map([...search.order].map((t, i) => [t, i]));
  // High schools load the dense things late, low ones early.
  const lift = { high: 1.6, middle: 0, low: -1.6 }[problem.school.id];
  const rank = (t: number): number => (height.get(t) ?? 1) + (search.isDense(t) ? lift : 0);
  const sorted = [...search.order].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      compareLoading(things[a]!, things[b]!) ||
      things[b]!.volumeL[day - 1]! - things[a]!.volumeL[day - 1]! ||
      place.get(a)! - place.get(b)!,
  );
  search.order.set(sorted);
  spread(search);
}

/**
 * Try a thing in a pocket, in each way and at a few places; the pocket is left as it was.
 *
 * @returns what does not go in at the place where most does, cm³, and how to load it there
 */
function trialLoad(
  pocket: ColumnLoader | undefined,
  search: StowSearch,
  t: number,
): { readonly overCm3: number; readonly load: () => void } {
  let best = { overCm3: pocket === undefined ? 0 : Infinity, load: (): void => undefined };
  if (pocket === undefined) return best;
  const { x0, y0, nx, ny, cellCm } = pocket.compartment;
  const count = pocket.loaded;
  for (let turn = 0; turn < search.turnsOf(t); turn += 1) {
    for (const across of [0, 0.5, 1]) {
      for (const out of [0, 0.5, 1]) {
        const load = (): void =>
          pocket.load(search.solids[t]!, turn, x0 + across * nx * cellCm, y0 + out * ny * cellCm);
        const before = pocket.overflowCm3;
        load();
        const overCm3 = pocket.overflowCm3 - before;
        pocket.rewind(count);
        if (overCm3 < best.overCm3) best = { overCm3, load };
      }
    }
  }
  return best;
}

/** Points of the floor that are tried for each thing, as parts of its width and depth. */
const ACROSS = [0.15, 0.35, 0.5, 0.65, 0.85];
const OUT = [0.12, 0.35, 0.6, 0.88];
/** What a litre lost costs against a centimetre of height. */
const PER_VOID_L = 12;
const PER_OVERFLOW_L = 500;

/** Thing after thing, each where it lies lowest with the least lost under it; the dense ones nearer to the back. */
function spread(search: StowSearch): void {
  for (let c = 0; c < search.compartments.length; c += 1) {
    const compartment = search.compartments[c]!;
    if (compartment.kind === 'sleeve') continue;
    const mine = [...search.order].filter((t) => search.comp[t] === c);
    const loader = new ColumnLoader(compartment, mine.length);
    const [w, d] = [compartment.nx * compartment.cellCm, compartment.ny * compartment.cellCm];
    for (const [i, t] of mine.entries()) {
      const solid = search.solids[t]!;
      if (!search.isPinned(t)) {
        let least = Infinity;
        for (const across of ACROSS) {
          for (const out of OUT) {
            for (let turn = 0; turn < search.turnsOf(t); turn += 1) {
              const [x, y] = [compartment.x0 + across * w, compartment.y0 + out * d];
              const price =
                priceOf(loader, i, compartment.floor[0]!, () => loader.load(solid, turn, x, y)) +
                search.density(t) * 10 * out;
              loader.rewind(i);
              if (price >= least) continue;
              least = price;
              search.put(t, c, x, y, turn);
            }
          }
        }
      }
      loader.load(solid, search.turn[t]!, search.x[t]!, search.y[t]!);
    }
  }
}

/** Steps to either side, in cells, within which a thing is moved when a stow comes from a coarser grid. */
const NEAR_CELLS = [0, -1, 1, -2, 2];
/** Lost by a thing, cm³: then it is tried everywhere, in steps of so many cells. */
const NOTICEABLY_LOST_CM3 = 250;
const FAR_STEP = 2;
/** What a step away costs against a centimetre of height. */
const PER_STEP = 0.2;

/**
 * Move things of a stow that was made on a coarser grid by a cell or two, one after another, to where they lie lowest
 * with the least lost under them: rounding alone may set things on each other's edges. Where it does not, all stays.
 */
export function settleNear(search: StowSearch): void {
  const rounded = search.cost();
  const state = keep(search);
  for (let c = 0; c < search.compartments.length; c += 1) {
    const compartment = search.compartments[c]!;
    if (compartment.kind === 'sleeve') continue;
    const { cellCm } = compartment;
    const mine = [...search.order].filter((t) => search.comp[t] === c);
    const loader = search.emptyLoader(c);
    const { x0, y0, nx, ny } = compartment;
    for (const [i, t] of mine.entries()) {
      if (!search.isPinned(t)) {
        const [x, y, old] = [search.x[t]!, search.y[t]!, search.turn[t]!];
        let least = Infinity;
        let lostCm3 = 0;
        const look = (turn: number, xCm: number, yCm: number): void => {
          const lost = loader.voidCm3 + loader.overflowCm3;
          const price = priceOf(loader, i, compartment.floor[0]!, () =>
            search.loadInto(loader, t, turn, xCm, yCm),
          );
          const far = (PER_STEP * (Math.abs(xCm - x) + Math.abs(yCm - y))) / cellCm;
          const lostHere = loader.voidCm3 + loader.overflowCm3 - lost;
          loader.rewind(i);
          if (price + far >= least) return;
          least = price + far;
          lostCm3 = lostHere;
          search.put(t, c, xCm, yCm, turn);
        };
        for (const dx of NEAR_CELLS) for (const dy of NEAR_CELLS) look(old, x + dx * cellCm, y + dy * cellCm);
        // It stands on an edge: anywhere else.
        for (let turn = 0; lostCm3 > NOTICEABLY_LOST_CM3 && turn < search.turnsOf(t); turn += 1)
          for (let jy = 1; jy < ny; jy += FAR_STEP)
            for (let jx = 1; jx < nx; jx += FAR_STEP) look(turn, x0 + jx * cellCm, y0 + jy * cellCm);
      }
      search.loadInto(loader, t, search.turn[t]!, search.x[t]!, search.y[t]!);
    }
  }
  if (energyOf(rounded, WEIGHTS) < energyOf(search.cost(), WEIGHTS)) restore(search, state);
}

/** What a place costs by itself: the height, what is lost under it, what stands out. The thing stays loaded. */
function priceOf(loader: ColumnLoader, i: number, floorCm: number, load: () => void): number {
  const [voids, over] = [loader.voidCm3, loader.overflowCm3];
  load();
  return (
    (loader.measure(i) ? loader.middleZ : floorCm) +
    (PER_VOID_L * (loader.voidCm3 - voids)) / 1000 +
    (PER_OVERFLOW_L * (loader.overflowCm3 - over)) / 1000
  );
}

/** Standing in open pockets; elsewhere with the smallest depth that fits under the ceiling. */
function bestTurn(search: StowSearch, t: number, c: number): number {
  const solid = search.solids[t]!;
  if (solid.kind === 'soft') return 0;
  const { nx, ny, zone } = search.compartments[c]!;
  const price = solid.turns.map((turn) => {
    const fits = turn.nx <= nx && turn.ny <= ny ? 0 : 1000;
    const tall = zone !== undefined && !zone.openAbove ? Math.max(0, turn.heightCm - zone.heightCm) * 100 : 0;
    return fits + tall + (zone?.openAbove === true ? -turn.heightCm : turn.depthCm);
  });
  return price.indexOf(Math.min(...price));
}
