import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useState, type ReactNode } from 'react';
import { addEvent, removeEvent } from '@graft/core/debrief';
import { isCarriedOn } from '@graft/core/load';
import { holdsFrom, isWeakening, STARTING_FACTORS, uneatenMeals } from '@graft/core/trail';
import {
  allThings,
  carriedPieces,
  EVENT_MOMENTS,
  isPersonal,
  isWithParty,
  type EventKind,
  type EventMoment,
  type Trip,
  type TripEvent,
} from '@graft/core/trip';
import { formatMass, parseQuantity, formatPercent } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { LIMIT_PARTS } from '../shared/reshare/limitParts';
import { RemoveButton } from '../shared/RemoveButton';
import { Select } from '../shared/Select';
import { Tabs } from '../shared/Tabs';
import { useTrip } from '../shared/tripContext';
import { MEAL_WORDS } from '../shared/words';
import { EVENT_BUTTONS, EVENT_GROUPS, eventText } from './words';
import { useInUnits } from '../shared/useInUnits';
import { typeInstead } from '../shared/typeInstead';

/** Litres that each takes, to choose from. */
const LITRES = [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6];
const FACTORS = [1, ...LIMIT_PARTS];

type NewEvent = Omit<TripEvent, 'id'>;

/** What happened, in two taps: what, and whom or which; and the record of it. */
export function HappeningsPanel({
  day,
  onNoted,
  onShareAnew,
}: {
  day: number;
  /** Told once something has been noted, for what follows from it. */
  onNoted: (event: NewEvent) => void;
  /** Looks for another share from the day on which an event counts. */
  onShareAnew: (event: NewEvent) => void;
}) {
  const { trip, walked, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [moment, setMoment] = useState<EventMoment>('morning');
  const [kind, setKind] = useState<EventKind | undefined>();

  const note = (more: Partial<NewEvent> = {}, of: EventKind | undefined = kind): void => {
    if (of === undefined) return;
    const event: NewEvent = { day, moment, kind: of, ...more };
    setKind(undefined);
    change(`day ${day}: ${eventText(trip, { ...event, id: '' }, massUnit)}`, (t) => addEvent(t, event));
    onNoted(event);
  };
  const events = trip.events
    .map((event, i) => ({ event, i }))
    .sort((a, b) => b.event.day - a.event.day || b.i - a.i)
    .map((e) => e.event);
  return (
    <Box fontSize="sm" pt="3">
      {!readOnly && (
        <>
          <Flex align="center" gap="2" mb="2">
            <Text fontWeight="600">Day {day}</Text>
            <Tabs
              label="When on that day"
              tabs={EVENT_MOMENTS.map((m) => [m, m === 'morning' ? 'before the walk' : 'after it'] as const)}
              value={moment}
              onChoose={setMoment}
            />
          </Flex>
          {kind === undefined ? (
            EVENT_GROUPS.map(([group, kinds]) => (
              <Box key={group} mb="2">
                <Text fontSize="xs" color="fg.muted">
                  {group}
                </Text>
                <Flex gap="1.5" wrap="wrap">
                  {kinds.map((k) => (
                    <Button
                      key={k}
                      size="xs"
                      variant="outline"
                      onClick={() => (k === 'wetFly' ? note({}, k) : setKind(k))}
                    >
                      {EVENT_BUTTONS[k]}
                    </Button>
                  ))}
                </Flex>
              </Box>
            ))
          ) : (
            <Box role="group" aria-label={EVENT_BUTTONS[kind]} borderWidth="1px" p="2" bg="bg">
              <Flex justify="space-between" align="center" mb="1">
                <Text fontWeight="600">{EVENT_BUTTONS[kind]}: </Text>
                <Button size="2xs" variant="ghost" onClick={() => setKind(undefined)}>
                  Back
                </Button>
              </Flex>
              <Choices trip={walked} kind={kind} day={day} onNote={note} />
            </Box>
          )}
          <Text fontSize="2xs" color="fg.muted" mt="2">
            A planning aid, not medical advice. Pain, numb hands or tingling arms: stop, rest, refit. The
            member’s own word decides what they carry.
          </Text>
        </>
      )}
      <Text fontWeight="600" mt="3">
        What was noted
      </Text>
      {events.length === 0 && (
        <Text fontSize="xs" color="fg.muted">
          Nothing yet: the loads are those of the plan.
        </Text>
      )}
      <Box as="ul" listStyleType="none" aria-label="What was noted" fontSize="xs">
        {events.map((event) => (
          <Flex
            as="li"
            key={event.id}
            gap="2"
            py="1"
            align="center"
            borderBottomWidth="1px"
            borderColor="border.muted"
          >
            <Box flex="1">
              <b>
                Day {event.day}, {event.moment === 'morning' ? 'before the walk' : 'after it'}:
              </b>{' '}
              {eventText(trip, event, massUnit)}
            </Box>
            {isWeakening(event.kind) && (
              <Select
                label={`Part of the limit that is left: ${eventText(trip, event, massUnit)}`}
                w="4.8rem"
                disabled={readOnly}
                value={String(event.factor)}
                options={FACTORS.map((f) => [String(f), formatPercent(f, 0)] as const)}
                onChoose={(f) =>
                  change('what is left of the limit', (t) => ({
                    ...t,
                    events: t.events.map((e) => (e.id === event.id ? { ...e, factor: Number(f) } : e)),
                  }))
                }
              />
            )}
            {!readOnly && holdsFrom(event) <= trip.legs.length && (
              <Button
                size="2xs"
                variant="ghost"
                aria-label={`Share anew after: ${eventText(trip, event, massUnit)}`}
                onClick={() => onShareAnew(event)}
              >
                Share anew
              </Button>
            )}
            <RemoveButton
              name={eventText(trip, event, massUnit)}
              onClick={() => change('take back what was noted', (t) => removeEvent(t, event.id))}
            />
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

interface ChoicesProps {
  readonly trip: Trip;
  readonly kind: EventKind;
  readonly day: number;
  readonly onNote: (more: Partial<NewEvent>) => void;
}

/** The second tap. */
function Choices({ trip, kind, day, onNote }: ChoicesProps) {
  const inUnits = useInUnits();
  switch (kind) {
    case 'tired':
    case 'hurt':
    case 'ill':
      return (
        <MemberButtons
          trip={trip}
          day={day}
          onChoose={(memberId) => onNote({ memberId, factor: STARTING_FACTORS[kind] })}
        />
      );
    case 'well':
    case 'gone':
      return <MemberButtons trip={trip} day={day} onChoose={(memberId) => onNote({ memberId })} />;
    case 'notEaten':
    case 'eatenLater':
      return <MealButtons trip={trip} kind={kind} day={day} onNote={onNote} />;
    case 'water':
      return (
        <Buttons
          items={LITRES.map((litres) => [String(litres), inUnits(`${litres} L each`)] as const)}
          onChoose={(litres) => onNote({ litres: Number(litres) })}
        />
      );
    case 'bought':
      return <Bought trip={trip} day={day} onNote={onNote} />;
    case 'canisterEmpty':
    case 'wetFly':
    case 'left':
    case 'sentHome':
    case 'broken':
      return <ThingButtons trip={trip} kind={kind} day={day} onNote={onNote} />;
  }
}

function Buttons({
  items,
  onChoose,
  empty,
}: {
  items: readonly (readonly [id: string, label: ReactNode])[];
  onChoose: (id: string) => void;
  empty?: string;
}) {
  if (items.length === 0)
    return (
      <Text fontSize="xs" color="fg.muted">
        {empty}
      </Text>
    );
  return (
    <Flex gap="1.5" wrap="wrap" maxH="18rem" overflow="auto" tabIndex={-1}>
      {items.map(([id, label]) => (
        <Button key={id} size="xs" variant="surface" onClick={() => onChoose(id)}>
          {label}
        </Button>
      ))}
    </Flex>
  );
}

function MemberButtons({
  trip,
  day,
  onChoose,
}: {
  trip: Trip;
  day: number;
  onChoose: (memberId: string) => void;
}) {
  return (
    <Buttons
      items={trip.members.filter((m) => isWithParty(m, day)).map((m) => [m.id, m.name] as const)}
      onChoose={onChoose}
      empty="Nobody is with the party on this day."
    />
  );
}

function MealButtons({ trip, kind, day, onNote }: ChoicesProps) {
  const group = (id: string): string => trip.groups.find((g) => g.id === id)?.name ?? '';
  const uneaten = new Set(uneatenMeals(trip).map((u) => u.meal.id));
  const open = uneatenMeals(trip).filter((u) => u.toDay === undefined);
  const meals =
    kind === 'eatenLater'
      ? open.map((u) => u.meal)
      : trip.meals.filter((m) => m.day === day && !uneaten.has(m.id));
  return (
    <Buttons
      items={meals.map(
        (m) =>
          [
            m.id,
            `${kind === 'eatenLater' ? `Day ${m.day}, ` : ''}${MEAL_WORDS[m.kind].toLowerCase()}, ${group(m.groupId)}: ${m.dish.name}`,
          ] as const,
      )}
      onChoose={(mealId) => onNote({ mealId })}
      empty={
        kind === 'eatenLater' ? 'No meal was noted as not eaten.' : 'No meal is planned for this day at Food.'
      }
    />
  );
}

function ThingButtons({ trip, kind, day, onNote }: ChoicesProps) {
  const { massUnit } = usePreferences();
  const [text, setText] = useState('');
  const carrier = new Map(
    trip.members.flatMap((m) => carriedPieces(trip, m.id, day).map((p) => [p.id, m.name] as const)),
  );
  const wanted = text.trim().toLowerCase();
  const things = allThings(trip).filter((t) => {
    if (!isCarriedOn(t, day)) return false;
    if (kind === 'canisterEmpty') return t.purpose === 'fuel' && t.consumption !== undefined;
    return t.madeBy === undefined && t.name.toLowerCase().includes(wanted);
  });
  return (
    <Box>
      {kind !== 'canisterEmpty' && (
        <Input
          size="xs"
          mb="2"
          aria-label="Find a thing"
          placeholder="Find a thing"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      )}
      <Buttons
        items={things.map((t) => {
          const who = isPersonal(t) ? trip.members.find((m) => m.id === t.memberId)?.name : carrier.get(t.id);
          return [t.id, `${t.name}, ${who ?? 'nobody'}, ${formatMass(t.massKg, massUnit)}`] as const;
        })}
        onChoose={(thingId) => onNote({ thingId })}
        empty={
          kind === 'canisterEmpty'
            ? 'No canister with a planned use is carried on this day.'
            : `Nothing with "${text}" in its name is carried on this day.`
        }
      />
    </Box>
  );
}

function Bought({ trip, day, onNote }: Pick<ChoicesProps, 'trip' | 'day' | 'onNote'>) {
  const { massUnit } = usePreferences();
  const [name, setName] = useState('');
  const [mass, setMass] = useState('');
  const [tried, setTried] = useState(false);
  const parsed = parseQuantity(mass, 'mass', massUnit);
  const problem =
    name.trim() === ''
      ? 'Say what it is.'
      : !parsed.ok
        ? parsed.error
        : parsed.value > 60
          ? `expected at most 60 kg, got "${mass}"`
          : undefined;
  return (
    <Box>
      <Flex gap="2" mb="2">
        <Input
          size="xs"
          aria-label="What was bought"
          placeholder="What"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Input
          size="xs"
          w="6rem"
          aria-label="Its weight"
          placeholder={massUnit}
          value={mass}
          onChange={(e) => setMass(e.target.value)}
        />
      </Flex>
      {tried && problem !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          {typeInstead(problem)}
        </Text>
      )}
      <Text fontSize="xs" color="fg.muted" mb="1">
        Who carries it:
      </Text>
      <MemberButtons
        trip={trip}
        day={day}
        onChoose={(memberId) => {
          if (problem !== undefined || !parsed.ok) setTried(true);
          else onNote({ memberId, name: name.trim().slice(0, 120), massKg: parsed.value });
        }}
      />
    </Box>
  );
}
