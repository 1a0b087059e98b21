/** Lines that say whose the lines after them are: "GROUP", "Ilse:", "## Kitchen", "--- shared ---". */
import { isSameName } from '../trip/names.js';
import { recognise } from './vocabulary/recognise.js';
/** The party's, by the words that people have for it. */
const GROUP_WORDS = /^(?:the\s+)?(?:group|shared|communal|common|collective|everyone|everybody|all|party|team|together|split)(?:['’]s)?(?:\s+(?:kit|gear|things|stuff|equipment|items|list|pieces))?$/i;
export function isGroupWord(text) {
    return GROUP_WORDS.test(text.trim());
}
/** Marks around or before a head, as lists are decorated. */
const DECORATED = /^\s*(?:#{1,6}\s+(.+?)\s*#*|\*{2}(.+?)\*{2}|_{2}(.+?)_{2}|={2,}\s*(.+?)\s*={2,}|-{2,}\s*(.+?)\s*-{2,}|\[\s*(\p{L}.+?)\s*\])\s*:?\s*$/u;
const ENDS_WITH_COLON = /^(.{1,60}?)\s*:\s*$/;
const OF_SOMEBODY = /(?:['’]s?)?\s*(?:kit|gear|things|stuff|list|pack|bag|equipment|personal|own)?\s*$/i;
const SHORTEST_CAPITALS = 4;
/** Whose name a head begins with: "Ilse", "Ilse's things", "ILSE". */
export function memberOfHead(text, members) {
    const bare = text.trim().replace(OF_SOMEBODY, '').trim();
    return members.find((name) => isSameName(name, text.trim()) || (bare !== '' && isSameName(name, bare)));
}
/**
 * What a line heads, or undefined where it is a thing.
 *
 * @param members names of those on the trip
 * @param inCapitals lines of the list are mostly in capitals: those then head nothing
 */
export function headOfLine(line, members, inCapitals) {
    const text = line.trim();
    if (/\d/.test(text) && !DECORATED.test(text))
        return undefined;
    const decorated = DECORATED.exec(text)
        ?.slice(1)
        .find((part) => part !== undefined) ?? ENDS_WITH_COLON.exec(text)?.[1];
    if (decorated !== undefined)
        return decorated.replace(/:\s*$/, '').trim();
    if (isGroupWord(text) || memberOfHead(text, members) !== undefined)
        return text;
    const letters = text.replace(/[^\p{L}]/gu, '');
    const isCapitals = letters.length >= SHORTEST_CAPITALS &&
        letters === letters.toUpperCase() &&
        letters !== letters.toLowerCase();
    if (!isCapitals || inCapitals)
        return undefined;
    // A short one that names a thing is that thing: TENT, ROPE.
    return letters.length > SHORTEST_CAPITALS || recognise(text, []) === undefined ? text : undefined;
}
//# sourceMappingURL=listHeads.js.map