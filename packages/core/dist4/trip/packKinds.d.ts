/** Kinds of pack beside the usual one, and what is different about each; all of it common practice, no source. */
import type { Pack } from './model.js';
export declare const PACK_KINDS: readonly ['usual', 'topLoader', 'panelLoader', 'frameless', 'child', 'externalFrame'];
export type PackKind = (typeof PACK_KINDS)[number];
interface PackKindText {
    /** What such a pack is called. */
    readonly name: string;
    readonly label: string;
    readonly about: string;
}
export declare const PACK_KIND_TEXTS: Readonly<Record<PackKind, PackKindText>>;
/** A pack made over into another kind; its weights stay. */
export declare function ofKind(pack: Pack, kind: PackKind): Pack;
export {};
