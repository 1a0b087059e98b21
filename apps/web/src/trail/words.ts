/** How the record's names are said on screen. */
import type { LoadStep, PartNeed, StepCause, StepPart } from '@graft/core/trail';
import type { BuddyCheck, EventKind, Member, TripEvent, Trip } from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import { allThings } from '@graft/core/trip';
import { formatMass, formatMassChange, inUnits } from '@graft/core/units';

/** Said of what it happened to: "Wren is hurt", "Tarp was left behind". */
export const EVENT_WORDS: Readonly<Record<EventKind, string>> = {
  tired: 'is tired',
  hurt: 'is hurt',
  ill: 'is ill',
  well: 'is well again',
  gone: 'has left the party',
  notEaten: 'was not eaten',
  eatenLater: 'was eaten after all',
  water: 'Water taken',
  canisterEmpty: 'is empty',
  wetFly: 'Tents packed wet',
  left: 'was left behind',
  sentHome: 'was sent home',
  broken: 'broke',
  bought: 'was bought',
};
/** On the button, before it is known what it happened to. */
export const EVENT_BUTTONS: Readonly<Record<EventKind, string>> = {
  tired: 'Tired',
  hurt: 'Hurt',
  ill: 'Ill',
  well: 'Well again',
  gone: 'Gone home',
  notEaten: 'Meal not eaten',
  eatenLater: 'Eaten after all',
  water: 'Water taken',
  canisterEmpty: 'Canister empty',
  wetFly: 'Tents packed wet',
  left: 'Left behind',
  sentHome: 'Sent home',
  broken: 'Broken',
  bought: 'Bought',
};
export const EVENT_GROUPS: readonly (readonly [string, readonly EventKind[]])[] = [
  ['People', ['tired', 'hurt', 'ill', 'well', 'gone']],
  ['Food and water', ['notEaten', 'eatenLater', 'water', 'canisterEmpty', 'bought']],
  ['Kit', ['wetFly', 'left', 'sentHome', 'broken']],
];

/** An event in words: "Wren is hurt", "2.5 L each taken". */
export function eventText(trip: Trip, event: TripEvent, unit: MassUnit): string {
  const words = EVENT_WORDS[event.kind];
  const who = trip.members.find((m) => m.id === event.memberId)?.name;
  const thing = allThings(trip).find((t) => t.id === event.thingId)?.name;
  switch (event.kind) {
    case 'water':
      return inUnits(`Water taken: ${event.litres!.toFixed(1)} L each`, unit);
    case 'wetFly':
      return words;
    case 'bought':
      return `${event.name!}, ${formatMass(event.massKg!, unit)}, was bought by ${who ?? 'somebody'}`;
    case 'notEaten':
    case 'eatenLater':
      return `${mealText(trip, event.mealId)} ${words}`;
    case 'tired':
    case 'hurt':
    case 'ill':
    case 'well':
    case 'gone':
    case 'canisterEmpty':
    case 'left':
    case 'sentHome':
    case 'broken':
      return `${who ?? thing ?? 'Something'} ${words}`;
  }
}

function mealText(trip: Trip, mealId: string | undefined): string {
  const meal = trip.meals.find((m) => m.id === mealId);
  return meal === undefined
    ? 'A meal that is planned no more'
    : `${meal.dish.name} (${meal.kind} of day ${meal.day})`;
}

export const CHECK_WORDS: Readonly<Record<BuddyCheck, string>> = {
  standsAlone: 'The pack stands on its own: no hollows, nothing rattles',
  closed: 'Zips and straps closed, nothing swings outside',
  guarded: 'Sharp points guarded; fuel upright and dry',
  even: 'Left and right even, when lifted by the haul loop',
  water: 'Water filled, within reach of one of the two',
  rainGear: 'Rain gear on top or in an outer pocket',
  firstAid: 'Both know where first aid and beacon are',
  whistle: 'Whistle, light, phone on the body',
  beltFirst: 'Hip belt first, half above and half below the hip bone',
  armsFree: 'Arms free, hands not numb, no pull at neck or back',
};

const CAUSE_WORDS: Readonly<Record<StepCause, string>> = {
  eaten: 'eaten',
  burnt: 'fuel burnt',
  water: 'water',
  taken: 'taken',
  given: 'given',
  joins: 'joins',
  leaves: 'leaves',
  wet: 'wet',
  dry: 'dry again',
  gone: 'gone',
};
const SEVERAL_WORDS = { joins: 'join', leaves: 'leave' } as const;
const MOST_NAMES = 2;

/** One part of a step: "−1.9 kg Plover body to Tam". */
export function partText(part: StepPart, members: readonly Member[], unit: MassUnit): string {
  const kg = formatMassChange(part.kg, unit);
  const other = members.find((m) => m.id === part.otherId)?.name;
  const more = part.names.length - MOST_NAMES;
  const names = `${part.names.slice(0, MOST_NAMES).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
  switch (part.cause) {
    case 'taken':
      return `${kg} ${names}${other === undefined ? '' : ` from ${other}`}`;
    case 'given':
      return `${kg} ${names}${other === undefined ? ' gone' : ` to ${other}`}`;
    case 'joins':
    case 'leaves':
      return `${kg} ${names} ${part.names.length > 1 ? SEVERAL_WORDS[part.cause] : CAUSE_WORDS[part.cause]}`;
    case 'eaten':
    case 'burnt':
    case 'water':
    case 'wet':
    case 'dry':
    case 'gone':
      return `${kg} ${CAUSE_WORDS[part.cause]}`;
  }
}

/** A step in one line, the largest parts first. */
export function stepText(step: LoadStep, members: readonly Member[], unit: MassUnit): string {
  const parts = step.parts.map((p) => partText(p, members, unit));
  return parts.length === 0 ? 'as the day before' : parts.join(' · ');
}

export const NEED_WORDS: Readonly<Record<PartNeed, string>> = {
  firstAid: 'first aid',
  navigation: 'navigation',
  emergencyShelter: 'an emergency shelter',
};
