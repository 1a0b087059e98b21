/** Proof that no share has a lower level, by branch and bound over whole packs; see `PackSearch`. */
import { PackSearch } from './packSearch.js';
import { DRIFT, PackTable } from './packTable.js';
import type { ShareProblem } from './problem.js';
import { ShareState } from './shareState.js';

export interface LevelProof {
  /** The best assignment known at the end; better than the given one where the search found one. */
  readonly assignment: Int32Array;
  /** Whether its level is the lowest there is. */
  readonly proven: boolean;
  readonly nodes: number;
}

/** Room below the target is cut by this part of it, so that an equal level is no find. */
const STRICT = 1e-9;
/** The part of the looks that goes to a share at the bound itself, before lower and lower ones are looked for. */
const AT_BOUND = 0.3;

/**
 * @param assignment a share within all limits, packs and keep-apart rules, but for what personal things alone break
 * @param level its level
 * @param bound a level that no share is below; 0 when none is known
 * @param nodesMost how many sums may be looked at
 * @param tell is told of them as they are
 */
export function proveLevel(
  problem: ShareProblem,
  assignment: Int32Array,
  level: number,
  bound: number,
  nodesMost: number,
  tell: (nodes: number) => void = () => undefined,
): LevelProof {
  let best = assignment;
  let target = level;
  let nodes = 0;
  const table = new PackTable(problem);
  const { over } = new ShareState(problem, assignment);
  // Containers of others are taken to have room for everybody here: such a find may be none.
  const isShare = (found: Int32Array): boolean => new ShareState(problem, found).over <= over + DRIFT;
  const look = (at: number, most: number): 'found' | 'none' | 'unknown' => {
    const search = new PackSearch(table, at, most, { isShare, tell });
    const found = search.run();
    nodes += search.nodes;
    if (found === undefined) return search.isCut ? 'unknown' : 'none';
    best = found;
    target = new ShareState(problem, found).level();
    return 'found';
  };
  if (bound > 0 && look(bound * (1 + STRICT), nodesMost * AT_BOUND) === 'found')
    return { assignment: best, proven: true, nodes };
  for (;;) {
    const result = look(target * (1 - STRICT), nodesMost - nodes);
    if (result !== 'found') return { assignment: best, proven: result === 'none', nodes };
  }
}
