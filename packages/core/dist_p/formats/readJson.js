/** JSON text from outside, measured before it is read. */
import { InvalidInputError } from '../schema/fieldError.js';
/** Nothing that Graft reads goes deeper than a third of this. */
const DEEPEST = 40;
/** An object or a list takes some sixty bytes once it is read: there may be one for every so many characters. */
const CHARACTERS_A_NODE = 6;
/** Short texts may have more. */
const FREE_NODES = 100;
/**
 * @returns the value
 * @throws InvalidInputError with line and column where it is no JSON; where it nests deeper than anything that is read;
 *   where it is hardly anything but brackets
 */
export function readJson(text) {
    refuseBrackets(text);
    try {
        return JSON.parse(text);
    }
    catch (error) {
        if (!(error instanceof SyntaxError))
            throw error;
        throw new InvalidInputError([
            { path: '', message: `expected JSON text: ${whatAndWhere(error.message, text)}` },
        ]);
    }
}
/** An engine's words without the part of the text that they repeat, and the place. */
function whatAndWhere(message, text) {
    const byPosition = /^(.*) in JSON at position (\d+)/s.exec(message);
    if (byPosition !== null)
        return `${byPosition[1]} ${lineAndColumn(text, Number(byPosition[2]))}`;
    const bySurroundings = /^(Unexpected token .*?), (\.\.\.)?"(.*)"(\.\.\.)? is not valid JSON$/s.exec(message);
    if (bySurroundings === null)
        return `${message} at its end`;
    const at = text.indexOf(bySurroundings[3]) + (bySurroundings[2] === undefined ? 0 : TOLD_BEFORE);
    return `${bySurroundings[1]} (near line ${lineOf(text, at)})`;
}
/** Characters that the engine tells before the one it does not expect, where there are more. */
const TOLD_BEFORE = 10;
const QUOTE = 34;
const BACKSLASH = 92;
function refuseBrackets(text) {
    const most = FREE_NODES + text.length / CHARACTERS_A_NODE;
    let depth = 0;
    let nodes = 0;
    for (let i = 0; i < text.length; i += 1) {
        const code = text.charCodeAt(i);
        if (code === QUOTE) {
            i = endOfText(text, i);
        }
        else if (code === 0x5b || code === 0x7b) {
            depth += 1;
            nodes += 1;
            if (depth > DEEPEST)
                refuse(`lists and objects in one another at most ${DEEPEST} deep, got more`);
            if (nodes > most)
                refuse('an object or a list for every few characters at most, got more');
        }
        else if (code === 0x5d || code === 0x7d)
            depth -= 1;
    }
}
/** Where the text that begins at `start` ends. */
function endOfText(text, start) {
    let i = start + 1;
    for (; i < text.length; i += 1) {
        const code = text.charCodeAt(i);
        if (code === BACKSLASH)
            i += 1;
        else if (code === QUOTE)
            break;
    }
    return i;
}
function refuse(what) {
    throw new InvalidInputError([{ path: '', message: `expected ${what}` }]);
}
const lineOf = (text, position) => text.slice(0, position).split('\n').length;
function lineAndColumn(text, position) {
    const column = position - text.lastIndexOf('\n', position - 1);
    return `(line ${lineOf(text, position)}, column ${column})`;
}
//# sourceMappingURL=readJson.js.map