import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import {
  checkSplit,
  kitsInSeveralHands,
  SPLIT_NEEDS,
  type PartCheck,
  type PartLack,
  type SplitNeed,
} from '@graft/core/lists';
import { assignPiece, groupMembers, nameAlone, type Member, type Piece, type Trip } from '@graft/core/trip';
import { DaySelect } from '../shared/DaySelect';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';

const WAYS = { cook: 'by cook groups', tent: 'by tents', hand: 'in two, as ticked' } as const;
type Way = keyof typeof WAYS;

const NEED_WORDS: Readonly<Record<SplitNeed, string>> = {
  shelter: 'shelter',
  stove: 'stove with fuel',
  firstAid: 'first aid',
  map: 'map',
  treatment: 'water treatment',
};

/** Whose pieces make up which kit, and what each part of the party would lack if it split. */
export function SplitDialog() {
  const { trip, change, readOnly } = useTrip();
  const [way, setWay] = useState<Way>('cook');
  const [day, setDay] = useState(1);
  const [second, setSecond] = useState<ReadonlySet<string>>(new Set());
  const parts = partsOf(trip, way, second);
  const checks = checkSplit(
    trip,
    parts.map((p) => p.members.map((m) => m.id)),
    day,
  );
  const handOver = (lack: PartLack): void =>
    change(`hand over ${NEED_WORDS[lack.need]}`, (t) =>
      lack.cure.reduce((next, { piece, to }) => assignPiece(next, piece.id, to.id, day), t),
    );
  const kits = kitsInSeveralHands(trip, day);
  return (
    <Box>
      <Flex gap="2" align="center" wrap="wrap">
        <Text fontWeight="600">If the party splits</Text>
        <Select
          label="How it splits"
          w="11rem"
          value={way}
          options={Object.entries(WAYS) as [Way, string][]}
          onChoose={setWay}
        />
        <Text>on day</Text>
        <DaySelect label="Day of the split" trip={trip} value={day} onChoose={setDay} />
      </Flex>
      {way === 'hand' && (
        <Flex gap="3" wrap="wrap" pt="2" fontSize="xs" role="group" aria-label="Who goes in the second part">
          <Text color="fg.muted">Second part:</Text>
          {trip.members.map((m) => (
            <label key={m.id}>
              <input
                type="checkbox"
                checked={second.has(m.id)}
                onChange={() => {
                  const next = new Set(second);
                  if (!next.delete(m.id)) next.add(m.id);
                  setSecond(next);
                }}
              />{' '}
              {m.name}
            </label>
          ))}
        </Flex>
      )}
      {parts.length < 2 ? (
        <Text pt="3" fontSize="xs" color="fg.muted">
          {way === 'hand'
            ? 'Tick who would go in the second part.'
            : 'There is one group only: tick two parts by hand instead.'}
        </Text>
      ) : (
        <Box as="ul" listStyleType="none" pt="2" aria-label="Parts">
          {checks.map((part, i) => (
            <Part
              key={parts[i]!.name}
              name={parts[i]!.name}
              part={part}
              readOnly={readOnly}
              onHandOver={handOver}
            />
          ))}
        </Box>
      )}
      <Text fontSize="xs" color="fg.muted" pt="2">
        Counted: what each part carries that day; a tent with all its parts, a stove with its fuel, one
        shelter or tarp for eight people. A plan for mist and mishap: staying together is safer.
      </Text>
      <Text fontWeight="600" pt="5">
        Kits in several hands
      </Text>
      {kits.length === 0 ? (
        <Text fontSize="xs" color="fg.muted">
          Every kit rides with one person.
        </Text>
      ) : (
        <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Kits in several hands">
          {kits.map(({ kit, hands, unshared }) => (
            <Box as="li" key={kit.id} py="1" borderBottomWidth="1px" borderColor="border.muted">
              <b>{kit.name}:</b>{' '}
              {[
                ...hands.map((h) => `${h.member.name} ${namesIn(kit.name, h.pieces)}`),
                ...(unshared.length === 0 ? [] : [`nobody ${namesIn(kit.name, unshared)}`]),
              ].join('; ')}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** Names of a kit's pieces, without the kit's own where it stands before them. */
function namesIn(kit: string, pieces: readonly Piece[]): string {
  return pieces
    .map(({ name }) => (name.startsWith(`${kit}: `) ? name.slice(kit.length + 2) : name))
    .join(', ');
}

interface NamedPart {
  readonly name: string;
  readonly members: readonly Member[];
}

/** The parts of a party that has split; those that nobody is in are none. */
function partsOf(trip: Trip, way: Way, second: ReadonlySet<string>): readonly NamedPart[] {
  const parts =
    way === 'hand'
      ? [
          { name: 'First part', members: trip.members.filter((m) => !second.has(m.id)) },
          { name: 'Second part', members: trip.members.filter((m) => second.has(m.id)) },
        ]
      : trip.groups
          .filter((g) => g.kind === way)
          .map((g) => ({ name: g.name, members: groupMembers(trip, g) }));
  return parts.filter((part) => part.members.length > 0);
}

function Part({
  name,
  part,
  readOnly,
  onHandOver,
}: {
  name: string;
  part: PartCheck;
  readOnly: boolean;
  onHandOver: (lack: PartLack) => void;
}) {
  const { trip } = useTrip();
  const lacking = new Set(part.lacks.map((l) => l.need));
  const has = SPLIT_NEEDS.filter((need) => !lacking.has(need)).map((need) => NEED_WORDS[need]);
  return (
    <Box as="li" py="2" borderBottomWidth="1px" borderColor="border.muted">
      <Text>
        <b>{name}</b> <span className="muted">{part.members.map((m) => m.name).join(', ')}</span>
      </Text>
      <Text fontSize="xs" color="fg.muted">
        {has.length === 0 ? 'Has nothing of what it needs.' : `Has ${has.join(', ')}.`}
      </Text>
      {part.lacks.map((lack) => (
        <Flex key={lack.need} gap="2" align="center" wrap="wrap" pt="1" fontSize="xs">
          <Text color="overload.fg" fontWeight="600">
            ▲{' '}
            {lack.need === 'shelter'
              ? `Shelter for ${lack.have} of ${lack.want}`
              : `No ${NEED_WORDS[lack.need]}`}
          </Text>
          {lack.cure.length === 0 ? (
            <Text color="fg.muted">nobody else can spare one: bring another, or stay together</Text>
          ) : (
            <Button size="2xs" variant="outline" disabled={readOnly} onClick={() => onHandOver(lack)}>
              {lack.cure
                .map((h) => `${nameAlone(trip, h.piece)} from ${h.from?.name ?? 'nobody'} to ${h.to.name}`)
                .join('; ')}
            </Button>
          )}
        </Flex>
      ))}
    </Box>
  );
}
