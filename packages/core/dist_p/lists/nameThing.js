import { guessFacts } from './guessFacts.js';
import { parseList } from './pasteList.js';
/**
 * @param thing of which nothing is known yet
 * @param text "stove", "stove 350 g", "2 x socks 80 g"
 */
export function nameThing(thing, text, library) {
    const read = parseList(text).things[0];
    if (read === undefined)
        return { ...thing, name: text.trim() };
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
//# sourceMappingURL=nameThing.js.map