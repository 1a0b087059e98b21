/**
 * The trip model: everything a trip file holds, as plain readonly data.
 *
 * Units: kilograms, litres, centimetres for packs and things, kilometres and metres for terrain, hours,
 * days numbered from 1 (the first leg). A field that may be absent is absent, never null.
 */
/** A named choice among people who disagree; see `PACKING_SCHOOLS` in `carriage/packingSchool.ts`. */
export const PACKING_SCHOOL_IDS = ['high', 'middle', 'low'];
export const GROUNDS = ['track', 'path', 'moor', 'scramble', 'climbing', 'snow', 'glacier'];
/** Kinds of place along the way; water first, since most days hang on it. */
export const WAYPOINT_KINDS = ['water', 'resupply', 'handIn', 'shelter', 'hazard', 'other'];
/** How far a leader may rely on a place: water may be dry, a shop shut. */
export const RELIANCES = ['sure', 'seasonal', 'unsure'];
/** Rules for food at night: none, hung, a hard container carried, or a locker at the camp. */
export const FOOD_STORAGES = ['none', 'hang', 'container', 'locker'];
export const SUPPLY_STATES = ['sure', 'ask', 'bringOwn'];
export const WEATHER_FIELDS = ['dayC', 'nightC', 'rainChance', 'windKmh'];
export const ROLES = ['medic', 'scribe', 'navigator', 'cook'];
export const EXPERIENCES = ['newcomer', 'regular', 'seasoned'];
export const AGE_BANDS = ['under18', 'adult'];
/** Schools of setting a carry limit; see `core/limits`. */
export const LIMIT_POLICY_IDS = ['shareOfBodyWeight', 'carryTrial', 'twoThirds'];
/** Schools of fairness: what a load is measured against; see `share/fairness.ts`. */
export const FAIRNESS_SCHOOL_IDS = ['ownLimit', 'bodyWeight', 'plainKg'];
export const GROUP_KINDS = ['tent', 'cook'];
/** Where a zone lies in the pack; the first four divide the main compartment. */
export const ZONE_KINDS = [
    'bottom',
    'core',
    'outer',
    'top',
    'sleeve',
    'lid',
    'front',
    'side',
    'hipBelt',
    'strap',
    'lash',
];
export const SIDES = ['left', 'centre', 'right'];
/** Ways into the main compartment. */
export const OPENINGS = ['top', 'bottom', 'side', 'front'];
export const LID_STYLES = ['over', 'under'];
export const SHAPE_KINDS = ['block', 'flat', 'cylinder', 'roll', 'long', 'pouch', 'stuff'];
export const FLAGS = [
    'hard',
    'sharp',
    'leaks',
    'mustStayDry',
    'oftenWet',
    'scented',
    'crushable',
    'needsSky',
    'liquidFuel',
    'gasFuel',
    'ridesOutside',
    'battery',
];
/** When a thing is wanted during the day, from "pack on" to "only in the tent". */
export const NEEDED = ['walking', 'hurry', 'stop', 'firstInCamp', 'camp'];
/** What a thing is for, as far as the placement rules care. */
export const PURPOSES = [
    'tentBody',
    'tentFly',
    'tentPoles',
    'tentPegs',
    'footprint',
    'tarp',
    'sleepingBag',
    'mat',
    'clothing',
    'rainwear',
    'food',
    'snack',
    'stove',
    'pot',
    'tableware',
    'fuel',
    'waterContainer',
    'filter',
    'firstAid',
    'beacon',
    'navigation',
    'light',
    'hygiene',
    'repair',
    'instrument',
    'other',
    'warmLayer',
    'spareClothing',
    'handsHead',
    'insectNet',
    'sun',
    'fire',
    'power',
    'walkingPoles',
    'knife',
    'signal',
    'emergencyShelter',
    'foodContainer',
    'animalSpray',
    'water',
];
/** What a thing is useless without, and what another thing can be for it. */
export const COMPANIONS = [
    'gas',
    'liquidFuel',
    'tentPoles',
    'tentPegs',
    'walkingPoles',
    'cells',
    'lighter',
    'stove',
    'pot',
];
/** What a bag or container does for what is in it. */
export const HOLDER_TRAITS = ['keepsDry', 'keepsScent', 'rigid', 'guardsPoints', 'separatesFuel'];
/** What a bag or container is meant for: what goes into it by itself. A liner takes the whole pack. */
export const MEANT_FOR = [
    'anything',
    'sleep',
    'clothes',
    'food',
    'cooking',
    'firstAid',
    'smallThings',
    'wholePack',
];
/** The shape a thing is in after its last trips. */
export const WEARS = ['good', 'worn', 'needsRepair'];
/** What makes things: the larder its parcels and snacks, a figure of own things what is not on the list yet. */
export const MAKERS = ['larder', 'ownFigure'];
export const WANTS = ['required', 'optional'];
export const CARRIER_RULE_KINDS = ['same', 'different'];
export const WHAT_IF_KINDS = ['memberOut', 'extraNight', 'hotDay', 'rain', 'limit'];
/** Choices on which practitioners disagree; the first of each list is the default (common practice, no source). */
export const HOUSE_RULE_CHOICES = {
    tent: ['core', 'roundTheBag', 'outsideLow', 'top', 'neverUpper'],
    poles: ['sidePocket', 'downTheBack'],
    firstAid: ['topOrOuter', 'deep', 'lowOwnZip'],
    food: ['split', 'core', 'top'],
    outside: ['almostNothing', 'freely', 'byGround'],
    bags: ['dryBags', 'looseInLiner', 'criticalOnly'],
    rainProtection: ['liner', 'cover', 'criticalBagged'],
    reservoir: ['sleeve', 'top', 'bottlesOnly', 'both'],
    fuel: ['liquidOutside', 'insideLow'],
    rainGear: ['topOfMain', 'outerPocket', 'lid'],
    stacking: ['layers', 'columns'],
    frameless: ['uprights', 'bagAround'],
    lid: ['light', 'essentials', 'off'],
    tentSplit: ['split', 'whole'],
    tentSpace: ['exact', 'oneSpare'],
    cookSet: ['together', 'withFuel', 'stoveApart', 'free'],
    waterShare: ['byLimit', 'each'],
};
/** Kit that somebody lends, must be bought, or is not settled: who answers for it, until when. */
export const ARRANGEMENT_KINDS = ['loan', 'buy', 'question'];
/** How bad the insects are expected to be. */
export const INSECTS = ['none', 'some', 'many'];
/** Kinds of trip, for templates and for what is learnt from one to the next. */
export const TRIP_STYLES = ['dayWalk', 'hut', 'camp', 'training', 'survey', 'winter'];
/** The first choice of every house rule. */
export const DEFAULT_HOUSE_RULES = Object.fromEntries(Object.entries(HOUSE_RULE_CHOICES).map(([rule, choices]) => [rule, choices[0]]));
//# sourceMappingURL=model.js.map