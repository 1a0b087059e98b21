/** What stands in a piece's block, as far as it fits. */
import { partName } from '../shared/partName';
import { wrapped } from '../shared/wrapped';

/** A letter of the blocks' type, rather wide than narrow; what edges and a lock take, px. */
const LETTER_PX = 6.4;
const EDGES_PX = 9;
const LOCK_PX = 16;
const LINE_PX = 14;

/**
 * The name that fits into a block whole: the part with its kit, or the part alone.
 *
 * @param widthPx of the block
 * @param heightPx of the beam
 * @returns undefined where none does: it is named below its beam
 */
export function nameInside(
  name: string,
  widthPx: number,
  heightPx: number,
  locked: boolean,
): string | undefined {
  const letters = Math.floor((widthPx - EDGES_PX - (locked ? LOCK_PX : 0)) / LETTER_PX);
  const most = Math.floor(heightPx / LINE_PX);
  const part = partName(name);
  const both = part === name ? [] : [`${part}, ${name.slice(0, name.lastIndexOf(': '))}`];
  return [...both, part].find((text) => (wrapped(text, letters)?.length ?? Infinity) <= most);
}
