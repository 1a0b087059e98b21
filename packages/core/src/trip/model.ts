/**
 * The trip model: everything a trip file holds, as plain readonly data.
 *
 * Units: kilograms, litres, centimetres for packs and things, kilometres and metres for terrain, hours,
 * days numbered from 1 (the first leg). A field that may be absent is absent, never null.
 */

/** A named choice among people who disagree; see `PACKING_SCHOOLS` in `carriage/packingSchool.ts`. */
export const PACKING_SCHOOL_IDS = ['high', 'middle', 'low'] as const;
export type PackingSchoolId = (typeof PACKING_SCHOOL_IDS)[number];

export const GROUNDS = ['track', 'path', 'moor', 'scramble', 'snow'] as const;
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
  /** Water each member carries on the leg's driest stretch, litres. */
  readonly waterL: number;
  /** Further litres each member carries to a dry camp; 0 when the camp has water. */
  readonly campWaterL: number;
  /** The tents are packed wet this morning: pieces with a wet factor weigh more. */
  readonly afterRain: boolean;
  readonly note?: string;
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

export interface Member {
  readonly id: string;
  readonly name: string;
  readonly bodyMassKg: number;
  readonly statureCm: number;
  /** Hip belt's centre line to the bony point at the base of the neck. */
  readonly torsoCm: number;
  readonly ageBand: AgeBand;
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
}

export const GROUP_KINDS = ['tent', 'cook'] as const;
export type GroupKind = (typeof GROUP_KINDS)[number];

/** Members who sleep in one tent, or who cook together. Membership is on the member. */
export interface PartyGroup {
  readonly id: string;
  readonly name: string;
  readonly kind: GroupKind;
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

export interface Pack {
  readonly id: string;
  readonly name: string;
  /** The empty pack's own mass. */
  readonly tareKg: number;
  readonly ratedLoadKg: number;
  /** The empty pack's own centre of gravity. */
  readonly centreOfGravityCm: PointCm;
  readonly zones: readonly Zone[];
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
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Mass falls evenly from full on the morning of `fromDay` to `residueKg` after `toDay`. */
export interface Consumption {
  readonly fromDay: number;
  readonly toDay: number;
  readonly residueKg: number;
}

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
  /** Mass when wet over mass when dry, on days after rain. */
  readonly wetFactor?: number;
  /** How much drinking water it can hold, litres. */
  readonly waterCapacityL?: number;
}

/** The smallest part of the group kit that one person carries. */
export interface Piece extends Thing {
  /** Only members of this tent or cook group may carry it. */
  readonly onlyGroupId?: string;
  /** Only these members may carry it. */
  readonly onlyMemberIds?: readonly string[];
}

export interface Kit {
  readonly id: string;
  readonly name: string;
  readonly pieces: readonly Piece[];
}

export interface PersonalThing extends Thing {
  readonly memberId: string;
  /** Worn or in hand while walking: not in the pack, not in the load. */
  readonly worn: boolean;
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
  readonly pieceId: string;
  readonly memberId: string;
  /** The leader's word: the solver leaves it where it is. */
  readonly locked: boolean;
}

export interface Placement {
  readonly thingId: string;
  readonly zoneId: string;
  readonly side: Side;
  /** The member's word: the planner leaves it where it is. */
  readonly pinned: boolean;
}

/** Where a member's things go, in loading order within each zone. */
export interface Stow {
  readonly memberId: string;
  readonly placements: readonly Placement[];
}

/** Choices on which practitioners disagree; the first of each list is the default (common practice, no source). */
export const HOUSE_RULE_CHOICES = {
  tent: ['core', 'roundTheBag', 'outsideLow', 'top'],
  poles: ['sidePocket', 'downTheBack'],
  firstAid: ['topOrOuter', 'deep'],
  food: ['split', 'core', 'top'],
  outside: ['almostNothing', 'freely'],
  reservoir: ['sleeve', 'top'],
  fuel: ['liquidOutside', 'insideLow'],
  rainGear: ['topOfMain', 'outerPocket', 'lid'],
  lid: ['light', 'essentials'],
} as const;
export type HouseRuleId = keyof typeof HOUSE_RULE_CHOICES;
export type HouseRules = { readonly [K in HouseRuleId]: (typeof HOUSE_RULE_CHOICES)[K][number] };

export interface Trip {
  readonly id: string;
  readonly name: string;
  /** ISO date, YYYY-MM-DD. */
  readonly startDate: string;
  readonly notes?: string;
  readonly packingSchool: PackingSchoolId;
  readonly houseRules: HouseRules;
  readonly legs: readonly Leg[];
  readonly groups: readonly PartyGroup[];
  readonly packs: readonly Pack[];
  readonly members: readonly Member[];
  readonly kits: readonly Kit[];
  readonly personalThings: readonly PersonalThing[];
  readonly carrierRules: readonly CarrierRule[];
  readonly share: readonly Assignment[];
  readonly stows: readonly Stow[];
}

export const DEFAULT_HOUSE_RULES: HouseRules = {
  tent: 'core',
  poles: 'sidePocket',
  firstAid: 'topOrOuter',
  food: 'split',
  outside: 'almostNothing',
  reservoir: 'sleeve',
  fuel: 'liquidOutside',
  rainGear: 'topOfMain',
  lid: 'light',
};
