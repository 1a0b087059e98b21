import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import { putMissed, removeMissed, setFates } from '@graft/core/debrief';
import {
  freshId,
  ownThings,
  THING_FATES,
  type Thing,
  type ThingFate,
  type TripEvent,
} from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { RemoveButton } from '../shared/RemoveButton';
import { Select } from '../shared/Select';
import { SideBox } from '../shared/SideBox';
import { useTrip } from '../shared/tripContext';

const FATE_WORDS: Readonly<Record<ThingFate, string>> = {
  used: 'used',
  unused: 'not used',
  broke: 'broke',
  lost: 'lost',
};

interface List {
  readonly key: string;
  readonly name: string;
  readonly things: readonly Thing[];
}

/** What became of each thing, by whose it is; and what was missed. */
export function UsedView() {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [open, setOpen] = useState<string | undefined>();
  const fates = useMemo(() => new Map(trip.uses.map((u) => [u.thingId, u.fate])), [trip.uses]);
  const noted = useMemo(() => fatesNoted(trip.events), [trip.events]);
  const lists = useMemo<readonly List[]>(
    () =>
      [
        ...trip.kits.map((kit) => ({
          key: kit.id,
          name: kit.name,
          things: kit.pieces.filter((p) => p.madeBy === undefined),
        })),
        ...trip.members.map((m) => ({
          key: m.id,
          name: m.name,
          things: ownThings(trip, m.id).filter((t) => t.madeBy === undefined),
        })),
      ].filter((list) => list.things.length > 0),
    [trip],
  );
  const list = lists.find((l) => l.key === open) ?? lists[0];
  const unsaid = (l: List): readonly Thing[] => l.things.filter((t) => !fates.has(t.id));
  const say = (things: readonly Thing[], fate: ThingFate | undefined): void =>
    change(
      things.length === 1
        ? `${things[0]!.name}: ${fate === undefined ? 'nothing said' : FATE_WORDS[fate]}`
        : `${things.length} things: ${fate === undefined ? 'nothing said' : FATE_WORDS[fate]}`,
      (t) =>
        setFates(
          t,
          things.map((x) => x.id),
          fate,
        ),
    );
  if (list === undefined)
    return (
      <Text p="6">
        No things are on the lists: what was taken is entered at Kit, and looked back on here.
      </Text>
    );
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box
        as="ul"
        listStyleType="none"
        w={{ base: '100%', lg: '232px' }}
        flexShrink={0}
        borderEndWidth={{ base: 0, lg: '1px' }}
        overflow="auto"
        py="2"
        aria-label="Whose things"
      >
        {lists.map((l) => {
          const left = unsaid(l).length;
          return (
            <li key={l.key}>
              <Button
                variant="ghost"
                size="xs"
                w="100%"
                justifyContent="space-between"
                borderRadius="0"
                bg={l === list ? 'bg.emphasized' : undefined}
                aria-pressed={l === list}
                onClick={() => setOpen(l.key)}
              >
                <Box truncate>{l.name}</Box>
                <Text as="span" color="fg.muted" fontWeight="400">
                  {left === 0 ? 'all said' : `${left} open`}
                </Text>
              </Button>
            </li>
          );
        })}
      </Box>
      <Box flex="1" minW="0" overflow="auto" px="4" py="3" fontSize="sm">
        <Flex gap="3" align="center" wrap="wrap" mb="2">
          <Text fontWeight="600">{list.name}</Text>
          {!readOnly && unsaid(list).length > 0 && (
            <>
              <Button size="2xs" variant="outline" onClick={() => say(unsaid(list), 'used')}>
                The other {unsaid(list).length} were used
              </Button>
              <Button size="2xs" variant="ghost" onClick={() => say(unsaid(list), 'unused')}>
                The other {unsaid(list).length} were not
              </Button>
            </>
          )}
        </Flex>
        <table className="plain-table" style={{ width: '100%' }} aria-label={`Things of ${list.name}`}>
          <thead>
            <tr>
              <th>Thing</th>
              <th data-end>Weight</th>
              <th>What became of it</th>
            </tr>
          </thead>
          <tbody>
            {list.things.map((thing) => (
              <tr key={thing.id}>
                <td>{thing.name}</td>
                <td data-end>{formatMass(thing.massKg, massUnit)}</td>
                <td>
                  <Flex gap="3" role="radiogroup" aria-label={`What became of ${thing.name}`} wrap="wrap">
                    {THING_FATES.map((fate) => (
                      <label key={fate} style={{ whiteSpace: 'nowrap' }}>
                        <input
                          type="radio"
                          name={`fate ${thing.id}`}
                          disabled={readOnly}
                          checked={fates.get(thing.id) === fate}
                          onChange={() => say([thing], fate)}
                        />{' '}
                        {FATE_WORDS[fate]}
                      </label>
                    ))}
                    {!fates.has(thing.id) && noted.has(thing.id) && (
                      <Text as="span" color="overload.fg">
                        ▲ noted on the way: {FATE_WORDS[noted.get(thing.id)!]}
                      </Text>
                    )}
                    {fates.has(thing.id) && !readOnly && (
                      <button type="button" className="link-button" onClick={() => say([thing], undefined)}>
                        take back
                      </button>
                    )}
                  </Flex>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
      <MissedPanel />
    </Flex>
  );
}

/** What the events of the way say of things. */
function fatesNoted(events: readonly TripEvent[]): ReadonlyMap<string, ThingFate> {
  const noted = new Map<string, ThingFate>();
  for (const { kind, thingId } of events) {
    if (thingId === undefined) continue;
    if (kind === 'broken') noted.set(thingId, 'broke');
    if (kind === 'left') noted.set(thingId, 'lost');
  }
  return noted;
}

/** What was wanted and not there. */
function MissedPanel() {
  const { trip, change, readOnly } = useTrip();
  const [name, setName] = useState('');
  const [who, setWho] = useState('');
  const add = (): void => {
    const missed = name.trim().slice(0, 120);
    if (missed === '') return;
    change(`missed: ${missed}`, (t) =>
      putMissed(t, {
        id: freshId(
          missed,
          t.missed.map((m) => m.id),
        ),
        name: missed,
        ...(who === '' ? {} : { memberId: who }),
      }),
    );
    setName('');
  };
  return (
    <SideBox w="330px">
      <Text fontWeight="600">What was missed</Text>
      <Box as="ul" listStyleType="none" aria-label="What was missed" fontSize="xs">
        {trip.missed.map((m) => (
          <Flex as="li" key={m.id} py="1" justify="space-between" align="center">
            <span>
              {m.name}
              <span className="muted">
                {' '}
                {m.memberId === undefined ? 'the party' : trip.members.find((x) => x.id === m.memberId)?.name}
              </span>
            </span>
            <RemoveButton
              name={m.name}
              onClick={() => change(`not missed: ${m.name}`, (t) => removeMissed(t, m.id))}
            />
          </Flex>
        ))}
      </Box>
      {!readOnly && (
        <Flex
          as="form"
          gap="2"
          mt="2"
          onSubmit={(e) => {
            e.preventDefault();
            add();
          }}
        >
          <Input
            size="xs"
            aria-label="Something that was missed"
            placeholder="Thing"
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
          <Select
            label="Who missed it"
            w="7rem"
            value={who}
            options={[['', 'the party'], ...trip.members.map((m) => [m.id, m.name] as const)]}
            onChoose={setWho}
          />
          <Button size="xs" type="submit" disabled={name.trim() === ''}>
            Add
          </Button>
        </Flex>
      )}
      <Text fontSize="xs" color="fg.muted" mt="4">
        Unused on several trips of one style: the next one suggests to leave it, never the safety kit. Missed:
        the next one suggests to bring it.
      </Text>
    </SideBox>
  );
}
