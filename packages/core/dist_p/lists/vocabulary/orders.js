/** The orders in which the words of a name may be said, and which of them are its head. */
import { isAside, wordsOf } from './words.js';
/** A measure of what follows it: "a bag of nuts" is nuts. */
const MEASURES = /^(?:an?\s+|the\s+|\d+\s*[x×]?\s*)?(?:pairs?|sets?|packs?|packets?|bags?|box(?:es)?|tins?|cans?|bottles?|tubes?|rolls?|sachets?|jars?|pieces?|bits?|bunch|loads?|bars?|bundles?|lots|couple|handful|change)\s+of\s+/i;
/** What follows says for what, with what, in what it is. */
const BEHIND = /\s+(?:for|with|w\/|in|inside|incl\.?|including|to|from|of|per|on|at|as)\s+.*$/i;
/** What follows may say how it is. */
const CUT = /\s*[,;:/()[\]|]\s*|\s+[-–—]\s+/;
/** The words of a name in the orders in which they may be said ("gloves, thin" are thin gloves), and those of its head. */
export function ordersOf(text) {
    const spoken = text.replace(MEASURES, '').replace(/^\s*(?:of|for|with)\s+/i, '');
    const [first = '', ...rest] = spoken
        .replace(BEHIND, '')
        .split(CUT)
        .filter((part) => /[\p{L}\d]/u.test(part));
    const all = wordsOf(text);
    if (rest.length === 0 && spoken === text) {
        const head = wordsOf(first);
        return { whole: head.length === all.length ? [all] : [all, head], heads: [head] };
    }
    const turned = wordsOf([...rest, first].join(' '));
    const isHow = rest.every((part) => wordsOf(part).every(isAside));
    return {
        whole: [all, wordsOf(spoken), turned],
        heads: isHow ? [turned, wordsOf([first, ...rest].join(' '))] : [turned, wordsOf(first)],
    };
}
//# sourceMappingURL=orders.js.map