/** Words of a name in the form in which they are compared: no case, accents or plurals, one spelling. */
const SPELLINGS = {
    aluminium: 'aluminum',
    colour: 'color',
    coloured: 'colored',
    cosy: 'cozy',
    fibre: 'fiber',
    microfibre: 'microfiber',
    grey: 'gray',
    knives: 'knife',
    loaves: 'loaf',
    moisturiser: 'moisturizer',
    odour: 'odor',
    organiser: 'organizer',
    polarised: 'polarized',
    sanitiser: 'sanitizer',
    scarves: 'scarf',
    shelves: 'shelf',
    tyre: 'tire',
    vapour: 'vapor',
    watercolour: 'watercolor',
    woollen: 'wool',
    woolen: 'wool',
    woolly: 'wool',
    wooly: 'wool',
};
function singular(word) {
    if (word.length > 4 && word.endsWith('ies'))
        return `${word.slice(0, -3)}y`;
    if (/(?:ch|sh|x|ss|zz)es$/.test(word))
        return word.slice(0, -2);
    return word.length > 2 && /[^sui]s$/.test(word) ? word.slice(0, -1) : word;
}
/** "Woolly T-shirts" → wool, t, shirt. */
export function wordsOf(text) {
    return text
        .toLowerCase()
        .normalize('NFKD')
        .replace(/[\u0300-\u036f]/g, '')
        .replace(/['’]s?\b/g, '')
        .split(/[^a-z0-9]+/)
        .filter((w) => w !== '')
        .map((w) => {
        const one = SPELLINGS[w] ?? singular(w);
        return SPELLINGS[one] ?? one;
    });
}
/** What the same name is, however it is parted: "head torch", "headtorch", "head-torch". */
export function joined(words) {
    return words.join('');
}
/** Words that say how a thing is, with what they make of its mass; they name nothing themselves. */
export const QUALITIES = new Map([
    ...['ultralight', 'ul', 'superlight', 'titanium', 'ti', 'carbon'].map((w) => [w, 0.65]),
    ...['light', 'lightweight', 'lite', 'thin', 'compact', 'packable', 'slim'].map((w) => [w, 0.8]),
    ...['small', 'little', 'kid', 'child', 'children', 'junior', 'youth'].map((w) => [w, 0.7]),
    ...['mini', 'tiny', 'micro', 'baby', 'half', 'pocket'].map((w) => [w, 0.55]),
    ...['big', 'large', 'xl', 'xxl', 'huge', 'giant', 'jumbo'].map((w) => [w, 1.4]),
    ...['heavy', 'heavyweight', 'thick', 'sturdy', 'robust'].map((w) => [w, 1.25]),
    ...('wool merino cotton synthetic down feather nylon leather plastic wooden wood metal steel aluminum silicone rubber fleece ' +
        'silk bamboo linen canvas warm cold winter summer three season waterproof windproof thermal insulated padded ' +
        'folding foldable collapsible inflatable telescopic retractable adjustable hiking trekking walking camping camp ' +
        'outdoor backpacking mountain mountaineering alpine travel trail running climbing beach hut night day evening spare extra ' +
        'additional old new own my our your his her their the a an some any few several good nice second third backup emergency ' +
        'group shared communal common personal private individual red blue green black white yellow orange purple pink gray ' +
        'brown men man women woman lady unisex left right full empty filled complete whole set pair each per person people pp ' +
        'optional maybe required needed essential clean dirty cheap favorite long short wide high low quick fast dry wet soft hard hot ' +
        'roll tube packet sachet jar box tub comfort limit rated degree temp temperature ' +
        'hooded normal standard regular medium basic simple cheap modern waxed plus pro and or etc about ca approx approximately ' +
        'x no nr number size litre liter l ml kg g oz lb m cm mm ft inch p')
        .split(' ')
        .map((w) => [w, 1]),
]);
/** A word that says nothing of what a thing is: a quality, a figure or a single letter. */
export function isAside(word) {
    return QUALITIES.has(word) || word.length === 1 || /^x?\d/.test(word);
}
//# sourceMappingURL=words.js.map