/** What-ifs: the trip as it would be if something were otherwise, without touching the plan. */
import { landLarder } from '../larder/landLarder.js';
import { freshId, replaceShare } from '../trip/changes.js';
import { insertDay } from '../trip/legChanges.js';
import type { Trip, Variant, WhatIf } from '../trip/model.js';
import { removeMember } from '../trip/changes.js';
import { formatMass, formatVolume } from '../units/format.js';

/** One change supposed. Days that the trip does not have, and members it does not know, change nothing. */
export function suppose(trip: Trip, change: WhatIf): Trip {
  switch (change.kind) {
    case 'memberOut':
      return trip.members.some((m) => m.id === change.memberId)
        ? landLarder(removeMember(trip, change.memberId))
        : trip;
    case 'extraNight':
      return withExtraNight(trip);
    case 'hotDay':
      return {
        ...trip,
        legs: trip.legs.map((leg, i) =>
          i + 1 === change.day ? { ...leg, waterL: leg.waterL + change.extraL } : leg,
        ),
      };
    case 'rain':
      return {
        ...trip,
        legs: trip.legs.map((leg, i) =>
          change.fromDay <= i + 1 && i + 1 <= change.toDay ? { ...leg, afterRain: true } : leg,
        ),
      };
    case 'limit':
      return {
        ...trip,
        members: trip.members.map((m) => (m.id === change.memberId ? { ...m, ownCapKg: change.limitKg } : m)),
      };
  }
}

/**
 * One more night before the last day: the last full day's leg again, without a way, and its meals again. Group pieces
 * and personal things that were to last to the end last one day more, in mass too where they are used up evenly.
 */
function withExtraNight(trip: Trip): Trip {
  const last = trip.legs.length;
  const before = Math.max(1, last - 1);
  const longer = insertDay(trip, before);
  const day = before + 1;
  const model = trip.legs[before - 1]!;
  const meals = longer.meals
    .filter((meal) => meal.day === before)
    .reduce<Trip['meals']>(
      (list, meal) => [
        ...list,
        {
          ...meal,
          day,
          id: freshId(
            meal.id,
            list.map((m) => m.id),
          ),
        },
      ],
      longer.meals,
    );
  const withDay: Trip = {
    ...longer,
    legs: longer.legs.map((leg, i) =>
      i === day - 1 && trip.track === undefined
        ? { ...leg, waterL: model.waterL, campWaterL: model.campWaterL }
        : leg,
    ),
    meals,
  };
  return landLarder(withDay);
}

/** All changes of a what-if supposed together, with nobody's share touched. */
export function supposeAll(trip: Trip, changes: readonly WhatIf[]): Trip {
  // Days are counted in the trip as it is, so what adds a day comes last.
  const order = [...changes].sort(
    (a, b) => Number(a.kind === 'extraNight') - Number(b.kind === 'extraNight'),
  );
  return order.reduce(suppose, trip);
}

/** The trip as a variant would have it, with the share planned for it. */
export function asVariant(trip: Trip, variant: Variant): Trip {
  return replaceShare(supposeAll(trip, variant.changes), variant.share);
}

/** Make a variant the plan: its changes and its share; the variant itself is then the plan and goes. */
export function adoptVariant(trip: Trip, variantId: string): Trip {
  const variant = trip.variants.find((v) => v.id === variantId);
  if (variant === undefined) return trip;
  const adopted = asVariant(trip, variant);
  return { ...adopted, variants: adopted.variants.filter((v) => v.id !== variantId) };
}

/** A supposed change in words. */
export function whatIfText(trip: Trip, change: WhatIf): string {
  const name = (id: string): string => trip.members.find((m) => m.id === id)?.name ?? id;
  switch (change.kind) {
    case 'memberOut':
      return `${name(change.memberId)} does not come`;
    case 'extraNight':
      return 'one night more';
    case 'hotDay':
      return `hot day ${change.day}: ${formatVolume(change.extraL)} more water each`;
    case 'rain':
      return change.fromDay === change.toDay
        ? `packed wet on day ${change.fromDay}`
        : `packed wet on days ${change.fromDay}–${change.toDay}`;
    case 'limit':
      return `${name(change.memberId)} carries at most ${formatMass(change.limitKg)}`;
  }
}
