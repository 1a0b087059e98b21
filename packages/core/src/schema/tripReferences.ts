/**
 * What a schema cannot say: ids that point at something, days inside the trip, boxes that can hold their volume.
 * Reads raw data and skips what the schema already refuses, so that one reading of a bad file finds both kinds.
 */
import { shapeVolumeL } from '../trip/shapes.js';
import type { Canister } from '../trip/larderModel.js';
import { WHAT_IF_KINDS, type Shape, type Thing, type WhatIf } from '../trip/model.js';
import { EVENT_KINDS, type EventKind, type TripEvent } from '../trip/recordModel.js';
import type { FieldError } from './fieldError.js';

type Raw = { readonly [key: string]: unknown };
interface Entry {
  readonly item: Raw;
  readonly path: string;
}

const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function entries(owner: Raw, key: string, base: string): readonly Entry[] {
  const value = owner[key];
  if (!Array.isArray(value)) return [];
  return value.flatMap((item: unknown, i) => (isRaw(item) ? [{ item, path: `${base}${key}[${i}]` }] : []));
}

/** Ids of a list, with an error for each that stands twice. */
function uniqueIds(list: readonly Entry[], key: string, what: string, errors: FieldError[]): Set<string> {
  const seen = new Map<string, string>();
  for (const { item, path } of list) {
    const id = item[key];
    if (typeof id !== 'string') continue;
    const first = seen.get(id);
    if (first !== undefined) {
      errors.push({
        path: `${path}.${key}`,
        message: `expected a ${what} not used before, got "${id}", also at ${first}`,
      });
    } else {
      seen.set(id, path);
    }
  }
  return new Set(seen.keys());
}

/**
 * Check a trip's references and sums.
 *
 * @param trip the raw trip object, of any shape
 * @param base path prefix of the errors, such as "trip."
 * @returns every error found, in the order of the trip's collections
 */
export function tripReferenceErrors(trip: unknown, base = ''): readonly FieldError[] {
  if (!isRaw(trip)) return [];
  const errors: FieldError[] = [];
  const expectKnown = (known: ReadonlySet<string>, value: unknown, path: string, what: string): void => {
    if (typeof value === 'string' && !known.has(value)) {
      errors.push({ path, message: `expected the id of a ${what} of this trip, got "${value}"` });
    }
  };
  const of = (key: string) => entries(trip, key, base);

  const legs = of('legs');
  const days = legs.length;
  const groups = of('groups');
  const packs = of('packs');
  const members = of('members');
  const kits = of('kits');
  const pieces = kits.flatMap((kit) => entries(kit.item, 'pieces', `${kit.path}.`));
  const personal = of('personalThings');

  uniqueIds(legs, 'id', 'leg id', errors);
  for (const [key, what] of [
    ['waypoints', 'waypoint id'],
    ['supplies', 'supply id'],
    ['weather', 'date'],
    ['roles', 'role turn id'],
    ['meals', 'meal id'],
    ['canisters', 'canister id'],
    ['pickups', 'pick-up id'],
    ['arrangements', 'arrangement id'],
    ['dismissals', 'finding'],
    ['practice', 'practice id'],
    ['handovers', 'handover id'],
    ['variants', 'what-if id'],
    ['events', 'event id'],
    ['comfort', 'comfort mark id'],
    ['contacts', 'contact id'],
    ['missed', 'id of something missed'],
    ['chores', 'chore'],
  ] as const)
    uniqueIds(of(key), 'id', what, errors);
  errors.push(...trackErrors(trip, days, base));
  const groupIds = uniqueIds(groups, 'id', 'group id', errors);
  const packIds = uniqueIds(packs, 'id', 'pack id', errors);
  const memberIds = uniqueIds(members, 'id', 'member id', errors);
  uniqueIds(kits, 'id', 'kit id', errors);
  uniqueIds([...pieces, ...personal], 'id', 'thing id', errors);
  const pieceIds = new Set(pieces.map((p) => p.item['id']).filter((id) => typeof id === 'string'));
  const groupKinds = new Map(groups.map((g) => [g.item['id'], g.item['kind']]));

  for (const pack of packs) {
    const zones = entries(pack.item, 'zones', `${pack.path}.`);
    uniqueIds(zones, 'id', 'zone id of this pack', errors);
    errors.push(...mainErrors(pack));
    for (const { item, path } of zones) {
      const { widthCm, depthCm, heightCm, volumeL } = item;
      if ([widthCm, depthCm, heightCm, volumeL].every((v) => typeof v === 'number')) {
        const boxL = ((widthCm as number) * (depthCm as number) * (heightCm as number)) / 1000;
        if ((volumeL as number) > boxL * (1 + VOLUME_TOLERANCE)) {
          errors.push({
            path: `${path}.volumeL`,
            message: `expected at most ${boxL.toFixed(2)} L, the box of its dimensions, got ${String(volumeL)}`,
          });
        }
      }
    }
  }
  for (const { item, path } of members) {
    expectKnown(packIds, item['packId'], `${path}.packId`, 'pack');
    for (const [key, kind] of [
      ['tentGroupId', 'tent'],
      ['cookGroupId', 'cook'],
    ] as const) {
      expectKnown(groupIds, item[key], `${path}.${key}`, `${kind} group`);
      const actual = groupKinds.get(item[key]);
      if (actual !== undefined && actual !== kind) {
        errors.push({
          path: `${path}.${key}`,
          message: `expected a ${kind} group, got "${String(item[key])}", which is a ${String(actual)} group`,
        });
      }
    }
    for (const condition of entries(item, 'conditions', `${path}.`)) {
      errors.push(...spanErrors(condition.item, condition.path, days));
    }
    uniqueIds(entries(item, 'carryTrials', `${path}.`), 'id', 'trial id of this member', errors);
    uniqueIds(entries(item, 'limitHistory', `${path}.`), 'id', 'entry id of this member', errors);
    errors.push(...dayErrors(item, 'lastDay', path, days));
    expectKnown(memberIds, item['buddyId'], `${path}.buddyId`, 'member');
    if (typeof item['buddyId'] === 'string' && item['buddyId'] === item['id']) {
      errors.push({ path: `${path}.buddyId`, message: 'expected another member, got the member themselves' });
    }
  }
  for (const { item, path } of of('roles')) {
    expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');
    errors.push(...dayErrors(item, 'day', path, days));
  }
  for (const { item, path } of of('practice'))
    expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');
  const takenPacks = new Map<unknown, string>();
  for (const { item, path } of members) {
    const packId = item['packId'];
    const first = takenPacks.get(packId);
    if (typeof packId === 'string' && first !== undefined) {
      errors.push({
        path: `${path}.packId`,
        message: `expected a pack nobody else wears, got "${packId}", worn at ${first}`,
      });
    } else if (typeof packId === 'string') takenPacks.set(packId, path);
  }

  for (const { item, path } of [...pieces, ...personal]) errors.push(...rawThingErrors(item, path, days));
  for (const { item, path } of pieces) {
    expectKnown(groupIds, item['onlyGroupId'], `${path}.onlyGroupId`, 'tent or cook group');
    const only = item['onlyMemberIds'];
    if (Array.isArray(only))
      only.forEach((id, i) => expectKnown(memberIds, id, `${path}.onlyMemberIds[${i}]`, 'member'));
  }
  for (const { item, path } of personal)
    expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');

  errors.push(...larderErrors(trip, groupKinds, days, base));
  const thingIds = new Set(
    [...pieces, ...personal].map((t) => t.item['id']).filter((v) => typeof v === 'string'),
  );
  for (const { item, path } of [...pieces, ...personal]) {
    expectKnown(thingIds, item['nestsIn'], `${path}.nestsIn`, 'thing');
    if (typeof item['nestsIn'] === 'string' && item['nestsIn'] === item['id'])
      errors.push({ path: `${path}.nestsIn`, message: 'expected another thing, got the thing itself' });
  }
  for (const { item, path } of of('arrangements'))
    expectKnown(thingIds, item['thingId'], `${path}.thingId`, 'thing');

  uniqueIds(of('weighIns'), 'memberId', 'member', errors);
  uniqueIds(of('uses'), 'thingId', 'thing', errors);
  uniqueIds(of('leftovers'), 'groupId', 'cook group', errors);
  for (const key of ['weighIns', 'events', 'comfort', 'contacts', 'missed'] as const)
    for (const { item, path } of of(key))
      expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');
  for (const key of ['events', 'uses'] as const)
    for (const { item, path } of of(key)) expectKnown(thingIds, item['thingId'], `${path}.thingId`, 'thing');
  for (const key of ['events', 'comfort'] as const)
    for (const { item, path } of of(key)) errors.push(...dayErrors(item, 'day', path, days));
  for (const { item, path } of of('events')) errors.push(...eventErrors(item, path));
  for (const { item, path } of of('leftovers')) {
    if (typeof item['groupId'] === 'string' && groupKinds.get(item['groupId']) !== 'cook')
      errors.push({
        path: `${path}.groupId`,
        message: `expected the id of a cook group of this trip, got "${item['groupId']}"`,
      });
  }

  const rules = of('carrierRules');
  uniqueIds(rules, 'id', 'rule id', errors);
  for (const { item, path } of rules) {
    const ids = item['pieceIds'];
    if (Array.isArray(ids))
      ids.forEach((id, i) => expectKnown(pieceIds, id, `${path}.pieceIds[${i}]`, 'piece'));
  }

  const share = of('share');
  uniqueIds(share, 'pieceId', 'piece', errors);
  for (const { item, path } of share) {
    expectKnown(pieceIds, item['pieceId'], `${path}.pieceId`, 'piece');
    expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');
  }

  const handovers = of('handovers');
  for (const { item, path } of handovers) {
    expectKnown(pieceIds, item['pieceId'], `${path}.pieceId`, 'piece');
    expectKnown(memberIds, item['toMemberId'], `${path}.toMemberId`, 'member');
    errors.push(...dayErrors(item, 'day', path, days));
  }
  for (const { item, path } of of('variants')) {
    for (const change of entries(item, 'changes', `${path}.`)) {
      expectKnown(memberIds, change.item['memberId'], `${change.path}.memberId`, 'member');
      errors.push(...whatIfErrors(change.item, change.path, days));
    }
  }

  const stows = of('stows');
  uniqueIds(stows, 'memberId', 'member', errors);
  const inPackOf = new Set<string>();
  const pair = (thingId: unknown, memberId: unknown): string => JSON.stringify([thingId, memberId]);
  for (const { item } of share) inPackOf.add(pair(item['pieceId'], item['memberId']));
  for (const { item } of handovers) inPackOf.add(pair(item['pieceId'], item['toMemberId']));
  for (const { item } of personal)
    if (item['worn'] !== true) inPackOf.add(pair(item['id'], item['memberId']));
  for (const { item, path } of stows) {
    expectKnown(memberIds, item['memberId'], `${path}.memberId`, 'member');
    const member = members.find((m) => m.item['id'] === item['memberId']);
    const pack = packs.find((p) => member !== undefined && p.item['id'] === member.item['packId']);
    const zoneIds = new Set(
      pack === undefined ? [] : entries(pack.item, 'zones', '').map((z) => String(z.item['id'])),
    );
    const placements = entries(item, 'placements', `${path}.`);
    uniqueIds(placements, 'thingId', 'thing', errors);
    for (const placement of placements) {
      const { thingId, zoneId } = placement.item;
      if (typeof thingId === 'string' && !inPackOf.has(pair(thingId, item['memberId']))) {
        errors.push({
          path: `${placement.path}.thingId`,
          message: `expected a thing in this member's pack (shared or handed to them, or their own and not worn), got "${thingId}"`,
        });
      }
      if (pack !== undefined)
        expectKnown(zoneIds, zoneId, `${placement.path}.zoneId`, "zone of the member's pack");
    }
  }
  return errors;
}

/** Meals and canisters belong to cook groups, on days of the trip; a partial canister holds at most what a full one does. */
function larderErrors(
  trip: Raw,
  groupKinds: ReadonlyMap<unknown, unknown>,
  days: number,
  base: string,
): readonly FieldError[] {
  const errors: FieldError[] = [];
  for (const { item, path } of [...entries(trip, 'meals', base), ...entries(trip, 'canisters', base)]) {
    if (typeof item['groupId'] === 'string' && groupKinds.get(item['groupId']) !== 'cook')
      errors.push({
        path: `${path}.groupId`,
        message: `expected the id of a cook group of this trip, got "${item['groupId']}"`,
      });
  }
  for (const { item, path } of [...entries(trip, 'meals', base), ...entries(trip, 'pickups', base)]) {
    errors.push(...dayErrors(item, 'day', path, days));
  }
  for (const { item, path } of entries(trip, 'canisters', base)) errors.push(...grossErrors(item, path));
  return errors;
}

function grossErrors(item: Raw, path: string): readonly FieldError[] {
  const { netKg, tareKg, grossKg } = item;
  if (typeof netKg !== 'number' || typeof tareKg !== 'number' || typeof grossKg !== 'number') return [];
  const fullKg = netKg + tareKg;
  if (grossKg >= tareKg && grossKg <= fullKg * (1 + VOLUME_TOLERANCE)) return [];
  return [
    {
      path: `${path}.grossKg`,
      message: `expected between ${tareKg} kg, the empty vessel, and ${fullKg.toFixed(3)} kg, the full one, got ${grossKg}`,
    },
  ];
}

/** What a canister's weighed mass contradicts; for a form that edits one. */
export function canisterErrors(canister: Canister): readonly FieldError[] {
  return grossErrors(canister as unknown as Raw, 'canister');
}

/** A day number that is outside the trip. */
function dayErrors(item: Raw, key: string, path: string, days: number): readonly FieldError[] {
  const day = item[key];
  if (typeof day !== 'number' || day <= days) return [];
  return [{ path: `${path}.${key}`, message: `expected a day of the trip, 1 to ${days}, got ${day}` }];
}

/** What each kind of event must say, beside its day and moment. */
const EVENT_NEEDS: Readonly<Record<EventKind, readonly (keyof TripEvent)[]>> = {
  notEaten: ['mealId'],
  eatenLater: ['mealId'],
  water: ['litres'],
  canisterEmpty: ['thingId'],
  wetFly: [],
  left: ['thingId'],
  sentHome: ['thingId'],
  broken: ['thingId'],
  bought: ['memberId', 'name', 'massKg'],
  tired: ['memberId', 'factor'],
  hurt: ['memberId', 'factor'],
  ill: ['memberId', 'factor'],
  well: ['memberId'],
  gone: ['memberId'],
};

/** What an event lacks for its kind, or says beyond it. A meal that is planned no more is let be: it says nothing. */
function eventErrors(item: Raw, path: string): readonly FieldError[] {
  const kind = EVENT_KINDS.find((known) => known === item['kind']);
  if (kind === undefined) return [];
  const needs: readonly string[] = EVENT_NEEDS[kind];
  const always = ['id', 'day', 'moment', 'kind', 'note'];
  const said = Object.keys(item).filter((key) => !always.includes(key) && item[key] !== undefined);
  return [
    ...needs
      .filter((key) => !said.includes(key))
      .map((key) => ({ path: `${path}.${key}`, message: `expected a value for "${kind}", got nothing` })),
    ...said
      .filter((key) => !needs.includes(key))
      .map((key) => ({
        path: `${path}.${key}`,
        message: `expected nothing for "${kind}", got ${JSON.stringify(item[key])}`,
      })),
  ];
}

/** What each kind of what-if must say. */
const WHAT_IF_NEEDS: Readonly<Record<WhatIf['kind'], readonly string[]>> = {
  memberOut: ['memberId'],
  extraNight: [],
  hotDay: ['day', 'extraL'],
  rain: ['fromDay', 'toDay'],
  limit: ['memberId', 'limitKg'],
};

function whatIfErrors(item: Raw, path: string, days: number): readonly FieldError[] {
  const kind = WHAT_IF_KINDS.find((known) => known === item['kind']);
  if (kind === undefined) return [];
  const needs = WHAT_IF_NEEDS[kind];
  const said = Object.keys(item).filter((key) => key !== 'kind' && item[key] !== undefined);
  return [
    ...needs
      .filter((key) => !said.includes(key))
      .map((key) => ({
        path: `${path}.${key}`,
        message: `expected a value, as kind is "${kind}", got nothing`,
      })),
    ...said
      .filter((key) => !needs.includes(key))
      .map((key) => ({ path: `${path}.${key}`, message: `expected nothing, as kind is "${kind}"` })),
    ...dayErrors(item, 'day', path, days),
    ...spanErrors(item, path, days),
  ];
}

/** A bottom part lies within its main compartment, and a zip or a divider has a part to be of. */
function mainErrors({ item, path }: Entry): readonly FieldError[] {
  const { main } = item;
  if (!isRaw(main)) return [];
  const { bottomPartCm, heightCm, divider, openings } = main;
  const errors: FieldError[] = [];
  if (typeof bottomPartCm === 'number' && typeof heightCm === 'number' && bottomPartCm >= heightCm) {
    errors.push({
      path: `${path}.main.bottomPartCm`,
      message: `expected less than ${heightCm} cm, the height of the main compartment, got ${bottomPartCm}`,
    });
  }
  const needsPart = divider === true ? 'a divider' : undefined;
  const zip = Array.isArray(openings) && openings.includes('bottom') ? 'an opening at the bottom' : undefined;
  const what = needsPart ?? zip;
  if (bottomPartCm === undefined && what !== undefined) {
    errors.push({
      path: `${path}.main.bottomPartCm`,
      message: `expected a height, as there is ${what}, got nothing`,
    });
  }
  return errors;
}

/** Days outside the trip, and spans that end before they start. */
function spanErrors(item: Raw, path: string, days: number): readonly FieldError[] {
  const errors: FieldError[] = [];
  for (const key of ['fromDay', 'toDay']) {
    const day = item[key];
    if (typeof day === 'number' && day > days) {
      errors.push({
        path: `${path}.${key}`,
        message: `expected a day of this trip, 1 to ${days}, got ${day}`,
      });
    }
  }
  const { fromDay, toDay } = item;
  if (typeof fromDay === 'number' && typeof toDay === 'number' && toDay < fromDay) {
    errors.push({
      path: `${path}.toDay`,
      message: `expected day ${fromDay} (fromDay) or later, got ${toDay}`,
    });
  }
  return errors;
}

/** What a thing says that contradicts itself or the trip's days; for a form that edits one thing. */
export function thingErrors(thing: Thing, days: number): readonly FieldError[] {
  return rawThingErrors(thing as unknown as Raw, 'thing', days);
}

function rawThingErrors(item: Raw, path: string, days: number): readonly FieldError[] {
  const errors = [...spanErrors(item, path, days)];
  const expectAtMost = (key: string, most: number, what: string, got: unknown): void => {
    errors.push({ path: `${path}.${key}`, message: `expected at most ${most}, ${what}, got ${String(got)}` });
  };
  const { massKg, volumeL, consumption, shape } = item;
  if (isRaw(consumption)) {
    errors.push(...spanErrors(consumption, `${path}.consumption`, days));
    const { residueKg } = consumption;
    if (typeof residueKg === 'number' && typeof massKg === 'number' && residueKg > massKg) {
      expectAtMost('consumption.residueKg', massKg, 'the mass in kg', residueKg);
    }
  }
  const boxL = boundingVolumeL(shape);
  if (typeof volumeL === 'number' && boxL !== undefined && volumeL > boxL * (1 + VOLUME_TOLERANCE) + 0.01) {
    expectAtMost('volumeL', Math.round(boxL * 100) / 100, 'the volume of its shape in L', volumeL);
  }
  const looseL = isRaw(shape) ? shape['looseVolumeL'] : undefined;
  if (typeof looseL === 'number' && typeof volumeL === 'number' && looseL < volumeL) {
    errors.push({
      path: `${path}.shape.looseVolumeL`,
      message: `expected at least the packed volume, ${volumeL} L, got ${looseL}`,
    });
  }
  return errors;
}

/** A track's lists have one length, its distances rise, and the days end in order on it. */
function trackErrors(trip: Raw, days: number, base: string): readonly FieldError[] {
  const errors: FieldError[] = [];
  const track = trip['track'];
  const marks = trip['dayMarksKm'];
  const km =
    isRaw(track) && Array.isArray(track['distanceKm']) ? (track['distanceKm'] as unknown[]) : undefined;
  if (isRaw(track) && km !== undefined) {
    for (const key of ['elevationM', 'latitudeDeg', 'longitudeDeg']) {
      const list = track[key];
      if (Array.isArray(list) && list.length !== km.length) {
        errors.push({
          path: `${base}track.${key}`,
          message: `expected ${km.length} entries, as many as distanceKm, got ${list.length}`,
        });
      }
    }
    const falls = km.findIndex((value, i) => i > 0 && (value as number) < (km[i - 1] as number));
    if (falls > 0) {
      errors.push({
        path: `${base}track.distanceKm[${falls}]`,
        message: `expected at least ${String(km[falls - 1])}, the distance before it, got ${String(km[falls])}`,
      });
    }
  }
  if (!Array.isArray(marks)) return errors;
  if (km === undefined) {
    errors.push({ path: `${base}dayMarksKm`, message: 'expected no day marks on a trip without a track' });
  } else if (days > 0 && marks.length !== days - 1) {
    errors.push({
      path: `${base}dayMarksKm`,
      message: `expected ${days - 1} day marks, one fewer than legs, got ${marks.length}`,
    });
  }
  const bounds = [0, ...(marks as unknown[]), ...(km === undefined ? [] : [km[km.length - 1]])];
  const odd = bounds.findIndex((value, i) => i > 0 && (value as number) < (bounds[i - 1] as number));
  if (odd > 0) {
    const at = Math.min(odd - 1, marks.length - 1);
    errors.push({
      path: `${base}dayMarksKm[${at}]`,
      message: `expected marks in order along the track, got ${String(marks[at])}`,
    });
  }
  return errors;
}

/** Stated volumes and dimensions are each rounded by hand: 5 % apart is no contradiction. */
const VOLUME_TOLERANCE = 0.05;

function boundingVolumeL(shape: unknown): number | undefined {
  if (!isRaw(shape)) return undefined;
  const { kind, lengthCm, widthCm, heightCm, diameterCm } = shape;
  const numbers = (...values: unknown[]): boolean => values.every((v) => typeof v === 'number');
  if ((kind === 'block' || kind === 'flat') && numbers(lengthCm, widthCm, heightCm))
    return shapeVolumeL(shape as unknown as Shape);
  if ((kind === 'cylinder' || kind === 'roll' || kind === 'long') && numbers(lengthCm, diameterCm)) {
    return shapeVolumeL(shape as unknown as Shape);
  }
  return undefined;
}
