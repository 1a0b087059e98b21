/** An experienced eye on a finished stow. */
import type { SeenPack } from './seen.js';
export { seenPack } from './seen.js';
export interface Objection {
    readonly statement: string;
    readonly who: string;
    readonly what: string;
}
/** Everything that an experienced packer would refuse of a pack. */
export declare function objections(pack: SeenPack): readonly Objection[];
