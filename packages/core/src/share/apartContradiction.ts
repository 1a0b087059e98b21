/**
 * Whether rules that keep pieces apart can be kept at all, all together. Two rules that can be kept one by one may leave
 * nobody for a third: three pieces, each apart from the other two, need three carriers.
 *
 * It is the colouring of a graph from lists: bundles are its points, rules its lines, carriers the colours.
 */

/** What goes to one carrier: the indexes of those who may have it. */
interface Carried {
  readonly allowed: readonly number[];
}

/** What cannot be: bundles that no carriers are found for, however they are given. */
export interface ApartContradiction {
  /** Indexes of the bundles. */
  readonly bundles: readonly number[];
  /** Each must be with somebody else, so that they need as many carriers; else they only hang together. */
  readonly isClique: boolean;
}

/** Steps of the search for carriers: with more rules than that looks through, nothing is said. */
const MOST_STEPS = 20_000;

/**
 * @param apart lists of bundles that must all be with different carriers
 * @returns undefined when there are carriers for all, or it was not found out in time
 */
export function apartContradiction(
  bundles: readonly Carried[],
  apart: readonly (readonly number[])[],
): ApartContradiction | undefined {
  const graph = graphOf(apart);
  for (const part of partsOf(graph)) {
    const clique = tightClique(bundles, graph, part);
    if (clique !== undefined) return { bundles: clique, isClique: true };
    if (isColourable(bundles, graph, part) === false) return { bundles: part, isClique: false };
  }
  return undefined;
}

/** What is said of rules that can each be kept, and not all together. @param rules one for each list of `apart` */
export function apartTogether(
  bundles: readonly (Carried & { readonly name: string })[],
  apart: readonly (readonly number[])[],
  rules: readonly { readonly reason: string }[],
): readonly string[] {
  const found = apartContradiction(bundles, apart);
  if (found === undefined) return [];
  const those = new Set(found.bundles);
  const reasons = rules.flatMap((rule, r) =>
    apart[r]!.filter((b) => those.has(b)).length > 1 ? [`"${rule.reason}"`] : [],
  );
  const names = found.bundles.map((b) => bundles[b]!.name).join(', ');
  const carriers = new Set(found.bundles.flatMap((b) => bundles[b]!.allowed)).size;
  return [
    found.isClique
      ? `${[...new Set(reasons)].join(' and ')} together ask for ${found.bundles.length} different carriers for ${names}: ${carriers} may carry these pieces`
      : `${[...new Set(reasons)].join(' and ')} cannot all be kept: there is no way to give ${names} to those who may carry them`,
  ];
}

type Graph = ReadonlyMap<number, ReadonlySet<number>>;

function graphOf(apart: readonly (readonly number[])[]): Graph {
  const graph = new Map<number, Set<number>>();
  for (const rule of apart)
    for (const a of rule)
      for (const b of rule) {
        if (a === b) continue;
        const beside = graph.get(a) ?? new Set<number>();
        graph.set(a, beside.add(b));
      }
  return graph;
}

/** Points that hang together, in their order. */
function partsOf(graph: Graph): readonly (readonly number[])[] {
  const seen = new Set<number>();
  return [...graph.keys()].flatMap((start) => {
    if (seen.has(start)) return [];
    const part = [start];
    seen.add(start);
    for (const at of part)
      for (const next of graph.get(at)!) {
        if (seen.has(next)) continue;
        seen.add(next);
        part.push(next);
      }
    return [part.sort((a, b) => a - b)];
  });
}

/** A set each two of which are apart, for which there are fewer carriers than bundles. */
function tightClique(
  bundles: readonly Carried[],
  graph: Graph,
  part: readonly number[],
): readonly number[] | undefined {
  const grown = new Set<number>();
  for (const start of part) {
    // Where it is in a set already, another is seldom found from it.
    if (grown.has(start)) continue;
    const clique = [start];
    const carriers = new Set(bundles[start]!.allowed);
    // Those with few carriers first: they are the ones that cannot be.
    const others = [...graph.get(start)!].sort(
      (a, b) => bundles[a]!.allowed.length - bundles[b]!.allowed.length || a - b,
    );
    for (const next of others) {
      if (!clique.every((b) => graph.get(b)!.has(next))) continue;
      clique.push(next);
      for (const m of bundles[next]!.allowed) carriers.add(m);
      if (carriers.size < clique.length) return clique.sort((a, b) => a - b);
    }
    for (const b of clique) grown.add(b);
  }
  return undefined;
}

/** Each gets a carrier in turn, whoever has the fewest left first; undefined when it takes too long to say. */
function isColourable(
  bundles: readonly Carried[],
  graph: Graph,
  part: readonly number[],
): boolean | undefined {
  /** By bundle and carrier, how many that are apart from it that carrier has. */
  const taken = new Map(part.map((b) => [b, new Map(bundles[b]!.allowed.map((m) => [m, 0]))]));
  const given = new Map<number, number>();
  const give = (b: number, m: number, by: 1 | -1): void => {
    if (by > 0) given.set(b, m);
    else given.delete(b);
    for (const other of graph.get(b)!) {
      const counts = taken.get(other)!;
      const count = counts.get(m);
      if (count !== undefined) counts.set(m, count + by);
    }
  };
  const left = (b: number): number[] => [...taken.get(b)!].flatMap(([m, count]) => (count === 0 ? [m] : []));
  /** For each bundle that has been given: the carriers that are still to be tried. */
  const tried: { readonly bundle: number; readonly rest: number[] }[] = [];
  let forward = true;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    if (forward) {
      if (given.size === part.length) return true;
      let next: { bundle: number; rest: number[] } | undefined;
      for (const b of part) {
        if (given.has(b)) continue;
        const rest = left(b);
        if (next === undefined || rest.length < next.rest.length) next = { bundle: b, rest };
      }
      tried.push(next!);
    }
    const last = tried.at(-1);
    if (last === undefined) return false;
    const carrier = last.rest.pop();
    forward = carrier !== undefined;
    if (carrier !== undefined) give(last.bundle, carrier, 1);
    else {
      tried.pop();
      const before = tried.at(-1);
      if (before !== undefined) give(before.bundle, given.get(before.bundle)!, -1);
    }
  }
  return undefined;
}
