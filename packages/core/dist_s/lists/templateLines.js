const overnight = (f) => f.nights > 0;
const camping = (f) => f.tents && f.nights > 0;
const long = (f) => f.nights > 2;
const cold = (limitC) => (f) => f.plannedNightC < limitC;
const wet = (f) => (f.rainChance ?? 0.5) >= 0.2;
/** What everybody brings. */
export const EACH = [
    { starterId: 'own-walking-boots', want: 'required', why: 'on the feet' },
    { starterId: 'own-walking-clothes', want: 'required', why: 'worn' },
    { starterId: 'own-rain-jacket', want: 'required', why: 'always' },
    {
        starterId: 'own-rain-trousers',
        want: 'required',
        when: wet,
        why: 'rain 20 % likely or more, or not known',
    },
    {
        starterId: 'own-light-fleece',
        want: 'required',
        when: (f) => !cold(5)(f),
        why: 'a warm layer for stops',
    },
    { starterId: 'own-synthetic-jacket', want: 'required', when: cold(5), why: 'nights below 5 °C' },
    { starterId: 'own-warm-hat', want: 'required', when: cold(8), why: 'nights below 8 °C' },
    { starterId: 'own-gloves-thin', want: 'required', when: cold(6), why: 'nights below 6 °C' },
    { starterId: 'own-gloves-warm', want: 'required', when: cold(0), why: 'nights below 0 °C' },
    { starterId: 'own-insulated-trousers', want: 'optional', when: cold(-5), why: 'nights below −5 °C' },
    {
        starterId: 'own-sleeping-bag-summer',
        want: 'required',
        when: (f) => overnight(f) && !cold(6)(f),
        why: 'nights of 6 °C and more',
    },
    {
        starterId: 'own-sleeping-bag-three-seasons',
        want: 'required',
        when: (f) => overnight(f) && cold(6)(f) && !cold(-4)(f),
        why: 'nights down to −4 °C',
    },
    {
        starterId: 'own-sleeping-bag-winter',
        want: 'required',
        when: (f) => overnight(f) && cold(-4)(f),
        why: 'nights below −4 °C',
    },
    {
        starterId: 'own-inflatable-mat',
        want: 'required',
        when: (f) => camping(f) && !cold(0)(f),
        why: 'nights in a tent',
    },
    {
        starterId: 'own-inflatable-mat-insulated',
        want: 'required',
        when: (f) => camping(f) && cold(0)(f),
        why: 'nights in a tent below 0 °C',
    },
    { starterId: 'own-night-clothes', want: 'required', when: overnight, why: 'dry for the night' },
    { starterId: 'own-spare-socks-pair', want: 'required', when: overnight, why: 'one dry pair' },
    { starterId: 'own-spare-underwear', want: 'required', when: overnight, why: 'one change' },
    { starterId: 'own-spare-shirt', want: 'optional', when: long, why: 'more than two nights' },
    { starterId: 'own-head-torch', want: 'required', why: 'a late arrival is a dark one' },
    { starterId: 'own-whistle', want: 'required', why: 'heard when nobody is seen' },
    { starterId: 'own-phone', fromAge: 12, want: 'required', why: 'one way to find the way and to call' },
    { starterId: 'own-map-and-compass', fromAge: 12, want: 'required', why: 'a way that needs no battery' },
    { starterId: 'own-own-small-first-aid', fromAge: 12, want: 'required', why: 'a mini kit on everyone' },
    { starterId: 'own-bottle-1-l', want: 'required', why: 'first water carrier' },
    {
        starterId: 'own-soft-bottle-1-l',
        fromAge: 12,
        want: 'required',
        when: (_f, trip) => trip.houseRules.reservoir === 'bottlesOnly',
        why: 'second water carrier: house rule, bottles only',
    },
    {
        starterId: 'own-reservoir-2-l',
        fromAge: 12,
        want: 'required',
        when: (_f, trip) => trip.houseRules.reservoir !== 'bottlesOnly',
        why: 'second water carrier',
    },
    {
        starterId: 'own-cup-bowl-and-spoon',
        want: 'required',
        when: (f) => overnight(f) && f.cooks,
        why: 'to eat from',
    },
    { starterId: 'own-toothbrush-and-paste', want: 'required', when: overnight, why: 'overnight' },
    { starterId: 'own-toilet-paper-in-a-bag', fromAge: 8, want: 'required', why: 'always' },
    {
        starterId: 'own-sun-cream-small',
        want: 'required',
        when: (f) => f.snow || (f.warmestDayC ?? 18) >= 15,
        why: 'sun: 15 °C and more, or snow',
    },
    { starterId: 'own-sunglasses-in-a-case', want: 'required', when: (f) => f.snow, why: 'snow blinds' },
    {
        starterId: 'own-sun-hat',
        want: 'optional',
        when: (f) => (f.warmestDayC ?? 18) >= 18,
        why: 'days of 18 °C and more',
    },
    {
        starterId: 'own-insect-head-net',
        want: 'required',
        when: (f) => f.insects === 'many',
        why: 'many insects',
    },
    {
        starterId: 'own-insect-repellent',
        want: 'optional',
        when: (f) => f.insects === 'some' || f.insects === 'many',
        why: 'insects',
    },
    {
        starterId: 'own-pack-liner',
        want: 'required',
        when: (_f, { houseRules }) => houseRules.rainProtection === 'liner' || houseRules.bags === 'looseInLiner',
        why: 'house rule: liner',
    },
    {
        starterId: 'own-pack-cover',
        want: 'required',
        when: (_f, trip) => trip.houseRules.rainProtection === 'cover',
        why: 'house rule: cover',
    },
    {
        starterId: 'own-dry-bag-for-the-sleeping-bag-20-l',
        want: 'required',
        when: (f, trip) => overnight(f) && trip.houseRules.bags !== 'looseInLiner',
        why: 'house rule: bagged',
    },
    {
        starterId: 'own-dry-bag-for-clothes-10-l',
        fromAge: 12,
        want: 'optional',
        when: (f, trip) => overnight(f) && trip.houseRules.bags === 'dryBags',
        why: 'house rule: dry bags',
    },
    {
        starterId: 'own-walking-poles-pair',
        fromAge: 12,
        want: 'optional',
        why: 'steep ground, and shelters that stand on them',
    },
    {
        starterId: 'own-gaiters',
        fromAge: 12,
        want: 'optional',
        when: (f) => f.snow || (f.rainChance ?? 0) >= 0.5,
        why: 'snow, or rain 50 % likely',
    },
    {
        starterId: 'own-helmet',
        want: 'required',
        when: (f) => f.scramble,
        why: 'a day of scrambling',
        styles: ['survey', 'training', 'winter'],
    },
    { starterId: 'own-light-crampons', want: 'required', when: (f) => f.snow, why: 'snow', styles: ['winter'] },
    { starterId: 'own-ice-axe', want: 'required', when: (f) => f.snow, why: 'snow', styles: ['winter'] },
    { starterId: 'own-notebook-and-pencil', want: 'required', why: 'field work', styles: ['survey'] },
];
/** What the party has together. */
export const PARTY = [
    {
        starterId: 'group-group-first-aid-up-to-4',
        want: 'required',
        when: (_f, trip) => trip.members.length <= 4,
        why: 'one for the party',
    },
    {
        starterId: 'group-group-first-aid-up-to-10',
        want: 'required',
        when: (_f, trip) => trip.members.length > 4,
        why: 'one for the party',
        per: 10,
    },
    {
        starterId: 'group-satellite-beacon',
        want: 'required',
        when: overnight,
        why: 'out of reach of telephones',
    },
    {
        starterId: 'group-group-shelter-4-people',
        want: 'required',
        when: (f) => !f.tents || f.snow,
        why: 'no tents along, or snow',
        per: 4,
    },
    {
        starterId: 'group-water-filter-pump',
        want: 'required',
        when: overnight,
        why: 'a way to treat water',
        per: 12,
    },
    { starterId: 'group-water-tablets', want: 'required', when: overnight, why: 'the second way' },
    { starterId: 'group-water-bag-6-l', want: 'required', when: camping, why: 'water at the camp', per: 4 },
    {
        starterId: 'group-tarp-4-x-3-m',
        want: 'optional',
        when: (f) => camping(f) && wet(f),
        why: 'rain: the tarp goes up first',
        per: 8,
    },
    { starterId: 'group-repair-kit', want: 'required', when: overnight, why: 'one for the party', per: 8 },
    { starterId: 'group-multi-tool', want: 'required', when: overnight, why: 'a blade and pliers' },
    { starterId: 'group-cord-20-m', want: 'required', when: overnight, why: 'lines, repairs' },
    { starterId: 'group-toilet-kit', want: 'required', when: camping, why: 'trowel and paper', per: 8 },
    {
        starterId: 'group-washing-up-kit',
        want: 'required',
        when: (f) => camping(f) && f.cooks,
        why: 'meals are cooked',
        per: 8,
    },
    {
        starterId: 'group-matches-waterproof-large-box',
        want: 'required',
        when: (f) => f.cooks && overnight(f),
        why: 'a second fire',
    },
    {
        starterId: 'group-hang-kit-for-food',
        want: 'required',
        when: (_f, trip) => trip.foodStorage === 'hang',
        why: 'the brief: food is hung',
        per: 8,
    },
    {
        starterId: 'group-hard-food-container-12-l',
        want: 'required',
        when: (_f, trip) => trip.foodStorage === 'container',
        why: 'the brief: hard containers',
        per: 2,
    },
    {
        starterId: 'group-power-bank-large',
        want: 'optional',
        when: (f) => f.nights > 1,
        why: 'more than one night',
        per: 4,
    },
    {
        starterId: 'group-insect-tent-for-meals',
        want: 'optional',
        when: (f) => f.insects === 'many',
        why: 'many insects',
        per: 8,
    },
    {
        starterId: 'group-rope-30-m',
        want: 'required',
        when: (f) => f.roped,
        why: 'a glacier, or a day of climbing',
    },
    {
        starterId: 'group-snow-shovel',
        want: 'required',
        why: 'snow',
        when: (f) => f.snow,
        per: 4,
        styles: ['winter'],
    },
];
/** Whether a line is for such a trip. */
export function applies(line, facts, trip) {
    return (line.when?.(facts, trip) ?? true) && (line.styles?.includes(trip.style) ?? true);
}
/** Whether a member is old enough for a line of what everybody brings. */
export function isOldEnough(line, member) {
    return (member.ageYears ?? Infinity) >= (line.fromAge ?? 0);
}
//# sourceMappingURL=templateLines.js.map