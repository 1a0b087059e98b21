import { Box } from '../theme/chakra';
import {
  clock,
  dayTimes,
  putLeg,
  removeDay,
  waterByDay,
  type DayLength,
  type DayWater,
} from '@graft/core/route';
import type { Leg, Trip } from '@graft/core/trip';
import { digitsShown, type MassUnit } from '@graft/core/units';
import type { Column } from '../shared/table/column';
import { dayDate, shortDay } from '../shared/dates';
import { checkItem, choiceColumn, quantityColumn, textColumn } from '../shared/fields';
import { RemoveButton } from '../shared/RemoveButton';
import { Why } from '../shared/Why';
import { GROUND_WORDS, optionsOf } from '../shared/words';

type Change = (label: string, change: (trip: Trip) => Trip) => void;

/**
 * The legs as a table: what the leader types, what the models make of it, and the slowest member's day.
 *
 * @param trip the trip as it would be, while a day mark is moved
 * @param massUnit which system the reader chose
 */
export function legColumns(
  trip: Trip,
  lengths: readonly DayLength[],
  change: Change,
  massUnit: MassUnit,
): readonly Column<Leg>[] {
  const dayOf = (leg: Leg): number => trip.legs.indexOf(leg) + 1;
  const water: readonly DayWater[] = waterByDay(trip);
  const common = {
    check: (leg: Leg) => checkItem('legs', leg),
    save: (leg: Leg, field: string) =>
      change(`day ${trip.legs.findIndex((l) => l.id === leg.id) + 1}: ${field}`, (t) => putLeg(t, leg)),
  };
  const quantity = { ...common, massUnit };
  const suggestion = (leg: Leg, what: 'waterL' | 'campWaterL'): string => {
    const day = water[dayOf(leg) - 1]!;
    if (what === 'campWaterL')
      return day.dryCamp
        ? `Dry camp: 2 L for cooking and the evening, and the way to the next sure water. Suggested: ${day.campWaterL} L each.`
        : 'The camp has water. Type the litres a person needs there if it is dry.';
    return `Longest stretch without sure water: ${day.hours.toFixed(1)} h, from km ${day.fromKm.toFixed(1)} to ${day.toKm.toFixed(1)}, at ${trip.waterLPerH} L/h. Suggested: ${day.waterL} L each.`;
  };
  const litres = (id: 'waterL' | 'campWaterL', header: string): Column<Leg> => {
    const column = quantityColumn({ ...quantity, id, header, quantity: 'liquid', width: '60' });
    return {
      ...column,
      show: (leg) => (
        <Why reason={suggestion(leg, id)}>
          {digitsShown(leg[id], 'liquid', massUnit)}
          {leg[id] < water[dayOf(leg) - 1]![id] - 0.01 && ' ▼'}
        </Why>
      ),
    };
  };
  return [
    {
      id: 'day',
      header: 'Day',
      width: '80',
      hint: (leg) => dayDate(trip.startDate, dayOf(leg)),
      show: (leg) => `${dayOf(leg)} ${shortDay(trip.startDate, dayOf(leg))}`,
    },
    textColumn({ ...common, id: 'name', header: 'Leg' }),
    unlessUnsaid(
      quantityColumn({
        ...quantity,
        id: 'distanceKm',
        header: 'Distance',
        quantity: 'distance',
        width: '72',
      }),
    ),
    unlessUnsaid(
      quantityColumn({ ...quantity, id: 'climbM', header: 'Up', quantity: 'height', width: '54' }),
    ),
    unlessUnsaid(
      quantityColumn({ ...quantity, id: 'descentM', header: 'Down', quantity: 'height', width: '66' }),
    ),
    choiceColumn({
      ...common,
      id: 'ground',
      header: 'Ground',
      options: optionsOf(GROUND_WORDS),
      width: '80',
    }),
    {
      ...quantityColumn({ ...quantity, id: 'hours', header: 'Walk', quantity: 'duration', width: '62' }),
      show: (leg) =>
        isUnsaid(leg) && leg.hours === 0 ? (
          '?'
        ) : leg.hours === 0 ? (
          <Box color="fg.muted">{dayTimes(trip, dayOf(leg)).plannedH.toFixed(1)}</Box>
        ) : (
          leg.hours.toFixed(1)
        ),
    },
    {
      id: 'models',
      header: 'Naismith · Tobler, h',
      numeric: true,
      width: '74',
      show: (leg) => {
        const times = dayTimes(trip, dayOf(leg));
        if (times.naismithLangmuirH === 0) return '–';
        return (
          <Why
            reason={`Naismith: 1 h per 5 km and 1 h per 600 m up, with Langmuir’s corrections for descent: ${times.naismithLangmuirH.toFixed(1)} h. Tobler’s hiking function over the slopes${leg.ground === 'track' || leg.ground === 'path' ? '' : ', off paths'}: ${times.toblerH.toFixed(1)} h. Fit walkers without breaks; no load.`}
          >
            {times.naismithLangmuirH.toFixed(1)} · {times.toblerH.toFixed(1)}
          </Why>
        );
      },
    },
    {
      id: 'slowest',
      header: 'Slowest, h · there at',
      numeric: true,
      width: '96',
      show: (leg) =>
        isUnsaid(leg) && leg.hours === 0 ? '?' : <SlowestCell trip={trip} length={lengths[dayOf(leg) - 1]} />,
    },
    litres('waterL', 'Water'),
    litres('campWaterL', 'Dry camp'),
    {
      id: 'remove',
      header: '',
      width: '34',
      show: (leg) => (
        <RemoveButton
          name={`day ${dayOf(leg)}`}
          onClick={() =>
            change(`remove day ${dayOf(leg)}`, (t) =>
              removeDay(t, t.legs.findIndex((l) => l.id === leg.id) + 1),
            )
          }
        />
      ),
    },
  ];
}

/** A distance of nothing is one that nobody has said. */
function isUnsaid(leg: Leg): boolean {
  return leg.distanceKm === 0;
}

/** A column of the way: a question as long as nobody has said how far the day goes, unless a climb is known. */
function unlessUnsaid(column: Column<Leg>): Column<Leg> {
  return {
    ...column,
    show: (leg) => (isUnsaid(leg) && leg.climbM === 0 && leg.descentM === 0 ? '?' : column.show(leg)),
  };
}

function SlowestCell({ trip, length }: { trip: Trip; length: DayLength | undefined }) {
  if (length?.slowest === undefined || length.arrivalH === undefined)
    return <Box color="fg.muted">nobody yet</Box>;
  const { slowest, problems, arrivalH } = length;
  const name = trip.members.find((m) => m.id === slowest.memberId)?.name ?? '';
  const bad = problems.length > 0;
  return (
    <Why
      reason={`${name}: planned hours × ${slowest.factor.toFixed(2)} (${slowest.reason}). Off at ${trip.setOff}, with ten minutes’ break an hour, there at ${clock(arrivalH)}. ${bad ? problems.join('; ') : 'Within the longest day and daylight.'}`}
    >
      <Box as="span" color={bad ? 'overload.fg' : undefined} fontWeight={bad ? '600' : undefined}>
        {bad && '▲ '}
        {slowest.hours.toFixed(1)} · {clock(arrivalH)}
      </Box>
    </Why>
  );
}
