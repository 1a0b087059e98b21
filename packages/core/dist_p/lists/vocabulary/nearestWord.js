/** Words that are nearly spelled right: "sleping", "rucksak". */
import MiniSearch from 'minisearch';
import { oncePer } from '../../trip/oncePer.js';
import { concepts } from './vocabulary.js';
import { wordsOf } from './words.js';
/** Shorter words are one slip from too many others. */
const LEAST_LETTERS = 5;
/** Slips for each letter. */
const SLIPS = 0.2;
/** Words that are kept with what they were taken for. */
const MOST_KNOWN = 5000;
const dictionary = oncePer((list) => {
    const words = new Set(list.flatMap((c) => c.names.flatMap((name) => wordsOf(name))));
    const search = new MiniSearch({
        fields: ['id'],
        tokenize: (text) => [text],
        processTerm: (w) => w,
    });
    search.addAll([...words].filter((w) => w.length >= LEAST_LETTERS - 1).map((id) => ({ id })));
    return { words, search, known: new Map() };
});
/** The vocabulary's word that a word is likely to be; itself where it is one, or where none is near. */
export function nearestWord(word) {
    const { words, search, known } = dictionary(concepts());
    if (word.length < LEAST_LETTERS || words.has(word))
        return word;
    const before = known.get(word);
    if (before !== undefined)
        return before;
    const [near] = search
        .search(word, { fuzzy: SLIPS, prefix: false })
        // People rarely slip on the first letter.
        .filter((found) => found.id.startsWith(word[0]));
    const is = near === undefined ? word : near.id;
    // A list of other words than ours says each of them often.
    if (known.size < MOST_KNOWN)
        known.set(word, is);
    return is;
}
//# sourceMappingURL=nearestWord.js.map