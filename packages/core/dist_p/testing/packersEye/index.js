import { STATEMENTS } from './statements.js';
export { seenPack } from './seen.js';
/** Everything that an experienced packer would refuse of a pack. */
export function objections(pack) {
    return STATEMENTS.flatMap(({ id, broken }) => [...new Set(broken(pack))].map((what) => ({ statement: id, who: pack.who, what })));
}
//# sourceMappingURL=index.js.map