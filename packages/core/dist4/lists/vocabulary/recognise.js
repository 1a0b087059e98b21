import { oncePer } from '../../trip/oncePer.js';
import { nearestWord } from './nearestWord.js';
import { takeSizes } from './sizes.js';
import { sized } from './sized.js';
import { concepts } from './vocabulary.js';
import { ordersOf } from './orders.js';
import { isAside, joined, QUALITIES, wordsOf } from './words.js';
const MOST_WORDS = 6;
const AND = /\s+(?:and|&|plus|und)\s+|\s*[&+]\s*/i;
const conceptsByWords = oncePer((list) => {
    const byWords = new Map();
    for (const concept of list)
        for (const name of concept.names) {
            const key = joined(wordsOf(name));
            if (!byWords.has(key))
                byWords.set(key, { concept, name });
        }
    return byWords;
});
/** The leader's own things by the words of their names, without sizes. */
const entriesByWords = oncePer((library) => {
    const byWords = new Map();
    const add = (id, name, facts) => {
        const { sizes, rest } = takeSizes(name);
        const key = joined(wordsOf(rest));
        byWords.set(key, [...(byWords.get(key) ?? []), { id, name, facts, sizes }]);
    };
    for (const e of library) {
        if (e.kind === 'thing')
            add(e.id, e.name, e.thing);
        // A piece is called so within its kit; alone its name may mean something else.
        if (e.kind === 'kit')
            for (const p of e.pieces)
                if (!conceptsByWords(concepts()).has(joined(wordsOf(p.name))))
                    add(e.id, p.name, p.thing);
    }
    return byWords;
});
/**
 * @param name as people write it, without count and mass
 * @param library the leader's own, whose things come first
 * @param eaters whose food and fuel it is, where that is known
 * @param count how many of it there are: of what is told as a set, several are its pieces
 * @returns undefined where nobody could know what it is
 */
export function recognise(name, library, eaters, count = 1) {
    const { sizes: said, rest } = takeSizes(name);
    const sizes = count > 1 ? { ...said, n: 1 } : said;
    const orders = ordersOf(rest);
    const whole = wholeOf(orders, library);
    const all = whole === undefined ? severalIn(name, library, eaters) : undefined;
    if (all !== undefined)
        return all;
    const found = whole ?? headOf(orders, library);
    return found === undefined ? undefined : meant(found, sizes, library, eaters);
}
/** Several known things on one line; undefined where it is one, or where one of them is not known. */
function severalIn(name, library, eaters) {
    const slashed = name.split('/');
    // Two with a stroke between them are mostly one or the other.
    const listed = slashed.length > 2 ? slashed : name.split(/[,;]\s+/);
    const parts = listed.flatMap((part) => part.split(AND)).filter((part) => part.trim() !== '');
    if (parts.length < 2)
        return undefined;
    const heads = parts.map((part) => recognise(part, library, eaters));
    return heads.every((h) => h !== undefined) ? together(heads) : undefined;
}
/** Several things on one line: the mass of all, with what the bulkiest of them is. */
function together(parts) {
    const sum = (of) => Number(parts.reduce((total, p) => total + of(p), 0).toFixed(3));
    const main = parts.reduce((a, b) => (b.facts.volumeL > a.facts.volumeL ? b : a));
    const { libraryId: _libraryId, kitId: _kitId, ...rest } = main;
    return {
        ...rest,
        as: parts.map((p) => p.as).join(' + '),
        facts: {
            ...main.facts,
            massKg: sum((p) => p.facts.massKg),
            volumeL: sum((p) => p.facts.volumeL),
            shape: { kind: 'pouch' },
        },
        rangeKg: [sum((p) => p.rangeKg[0]), sum((p) => p.rangeKg[1])],
        likeness: Math.min(...parts.map((p) => p.likeness)),
    };
}
/** The match of a name that is known as a whole. */
function wholeOf({ whole }, library) {
    for (const words of whole) {
        const meaning = meaningOf(words, library);
        if (meaning !== undefined)
            return { meaning, words, aside: [], unknown: 0 };
    }
    return undefined;
}
/** The match of a name's head; with what is nearly spelled so, where there is none. */
function headOf({ heads }, library) {
    return (best(heads.map((words) => lastMatch(words, library))) ??
        best(heads.map((words) => respelled(words, library))));
}
function respelled(words, library) {
    const near = words.map((w) => (isAside(w) ? w : nearestWord(w)));
    if (near.every((w, i) => w === words[i]))
        return undefined;
    const found = lastMatch(near, library);
    return found === undefined ? undefined : { ...found, unknown: found.unknown + 1 };
}
function best(matches) {
    return matches.reduce((a, b) => b !== undefined && (a === undefined || joined(b.words).length > joined(a.words).length) ? b : a);
}
function meaningOf(words, library) {
    const key = joined(words);
    const known = conceptsByWords(concepts()).get(key);
    const entries = entriesByWords(library).get(key) ?? [];
    if (known === undefined && entries.length === 0)
        return undefined;
    return { ...(known ?? { name: entries[0].name }), entries };
}
/** The longest run of known words behind which nothing but asides stands. */
function lastMatch(words, library) {
    for (let end = words.length; end > 0; end -= 1) {
        for (let from = Math.max(0, end - MOST_WORDS); from < end; from += 1) {
            const run = words.slice(from, end);
            const meaning = meaningOf(run, library);
            if (meaning === undefined)
                continue;
            const others = [...words.slice(0, from), ...words.slice(end)];
            return {
                meaning,
                words: run,
                aside: others.filter(isAside),
                unknown: others.filter((w) => !isAside(w)).length,
            };
        }
        if (!isAside(words[end - 1]))
            return undefined;
    }
    return undefined;
}
/** What is not understood of a name takes that much of its likeness, a word. */
const UNKNOWN_COSTS = 0.2;
function meant({ meaning, aside, unknown }, sizes, library, eaters) {
    const likeness = Math.max(0.3, 1 - UNKNOWN_COSTS * unknown);
    const { concept } = meaning;
    const own = ownEntry(meaning, sizes, library);
    const factor = aside.reduce((product, word) => product * (QUALITIES.get(word) ?? 1), 1);
    if (concept === undefined) {
        const { facts, name, id } = own;
        return {
            as: name,
            facts,
            rangeKg: around(facts.massKg),
            likeness,
            libraryId: id,
            isNeed: false,
        };
    }
    const { facts, rangeKg, isNeed } = sized(concept, sizes, factor, eaters);
    const kitId = kitOf(concept, sizes);
    return {
        as: meaning.name,
        facts: own === undefined ? facts : own.facts,
        // What was weighed is known; an estimate of the library is as good as any.
        rangeKg: own === undefined || own.facts.massEstimated ? rangeKg : around(own.facts.massKg),
        likeness,
        ...(own === undefined ? {} : { libraryId: own.id }),
        isNeed,
        ...(kitId === undefined ? {} : { kitId }),
    };
}
/** The starter library's tents by how many sleep in them, and cook sets by what their pots hold. */
const SIZES_OF_KITS = {
    tent: [
        ['kit-tent-for-one', 1],
        ['kit-tent-for-two', 2],
        ['kit-tent-for-three', 3],
        ['kit-tent-for-four', 4],
    ],
    cook: [
        ['kit-gas-cook-set-1-6-l', 1.6],
        ['kit-gas-cook-set-2-5-l', 2.5],
    ],
};
/** The kit that a concept is, of the size that is said: the nearest there is. */
function kitOf({ starterId }, { person, l }) {
    if (starterId?.startsWith('kit-') !== true)
        return undefined;
    for (const [sizes, size] of [
        [SIZES_OF_KITS.tent, person],
        [SIZES_OF_KITS.cook, l],
    ]) {
        if (size !== undefined && sizes.some(([id]) => id === starterId))
            return sizes.reduce((a, b) => (Math.abs(b[1] - size) < Math.abs(a[1] - size) ? b : a), sizes[0])[0];
    }
    return starterId;
}
/** A known thing of the library is as heavy as it says, give or take a fifth. */
function around(kg) {
    return [0.8 * kg, 1.2 * kg];
}
/** The library's thing of that name and size; what the vocabulary knows it as, where no size says otherwise. */
function ownEntry({ concept, entries }, sizes, library) {
    const isSaid = Object.keys(sizes).length > 0;
    const same = entries.find((e) => sameSizes(e.sizes, sizes));
    if (same !== undefined)
        return same;
    if (concept === undefined)
        return entries[0];
    const starter = library.find((e) => e.id === concept.starterId);
    return starter?.kind === 'thing' && !isSaid && concept.sizes.length === 0
        ? { id: starter.id, name: starter.name, facts: starter.thing, sizes: {} }
        : undefined;
}
function sameSizes(a, b) {
    const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
    return [...keys].every((k) => a[k] === b[k]);
}
//# sourceMappingURL=recognise.js.map