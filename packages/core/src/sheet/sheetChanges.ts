/** What is different for one member between two states of their sheet, in words: what they would otherwise have to find. */
import { formatMass } from '../units/format.js';
import type { MemberSheet, SheetDay, SheetHandover } from './memberSheet.js';
import type { SheetThing } from './sheetThings.js';

/** Masses that differ by less read the same, kg. */
const SAME_KG = 0.005;
const SAME_LOAD_KG = 0.05;

export function sheetChanges(before: MemberSheet, after: MemberSheet): readonly string[] {
  return [
    ...(before.tripName === after.tripName ? [] : [`The trip is called ${after.tripName} now`]),
    ...(before.startDate === after.startDate
      ? []
      : [`The trip starts on ${after.startDate}, was ${before.startDate}`]),
    ...loadChange(before, after),
    ...thingChanges(before.things, after.things),
    ...only(after.handovers, before.handovers, handoverText),
    ...only(before.handovers, after.handovers, (h) => `No longer: ${handoverText(h)}`),
    ...(before.buddy === after.buddy ? [] : [`Your buddy: ${after.buddy ?? 'nobody yet'}`]),
    ...groupChange('tent', before.tent, after.tent),
    ...groupChange('cook group', before.cook, after.cook),
    ...dayChanges(before.days, after.days),
    ...only(
      after.safety,
      before.safety,
      ({ name, everybody, at }) =>
        `${name}: ${everybody ? 'everybody has one' : at.map((a) => `${a.who}, ${a.place}`).join('; ')}`,
    ),
    ...only(before.safety, after.safety, ({ name }) => name)
      .filter((name) => after.safety.every((s) => s.name !== name))
      .map((name) => `${name}: nobody has it any more`),
    ...only(after.cautions, before.cautions, (c) => c),
  ];
}

/** What is in a list and not in another, in words. */
function only<T>(list: readonly T[], other: readonly T[], words: (item: T) => string): readonly string[] {
  const known = new Set(other.map((item) => JSON.stringify(item)));
  return list.filter((item) => !known.has(JSON.stringify(item))).map(words);
}

function loadChange(before: MemberSheet, after: MemberSheet): readonly string[] {
  if (Math.abs(after.loadKg - before.loadKg) < SAME_LOAD_KG) return [];
  return [`Your load at the start: ${formatMass(after.loadKg)}, was ${formatMass(before.loadKg)}`];
}

function thingChanges(before: readonly SheetThing[], after: readonly SheetThing[]): readonly string[] {
  const known = new Map(before.map((t) => [t.id, t]));
  const still = new Set(after.map((t) => t.id));
  return [
    ...after
      .filter((t) => !known.has(t.id))
      .map(
        (t) =>
          `New for you: ${t.name}, ${formatMass(t.massKg)}${t.from === undefined ? '' : `, from ${t.from}`}`,
      ),
    ...before.filter((t) => !still.has(t.id)).map((t) => `No longer yours: ${t.name}`),
    ...after.flatMap((t) => {
      const old = known.get(t.id);
      return old === undefined ? [] : thingChange(old, t);
    }),
  ];
}

function thingChange(old: SheetThing, now: SheetThing): readonly string[] {
  return [
    ...(old.name === now.name ? [] : [`${old.name} is called ${now.name} now`]),
    ...(Math.abs(old.massKg - now.massKg) < SAME_KG
      ? []
      : [`${now.name}: ${formatMass(now.massKg)}, was ${formatMass(old.massKg)}`]),
    ...(old.from === now.from
      ? []
      : [`${now.name}: ${now.from === undefined ? 'your own' : `from ${now.from}`}`]),
    ...(old.place === now.place
      ? []
      : [
          `${now.name} goes elsewhere: ${now.place ?? 'no place yet'}, was ${old.place ?? 'without a place'}`,
        ]),
  ];
}

function groupChange(
  what: string,
  before: MemberSheet['tent'],
  after: MemberSheet['tent'],
): readonly string[] {
  const words = (group: MemberSheet['tent']): string =>
    group === undefined ? 'none' : [group.name, ...group.with].join(', ');
  return words(before) === words(after) ? [] : [`Your ${what}: ${words(after)}`];
}

function handoverText({ day, name, gives, other }: SheetHandover): string {
  if (gives) return `Day ${day}: give ${name} to ${other ?? 'nobody, it leaves the trip'}`;
  return `Day ${day}: take ${name}${other === undefined ? '' : ` from ${other}`}`;
}

function dayChanges(before: readonly SheetDay[], after: readonly SheetDay[]): readonly string[] {
  const length =
    before.length === after.length ? [] : [`The trip takes ${after.length} days, was ${before.length}`];
  return [
    ...length,
    ...after.flatMap((day, i) => {
      const old = before[i];
      if (old === undefined) return [];
      return [
        ...(old.leg === day.leg && old.distanceKm === day.distanceKm
          ? []
          : [`Day ${day.day}: ${day.leg}${day.distanceKm === 0 ? '' : `, ${day.distanceKm.toFixed(1)} km`}`]),
        ...(old.waterL === day.waterL
          ? []
          : [
              `Day ${day.day}: set off with ${day.waterL.toFixed(1)} L water, was ${old.waterL.toFixed(1)} L`,
            ]),
        ...(old.roles.join() === day.roles.join()
          ? []
          : [
              `Day ${day.day}: ${day.roles.length === 0 ? 'no role any more' : `you are ${day.roles.join(' and ')}`}`,
            ]),
      ];
    }),
  ];
}
