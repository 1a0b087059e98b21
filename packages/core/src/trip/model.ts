/**
 * The trip model: everything a trip file holds, as plain readonly data.
 *
 * Units: kilograms, litres, centimetres for packs and things, kilometres and metres for terrain, hours,
 * days numbered from 1 (the first leg). A field that may be absent is absent, never null.
 */

import type { Canister, Larder, Meal, Pickup, StoveKind } from './larderModel.js';
import type {
  ChoreDone,
  ComfortMark,
  Contact,
  Departure,
  Leftover,
  Missed,
  ThingUseMark,
  TripEvent,
  WeighIn,
} from './recordModel.js';

/** A named choice among people who disagree; see `PACKING_SCHOOLS` in `carriage/packingSchool.ts`. */
export const PACKING_SCHOOL_IDS = ['high', 'middle', 'low'] as const;
export type PackingSchoolId = (typeof PACKING_SCHOOL_IDS)[number];

export const GROUNDS = ['track', 'path', 'moor', 'scramble', 'climbing', 'snow', 'glacier'] as const;
export type Ground = (typeof GROUNDS)[number];

/** One day's stretch. Its day number is its position in `Trip.legs`, counted from 1. */
export interface Leg {
  readonly id: string;
  readonly name: string;
  readonly distanceKm: number;
  readonly climbM: number;
  readonly descentM: number;
  readonly ground: Ground;
  /** Walking time the leader expects, hours. */
  readonly hours: number;
  /** Water a member with a usual portion needs on the leg's driest stretch, litres; who carries it: `load/waterShare.ts`. */
  readonly waterL: number;
  /** Further litres such a member needs at a dry camp; 0 when the camp has water. */
  readonly campWaterL: number;
  /** The tents are packed wet this morning: pieces with a wet factor weigh more. */
  readonly afterRain: boolean;
  /** Height of the night's camp above the sea, metres; for camp temperatures. */
  readonly campElevationM?: number;
  readonly note?: string;
}

/** Kinds of place along the way; water first, since most days hang on it. */
export const WAYPOINT_KINDS = ['water', 'resupply', 'handIn', 'shelter', 'hazard', 'other'] as const;
export type WaypointKind = (typeof WAYPOINT_KINDS)[number];

/** How far a leader may rely on a place: water may be dry, a shop shut. */
export const RELIANCES = ['sure', 'seasonal', 'unsure'] as const;
export type Reliance = (typeof RELIANCES)[number];

/** A place along the way: water, where kit joins (resupply) or leaves (handIn), shelter, a hazard. */
export interface Waypoint {
  readonly id: string;
  readonly name: string;
  readonly kind: WaypointKind;
  /** Distance walked from the start of the trip, kilometres. */
  readonly atKm: number;
  readonly reliance: Reliance;
  readonly note?: string;
  /** A cache: water that the party has laid here beforehand, litres; there is no other. */
  readonly cacheL?: number;
}

/**
 * An imported track, smoothed and thinned: four lists of one length. Distances start at 0 and never fall;
 * elevations are absent when the file had none.
 */
export interface Track {
  readonly name: string;
  readonly distanceKm: readonly number[];
  readonly elevationM?: readonly number[];
  readonly latitudeDeg: readonly number[];
  readonly longitudeDeg: readonly number[];
  /** Points before which there is a gap that nobody has recorded: its two ends lie at one distance, and no climb is between. */
  readonly gapsBefore?: readonly number[];
}

/** Where the trip is, for daylight and forecast. */
export interface Place {
  readonly name: string;
  /** North positive, −90 to 90. */
  readonly latitudeDeg: number;
  /** East positive, −180 to 180. */
  readonly longitudeDeg: number;
  /** Height of the valley that the forecast is for, metres above the sea. */
  readonly valleyElevationM: number;
}

/** Rules for food at night: none, hung, a hard container carried, or a locker at the camp. */
export const FOOD_STORAGES = ['none', 'hang', 'container', 'locker'] as const;
export type FoodStorage = (typeof FOOD_STORAGES)[number];

export const SUPPLY_STATES = ['sure', 'ask', 'bringOwn'] as const;
/** Something that the destination supplies, and whether it is any good. */
export interface Supply {
  readonly id: string;
  readonly name: string;
  readonly state: (typeof SUPPLY_STATES)[number];
  readonly note?: string;
}

export const WEATHER_FIELDS = ['dayC', 'nightC', 'rainChance', 'windKmh'] as const;
export type WeatherField = (typeof WEATHER_FIELDS)[number];
/** A date's forecast at valley height. */
export interface DayWeather {
  /** ISO date, YYYY-MM-DD. */
  readonly id: string;
  readonly dayC: number;
  readonly nightC: number;
  /** From 0 to 1. */
  readonly rainChance: number;
  readonly windKmh: number;
  /** Values that the leader has overwritten; a new forecast leaves them alone. */
  readonly byLeader: readonly WeatherField[];
  /** Who forecast it; absent when the leader wrote all of it. */
  readonly source?: string;
}

export const ROLES = ['medic', 'scribe', 'navigator', 'cook'] as const;
export type Role = (typeof ROLES)[number];
/** Who has a role on a day. */
export interface RoleTurn {
  readonly id: string;
  readonly day: number;
  readonly role: Role;
  readonly memberId: string;
}

export const EXPERIENCES = ['newcomer', 'regular', 'seasoned'] as const;
export type Experience = (typeof EXPERIENCES)[number];

export const AGE_BANDS = ['under18', 'adult'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

/** Something that lowers what a member can carry on some days, both ends included. */
export interface Condition {
  readonly label: string;
  readonly fromDay: number;
  readonly toDay: number;
  /** Multiplies the carry limit, more than 0 and at most 1. */
  readonly factor: number;
}

/** Schools of setting a carry limit; see `core/limits`. */
export const LIMIT_POLICY_IDS = ['shareOfBodyWeight', 'carryTrial', 'twoThirds'] as const;
export type LimitPolicyId = (typeof LIMIT_POLICY_IDS)[number];

/** Schools of fairness: what a load is measured against; see `share/fairness.ts`. */
export const FAIRNESS_SCHOOL_IDS = ['ownLimit', 'bodyWeight', 'plainKg'] as const;
export type FairnessSchoolId = (typeof FAIRNESS_SCHOOL_IDS)[number];

/** One walk of a carry trial: the same route, about an hour, with a known load. */
export interface CarryTrial {
  readonly id: string;
  /** ISO date, YYYY-MM-DD. */
  readonly date: string;
  /** Pack and everything in it, kg; 0 for the walk without load. */
  readonly loadKg: number;
  readonly distanceKm: number;
  readonly climbM: number;
  readonly minutes: number;
  /** How it felt, 1 (never again) to 10 (forgot I carried it). */
  readonly comfort: number;
  /** Broken off before the end: its comfort counts, its pace does not. */
  readonly interrupted: boolean;
  /** A day of a trip instead of a trial walk: its comfort counts, its pace does not. */
  readonly fromTrip?: string;
  readonly note?: string;
}

/** A change of a member's carry limit, for the record. */
export interface LimitChange {
  readonly id: string;
  /** ISO date, YYYY-MM-DD. */
  readonly date: string;
  readonly who: string;
  /** Limit without conditions, kg; absent for the first. */
  readonly fromKg?: number;
  readonly toKg: number;
  readonly why: string;
}

export interface Member {
  readonly id: string;
  readonly name: string;
  readonly bodyMassKg: number;
  /** The body weight is a guess: an average, or a band. */
  readonly bodyEstimated?: boolean;
  readonly statureCm: number;
  /** Hip belt's centre line to the bony point at the base of the neck. */
  readonly torsoCm: number;
  readonly ageBand: AgeBand;
  /** Age in years; where it is said, the band goes by it. */
  readonly ageYears?: number;
  readonly experience: Experience;
  /** Share of body weight set by the leader for this member, instead of the trip's starting guess. */
  readonly limitShare?: number;
  /** The member's own word: never more than this. */
  readonly ownCapKg?: number;
  readonly conditions: readonly Condition[];
  readonly packId: string;
  readonly tentGroupId?: string;
  readonly cookGroupId?: string;
  /** The member's own packing school, when it differs from the trip's. */
  readonly packingSchool?: PackingSchoolId;
  /** The member's own choices where they differ from the trip's house rules. */
  readonly houseRules?: Partial<HouseRules>;
  /** How this member's limit is set, when it differs from the trip's way. */
  readonly limitPolicy?: LimitPolicyId;
  /** What they have walked with in training, with comfort: evidence, if weaker than a trial. */
  readonly trainedKg?: number;
  readonly carryTrials: readonly CarryTrial[];
  /** The comfort mark, 1 to 10, that this member does not want to fall below; 6 when absent. */
  readonly comfortFloor?: number;
  readonly limitHistory: readonly LimitChange[];
  /** The first day they walk with the party, when they join on the way, and where. */
  readonly firstDay?: number;
  readonly joinsAt?: string;
  /** The last day they walk with the party, when they leave on the way. */
  readonly lastDay?: number;
  /** Who carries this member's bottle within reach and helps lift the pack. */
  readonly buddyId?: string;
  /** What they bring for themselves in the pack, kg, without food of the larder: see `lists/ownFigure.ts`. */
  readonly ownThingsKg?: number;
  /** The figure is a guess, not weighed. */
  readonly ownThingsEstimated?: boolean;
  /** Private: shown to leaders only, hidden with the body weights. */
  readonly healthNotes?: string;
  /** Medicines among their things stand on everybody's sheet, for an emergency; otherwise on their own alone. */
  readonly medicinesForAll?: boolean;
  /** Own snacks a day, grams, when they differ from the larder's. */
  readonly snackGPerDay?: number;
  /** Appetite: what they eat of a usual portion; 1 when absent. */
  readonly portion?: number;
}

export const GROUP_KINDS = ['tent', 'cook'] as const;
export type GroupKind = (typeof GROUP_KINDS)[number];

/** Members who sleep in one tent, or who cook together. Membership is on the member. */
export interface PartyGroup {
  readonly id: string;
  readonly name: string;
  readonly kind: GroupKind;
  /** How many the tent sleeps; for tent groups. */
  readonly sleeps?: number;
  /** What the group's pots hold together, litres; for cook groups. */
  readonly potL?: number;
  /** What it cooks on; for cook groups. */
  readonly stove?: StoveKind;
}

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
] as const;
export type ZoneKind = (typeof ZONE_KINDS)[number];

export const SIDES = ['left', 'centre', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** Pack frame: origin at the hip belt's centre line on the wearer's back; x right, y away from the back, z up. */
export interface PointCm {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

export interface Zone {
  /** Unique within its pack. */
  readonly id: string;
  readonly name: string;
  readonly kind: ZoneKind;
  readonly side: Side;
  /** The middle of the edge nearest the back, at the zone's bottom. */
  readonly at: PointCm;
  readonly widthCm: number;
  readonly depthCm: number;
  readonly heightCm: number;
  /** What it holds; not above the box of its dimensions. */
  readonly volumeL: number;
  readonly maxLoadKg?: number;
  /** Long things may stand out above it (side pockets, lash points). */
  readonly openAbove: boolean;
}

/** Ways into the main compartment. */
export const OPENINGS = ['top', 'bottom', 'side', 'front'] as const;
export type Opening = (typeof OPENINGS)[number];

/** The main compartment in true size: a box that may taper to its floor or to its top. */
export interface MainCompartment {
  /** The middle of the edge nearest the back, at the floor. */
  readonly at: PointCm;
  readonly heightCm: number;
  readonly bottomWidthCm: number;
  readonly topWidthCm: number;
  readonly bottomDepthCm: number;
  readonly topDepthCm: number;
  /** Height of a bottom part that has a zip of its own. */
  readonly bottomPartCm?: number;
  /** Cloth between the bottom part and the rest: nothing reaches through it. */
  readonly divider: boolean;
  readonly openings: readonly Opening[];
}

export const LID_STYLES = ['over', 'under'] as const;
/** A lid's pocket lies over its cloth, or hangs under it, above what is in the main compartment. */
export type LidStyle = (typeof LID_STYLES)[number];

export interface Pack {
  readonly id: string;
  readonly name: string;
  /** The empty pack's own mass. */
  readonly tareKg: number;
  readonly ratedLoadKg: number;
  /** The empty pack's own centre of gravity. */
  readonly centreOfGravityCm: PointCm;
  readonly zones: readonly Zone[];
  /** When absent, the box around the main zones, open at the top. */
  readonly main?: MainCompartment;
  /** "over" when absent. */
  readonly lidStyle?: LidStyle;
  /** No frame: what is packed is what keeps its back straight. */
  readonly frameless?: boolean;
  /** Borrowed or the club's: anybody of the party may have it. Own packs stay with their owner. */
  readonly shared?: boolean;
  /** Torsos that it fits. */
  readonly torso?: { readonly leastCm: number; readonly mostCm: number };
}

export type Shape =
  | { readonly kind: 'block'; readonly lengthCm: number; readonly widthCm: number; readonly heightCm: number }
  | { readonly kind: 'flat'; readonly lengthCm: number; readonly widthCm: number; readonly heightCm: number }
  | { readonly kind: 'cylinder'; readonly lengthCm: number; readonly diameterCm: number }
  | { readonly kind: 'roll'; readonly lengthCm: number; readonly diameterCm: number }
  | { readonly kind: 'long'; readonly lengthCm: number; readonly diameterCm: number }
  | { readonly kind: 'pouch' }
  | { readonly kind: 'stuff'; readonly looseVolumeL: number };
export const SHAPE_KINDS = ['block', 'flat', 'cylinder', 'roll', 'long', 'pouch', 'stuff'] as const;

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
] as const;
export type Flag = (typeof FLAGS)[number];

/** When a thing is wanted during the day, from "pack on" to "only in the tent". */
export const NEEDED = ['walking', 'hurry', 'stop', 'firstInCamp', 'camp'] as const;
export type Needed = (typeof NEEDED)[number];

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
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Mass falls evenly from full on the morning of `fromDay` to `residueKg` after `toDay`. */
export interface Consumption {
  readonly fromDay: number;
  readonly toDay: number;
  readonly residueKg: number;
}

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
] as const;
export type Companion = (typeof COMPANIONS)[number];

/** What a bag or container does for what is in it. */
export const HOLDER_TRAITS = ['keepsDry', 'keepsScent', 'rigid', 'guardsPoints', 'separatesFuel'] as const;
export type HolderTrait = (typeof HOLDER_TRAITS)[number];

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
] as const;
export type MeantFor = (typeof MEANT_FOR)[number];

/** A thing that holds others: a container, a pot, a stuff sack, a dry bag, a liner. */
export interface Holding {
  /** What goes into it, litres. */
  readonly capacityL: number;
  readonly traits: readonly HolderTrait[];
  readonly meantFor: MeantFor;
  /** How others know it: a colour, a tape, a letter. */
  readonly mark?: string;
}

/** The shape a thing is in after its last trips. */
export const WEARS = ['good', 'worn', 'needsRepair'] as const;
export type Wear = (typeof WEARS)[number];

/** What makes things: the larder its parcels and snacks, a figure of own things what is not on the list yet. */
export const MAKERS = ['larder', 'ownFigure'] as const;
export type Maker = (typeof MAKERS)[number];

export interface Thing {
  /** Unique among all pieces and personal things of the trip. */
  readonly id: string;
  readonly name: string;
  readonly massKg: number;
  /** The mass was guessed, not weighed. */
  readonly massEstimated: boolean;
  /** Packed volume, litres. */
  readonly volumeL: number;
  readonly shape: Shape;
  readonly flags: readonly Flag[];
  readonly needed: Needed;
  readonly purpose: Purpose;
  readonly consumption?: Consumption;
  /** First day it is carried, when it joins on the way (a resupply). */
  readonly fromDay?: number;
  /** Last day it is carried, when it leaves on the way. */
  readonly toDay?: number;
  /** Where it is hired or fetched, and where it is left or given back. */
  readonly joinsAt?: string;
  readonly leavesAt?: string;
  /** Mass when wet over mass when dry, on days after rain. */
  readonly wetFactor?: number;
  /** How much drinking water it can hold, litres. */
  readonly waterCapacityL?: number;
  /** How much food it keeps from animals, litres. */
  readonly foodCapacityL?: number;
  /** When it was last weighed, ISO date; only of masses that are not estimates. */
  readonly measuredOn?: string;
  /** Whose property it is, when not its carrier's. */
  readonly owner?: string;
  readonly wear?: Wear;
  /** Best before, ISO date. */
  readonly expiresOn?: string;
  /** What must come along for it to be of use. */
  readonly needs?: readonly Companion[];
  /** It holds others; see `load/holders.ts` for what holds without saying so. */
  readonly holds?: Holding;
  /** The thing it rides inside by the leader's word: a canister in the pot; see `load/filling.ts`. */
  readonly nestsIn?: string;
  /** The leader's word: it rides in no holder, though one is meant for it. */
  readonly ridesLoose?: boolean;
  /** The entry of the leader's kit library that it was taken from. */
  readonly libraryId?: string;
  /** Made and kept in step with what it comes from: it changes there. */
  readonly madeBy?: Maker;
}

/** The smallest part of the group kit that one person carries. */
export interface Piece extends Thing {
  /** Only members of this tent or cook group may carry it. */
  readonly onlyGroupId?: string;
  /** Only these members may carry it. */
  readonly onlyMemberIds?: readonly string[];
  /** Pieces of one kit with the same word here stay with one carrier. */
  readonly together?: string;
  /** It is one of the parts of a piece that was split: the id of that piece, which its first part has kept. */
  readonly partOf?: string;
}

export interface Kit {
  readonly id: string;
  readonly name: string;
  readonly pieces: readonly Piece[];
  /** Over how many carriers its pieces go at most; as many as there are pieces when absent. */
  readonly splitWays?: number;
}

export const WANTS = ['required', 'optional'] as const;
export type Want = (typeof WANTS)[number];

export interface PersonalThing extends Thing {
  readonly memberId: string;
  /** What the leader asks for; absent when nothing was said. */
  readonly want?: Want;
  /** Worn or in hand while walking: not in the pack, not in the load. */
  readonly worn: boolean;
  /** The leader's word on whether others may carry it; absent: as `mayOthersCarry` says. */
  readonly othersMayCarry?: boolean;
}

export const CARRIER_RULE_KINDS = ['same', 'different'] as const;
/** These pieces ride with one carrier, or each with another carrier. */
export interface CarrierRule {
  readonly id: string;
  readonly kind: (typeof CARRIER_RULE_KINDS)[number];
  readonly pieceIds: readonly string[];
  readonly reason: string;
}

export interface Assignment {
  /** A piece, or a personal thing that somebody else than its owner carries. */
  readonly pieceId: string;
  readonly memberId: string;
  /** The leader's word: the solver leaves it where it is. */
  readonly locked: boolean;
}

/** A piece that changes hands on the way. Who gives it follows from the share and the handovers before it. */
export interface Handover {
  readonly id: string;
  readonly pieceId: string;
  /** From this day's start on. */
  readonly day: number;
  /** Absent when nobody carries it any more: sent home, left, thrown away. */
  readonly toMemberId?: string;
  readonly reason: string;
}

/** Somebody who does not come, as they were when that was said. */
export interface NotComing {
  readonly member: Member;
  /** Where in the list of members they stood, from 0. */
  readonly place: number;
  /** Their own; absent where they had one of the party's. */
  readonly pack?: Pack;
  readonly things: readonly PersonalThing[];
  readonly contacts: readonly Contact[];
}

/** Something that might be otherwise than planned. */
export type WhatIf =
  | { readonly kind: 'memberOut'; readonly memberId: string }
  | { readonly kind: 'extraNight' }
  | { readonly kind: 'hotDay'; readonly day: number; readonly extraL: number }
  | { readonly kind: 'rain'; readonly fromDay: number; readonly toDay: number }
  | { readonly kind: 'limit'; readonly memberId: string; readonly limitKg: number };
export const WHAT_IF_KINDS = ['memberOut', 'extraNight', 'hotDay', 'rain', 'limit'] as const;

/** A named what-if with the share that was planned for it, beside the plan. */
export interface Variant {
  readonly id: string;
  readonly name: string;
  readonly changes: readonly WhatIf[];
  readonly share: readonly Assignment[];
}

/** Where in its zone's compartment a thing stands, seen from above, and how it is turned. */
export interface Spot {
  /** Its middle, pack frame, cm. */
  readonly xCm: number;
  readonly yCm: number;
  /** Which of its turns, from 0: see `stow/solids.ts`. */
  readonly turn: number;
}

export interface Placement {
  readonly thingId: string;
  readonly zoneId: string;
  readonly side: Side;
  /** Its exact place; where absent, zone and side say enough. */
  readonly spot?: Spot;
  /** The member's word: the planner leaves it where it is. */
  readonly pinned: boolean;
}

/** Where a member's things go, in loading order. */
export interface Stow {
  readonly memberId: string;
  readonly placements: readonly Placement[];
}

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
} as const;
export type HouseRuleId = keyof typeof HOUSE_RULE_CHOICES;
export type HouseRules = { readonly [K in HouseRuleId]: (typeof HOUSE_RULE_CHOICES)[K][number] };

/** Kit that somebody lends, must be bought, or is not settled: who answers for it, until when. */
export const ARRANGEMENT_KINDS = ['loan', 'buy', 'question'] as const;
export type ArrangementKind = (typeof ARRANGEMENT_KINDS)[number];
export interface Arrangement {
  readonly id: string;
  readonly kind: ArrangementKind;
  /** The piece or personal thing it is about; absent when there is none yet. */
  readonly thingId?: string;
  readonly text: string;
  readonly who: string;
  /** Until when: back with its owner, bought, answered. ISO date. */
  readonly byDate?: string;
  readonly done: boolean;
}

/** A finding that the leader has put aside, with the reason. */
export interface Dismissal {
  /** The finding's own key: what it is about. */
  readonly id: string;
  readonly reason: string;
}

/** One try of a learner at stowing a given load, marked against the plan of it. */
export interface PracticeResult {
  readonly id: string;
  readonly learner: string;
  /** Whose load was stowed. */
  readonly memberId: string;
  /** ISO date. */
  readonly date: string;
  /** Of 100. */
  readonly points: number;
  /** What each lost point was lost for, in words. */
  readonly lost: readonly string[];
}

/** How bad the insects are expected to be. */
export const INSECTS = ['none', 'some', 'many'] as const;
export type Insects = (typeof INSECTS)[number];

/** Kinds of trip, for templates and for what is learnt from one to the next. */
export const TRIP_STYLES = ['dayWalk', 'hut', 'camp', 'training', 'survey', 'winter'] as const;
export type TripStyle = (typeof TRIP_STYLES)[number];

export interface Trip {
  readonly id: string;
  readonly name: string;
  readonly style: TripStyle;
  /** ISO date, YYYY-MM-DD. */
  readonly startDate: string;
  /** IANA name, such as "Europe/Dublin" or "UTC". */
  readonly timeZone: string;
  readonly place?: Place;
  readonly notes?: string;
  readonly packingSchool: PackingSchoolId;
  readonly houseRules: HouseRules;
  /** How limits are set where a member has no trial and no way of their own. */
  readonly limitPolicy: LimitPolicyId;
  /** What a fair share is measured by. */
  readonly fairness: FairnessSchoolId;
  readonly foodStorage: FoodStorage;
  /** The longest day's walking that is planned for the slowest member, hours. */
  readonly longestDayH: number;
  /** When the party sets off in the morning, local time as "HH:MM". */
  readonly setOff: string;
  /** Water a person drinks while walking, litres an hour. */
  readonly waterLPerH: number;
  /** Absent while nobody has said. */
  readonly insects?: Insects;
  /** The party flies to the start: what aeroplanes do not take must be bought there. */
  readonly byAir?: boolean;
  readonly larder: Larder;
  /** After so many trips of its style without use a thing may stay at home; 3 when absent. */
  readonly leaveAfterTrips?: number;
  /** The plan as it was when the party left; absent before that. */
  readonly departure?: Departure;
  /** When the debrief was closed, ISO date: from then on later trips learn from this one. */
  readonly debriefedOn?: string;
  readonly track?: Track;
  /** Where each day but the last ends on the track, kilometres from its start; rising. */
  readonly dayMarksKm?: readonly number[];
  /** Who is in the list and does not come, with what is theirs: nothing else of the trip knows them. */
  readonly notComing?: readonly NotComing[];
  /** From the departure on members' sheets show each change as it is made; otherwise they change when a leader sends. */
  readonly sendsOnTheWay?: boolean;
  readonly legs: readonly Leg[];
  readonly waypoints: readonly Waypoint[];
  readonly supplies: readonly Supply[];
  readonly weather: readonly DayWeather[];
  readonly roles: readonly RoleTurn[];
  readonly groups: readonly PartyGroup[];
  readonly packs: readonly Pack[];
  readonly members: readonly Member[];
  readonly kits: readonly Kit[];
  readonly personalThings: readonly PersonalThing[];
  readonly meals: readonly Meal[];
  readonly canisters: readonly Canister[];
  readonly pickups: readonly Pickup[];
  readonly arrangements: readonly Arrangement[];
  readonly dismissals: readonly Dismissal[];
  readonly carrierRules: readonly CarrierRule[];
  /** Who carries each piece at the departure. */
  readonly share: readonly Assignment[];
  /** What changes hands on the way, in the order it happened. */
  readonly handovers: readonly Handover[];
  readonly variants: readonly Variant[];
  /** Tries at stowing, oldest first. */
  readonly practice: readonly PracticeResult[];
  readonly stows: readonly Stow[];
  readonly weighIns: readonly WeighIn[];
  /** What happened on the way, in the order it was noted. */
  readonly events: readonly TripEvent[];
  readonly comfort: readonly ComfortMark[];
  readonly contacts: readonly Contact[];
  readonly uses: readonly ThingUseMark[];
  readonly missed: readonly Missed[];
  readonly leftovers: readonly Leftover[];
  readonly chores: readonly ChoreDone[];
}

/** The first choice of every house rule. */
export const DEFAULT_HOUSE_RULES = Object.fromEntries(
  Object.entries(HOUSE_RULE_CHOICES).map(([rule, choices]) => [rule, choices[0]]),
) as unknown as HouseRules;
