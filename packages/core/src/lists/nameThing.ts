/** A new thing that gets its name: with it what such a thing usually is, and the mass that is said in the same line. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Thing } from '../trip/model.js';
import { guessFacts } from './guessFacts.js';
import { parseList } from './pasteList.js';

/**
 * @param thing of which nothing is known yet
 * @param text "stove", "stove 350 g", "2 x socks 80 g"
 */
export function nameThing<T extends Thing>(thing: T, text: string, library: readonly LibraryEntry[]): T {
  const read = parseList(text).things[0];
  if (read === undefined) return { ...thing, name: text.trim() };
  const { facts, libraryId } = guessFacts(read.name, library, read.massKg);
  const { count } = read;
  return {
    ...thing,
    ...facts,
    ...(libraryId === undefined ? {} : { libraryId }),
    name: count > 1 ? `${count} × ${read.name}` : read.name,
    massKg: facts.massKg * count,
    volumeL: (read.volumeL ?? facts.volumeL) * count,
    massEstimated: read.massKg === undefined,
  };
}
