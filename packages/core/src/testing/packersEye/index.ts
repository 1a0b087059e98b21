/** An experienced eye on a finished stow. */
import type { SeenPack } from './seen.js';
import { STATEMENTS } from './statements.js';

export { seenPack } from './seen.js';

export interface Objection {
  readonly statement: string;
  readonly who: string;
  readonly what: string;
}

/** Everything that an experienced packer would refuse of a pack. */
export function objections(pack: SeenPack): readonly Objection[] {
  return STATEMENTS.flatMap(({ id, broken }) =>
    [...new Set(broken(pack))].map((what) => ({ statement: id, who: pack.who, what })),
  );
}
