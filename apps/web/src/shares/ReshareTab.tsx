import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import {
  afterEvent,
  allPieces,
  carrierOf,
  formatMass,
  formatPercent,
  formatVolume,
  largestRatioFrom,
  legOfDay,
  massOnDayKg,
  proposedHandovers,
  removeHandover,
  withHandovers,
  type Move,
  type ProposedHandover,
  type ReshareAim,
  type ReshareResult,
  type TrailEvent,
  type Trip,
} from '@graft/core';
import { DaySelect } from '../shared/DaySelect';
import { ErrorList } from '../shared/ErrorList';
import { usePreferences } from '../shared/preferences';
import { RemoveButton } from '../shared/RemoveButton';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/TripProvider';
import { runReshare } from '../workers/engine';
import { runFewest } from '../workers/solver';
import { SEED } from './seed';

const HAPPENINGS = {
  hurt: 'is hurt',
  tired: 'is tired',
  ill: 'is ill',
  leaves: 'leaves the party',
  none: 'nothing: only share anew',
} as const;
type Happening = keyof typeof HAPPENINGS;
/** What a member who is not well carries of their own limit, to start from (Graft's own guesses; the member's word counts). */
const STARTING_FACTORS = { hurt: 0.5, tired: 0.8, ill: 0.6 } as const;
const FACTORS = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1];
const AIMS: Readonly<Record<ReshareAim, string>> = {
  withinLimits: 'fewest to bring all within limits',
  best: 'fewest to be as fair as can be, within 2 %',
};

interface Found {
  /** The trip it was found for. */
  readonly of: Trip;
  readonly event: TrailEvent;
  readonly reason: string;
  readonly aim: ReshareAim;
  readonly result: ReshareResult;
  readonly moves: readonly Move[];
  readonly proof: 'proven' | 'proving' | 'open';
}

/** Something happened on the way: the fewest pieces that must change hands, who meets whom, and what it does. */
export function ReshareTab({ day: shownDay }: { day: number | undefined }) {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [happening, setHappening] = useState<Happening>('hurt');
  const [memberId, setMemberId] = useState(trip.members[0]?.id ?? '');
  const [day, setDay] = useState(Math.min(trip.legs.length, Math.max(1, shownDay ?? 2)));
  const [factor, setFactor] = useState<number>(STARTING_FACTORS.hurt);
  const [aim, setAim] = useState<ReshareAim>('withinLimits');
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState('');
  const [found, setFound] = useState<Found | undefined>();
  const [dropped, setDropped] = useState<ReadonlySet<string>>(new Set());
  const stop = useRef<() => void>(() => undefined);
  // Whoever goes elsewhere waits for nothing here.
  useEffect(() => () => stop.current(), []);

  const member = trip.members.find((m) => m.id === memberId) ?? trip.members[0]!;
  const event: TrailEvent =
    happening === 'none'
      ? { kind: 'none', day }
      : happening === 'leaves'
        ? { kind: 'leaves', memberId: member.id, day: Math.max(2, day) }
        : { kind: 'weaker', memberId: member.id, day, label: HAPPENINGS[happening].slice(3), factor };
  const reason = happening === 'none' ? 'shared anew' : `${member.name} ${HAPPENINGS[happening]}`;

  const find = async (): Promise<void> => {
    setFailed('');
    setBusy(true);
    setDropped(new Set());
    setFound(undefined);
    try {
      const after = afterEvent(trip, event);
      const run = runReshare(after, event.day, aim, SEED);
      stop.current = run.stop;
      const result = await run.result;
      if (result === undefined) return;
      const base = { of: trip, event, reason, aim, result };
      if (result.kind === 'contradiction') {
        setFound({ ...base, moves: [], proof: 'open' });
        return;
      }
      const { moves } = result;
      if (moves.length <= result.atLeast) {
        setFound({ ...base, moves, proof: 'proven' });
        return;
      }
      const shown: Found = { ...base, moves, proof: 'proving' };
      setFound(shown);
      setBusy(false);
      const proof = runFewest(after, event.day, aim, result.reached);
      stop.current = proof.stop;
      const fewest = await proof.result;
      setFound((now) =>
        now === shown
          ? { ...shown, ...(fewest === undefined ? { proof: 'open' } : { moves: fewest, proof: 'proven' }) }
          : now,
      );
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };

  const current = found?.of === trip ? found : undefined;
  return (
    <Box p="4" fontSize="sm">
      <Flex gap="2" wrap="wrap" align="center">
        <Text>From day</Text>
        <DaySelect label="Day from which it holds" trip={trip} value={day} onChoose={setDay} />
        {happening !== 'none' && (
          <Select
            label="Whom it happened to"
            w="8rem"
            value={member.id}
            options={trip.members.map((m) => [m.id, m.name] as const)}
            onChoose={setMemberId}
          />
        )}
        <Select
          label="What happened"
          w={happening === 'none' ? '13rem' : '9rem'}
          value={happening}
          options={Object.entries(HAPPENINGS) as [Happening, string][]}
          onChoose={(next) => {
            setHappening(next);
            if (next in STARTING_FACTORS) setFactor(STARTING_FACTORS[next as keyof typeof STARTING_FACTORS]);
          }}
        />
        {event.kind === 'weaker' && (
          <>
            <Text>and carries</Text>
            <Select
              label="Part of the own limit that is left"
              w="5.5rem"
              value={String(factor)}
              options={FACTORS.map((f) => [String(f), formatPercent(f, 0)] as const)}
              onChoose={(f) => setFactor(Number(f))}
            />
            <Text>of their limit</Text>
          </>
        )}
      </Flex>
      <Box mt="2" role="radiogroup" aria-label="What is wanted" fontSize="xs">
        {(Object.keys(AIMS) as ReshareAim[]).map((key) => (
          <Box as="label" display="block" key={key} py="0.5">
            <input type="radio" name="aim" checked={aim === key} onChange={() => setAim(key)} /> {AIMS[key]}
          </Box>
        ))}
      </Box>
      <Flex gap="2" mt="2">
        <Button size="sm" flex="1" disabled={busy} loading={busy} onClick={() => void find()}>
          Find the handovers
        </Button>
        {busy && (
          <Button size="sm" variant="outline" onClick={() => stop.current()}>
            Stop
          </Button>
        )}
      </Flex>
      {failed !== '' && (
        <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
          {failed}
        </Text>
      )}
      {current !== undefined && (
        <Proposal
          key={current.reason + current.event.day}
          trip={trip}
          found={current}
          dropped={dropped}
          onDrop={(id) => {
            const next = new Set(dropped);
            if (!next.delete(id)) next.add(id);
            setDropped(next);
          }}
          onAccept={(chosen) => {
            change(`handovers on day ${current.event.day}: ${current.reason}`, (t) =>
              withHandovers(afterEvent(t, current.event), current.event.day, chosen, current.reason),
            );
            stop.current();
            setFound(undefined);
          }}
          readOnly={readOnly}
        />
      )}
      <Text fontSize="2xs" color="fg.muted" mt="3">
        A planning aid, not medical advice. Pain or numb hands: stop, rest, refit; the member&apos;s own word
        decides what they carry.
      </Text>
      {trip.handovers.length > 0 && (
        <Box mt="3">
          <Text fontWeight="600">Handovers noted</Text>
          <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Handovers noted">
            {[...trip.handovers]
              .sort((a, b) => a.day - b.day)
              .map((h) => {
                const piece = allPieces(trip).find((p) => p.id === h.pieceId);
                const name = (id: string | undefined): string =>
                  trip.members.find((m) => m.id === id)?.name ?? 'nobody';
                const before = carrierOf(removeHandover(trip, h.id), h.pieceId, h.day);
                const kg = piece === undefined ? 0 : massOnDayKg(piece, h.day, legOfDay(trip, h.day));
                return (
                  <Flex as="li" key={h.id} gap="2" py="0.5" justify="space-between" align="center">
                    <span>
                      Day {h.day}: {piece?.name}, {formatMass(kg, massUnit)}, {name(before)} →{' '}
                      {name(h.toMemberId)} <span className="muted">({h.reason})</span>
                    </span>
                    <RemoveButton
                      name={`the handover of ${piece?.name ?? ''} on day ${h.day}`}
                      onClick={() =>
                        change(`take back a handover of day ${h.day}`, (t) => removeHandover(t, h.id))
                      }
                    />
                  </Flex>
                );
              })}
          </Box>
        </Box>
      )}
    </Box>
  );
}

function Proposal({
  trip,
  found,
  dropped,
  onDrop,
  onAccept,
  readOnly,
}: {
  trip: Trip;
  found: Found;
  dropped: ReadonlySet<string>;
  onDrop: (pieceId: string) => void;
  onAccept: (chosen: readonly ProposedHandover[]) => void;
  readOnly: boolean;
}) {
  const { massUnit } = usePreferences();
  const { event, result, moves, proof, reason } = found;
  if (result.kind === 'contradiction') {
    return (
      <Box mt="3">
        <ErrorList
          title="No share from that day on keeps these rules together:"
          errors={result.reasons.map((message) => ({ path: '', message }))}
        />
      </Box>
    );
  }
  const after = afterEvent(trip, event);
  const handovers = proposedHandovers(after, event.day, moves);
  const chosen = handovers.filter((h) => !dropped.has(h.piece.id));
  const done = withHandovers(after, event.day, chosen, reason);
  const touched = trip.members.filter(
    (m) =>
      ('memberId' in event && event.memberId === m.id) ||
      handovers.some((h) => h.to.id === m.id || h.from?.id === m.id),
  );
  const overKg = result.best.overloadKg;
  return (
    <Box mt="4" aria-label="Proposed handovers" role="region">
      <Text fontWeight="600" data-testid="handover-count">
        {handovers.length === 0
          ? 'Nothing needs to change hands.'
          : `${handovers.length} ${handovers.length === 1 ? 'handover' : 'handovers'}`}
        {handovers.length > 0 && proof === 'proven' && ': no fewer will do'}
      </Text>
      {proof === 'proving' && (
        <Text fontSize="xs" color="fg.muted">
          At least {result.atLeast} are needed; proving whether fewer will do …
        </Text>
      )}
      {proof === 'open' && handovers.length > 0 && (
        <Text fontSize="xs" color="fg.muted">
          At least {result.atLeast} are needed; fewer than {handovers.length} were not found.
        </Text>
      )}
      {overKg > 0.005 && (
        <Text fontSize="xs" color="overload.fg">
          ▲ No share brings all within their limits: {formatMass(overKg, massUnit)} stay above, over members
          and days. Leave something, or rest a day.
        </Text>
      )}
      <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Handovers">
        {handovers.map((h) => (
          <Box as="li" key={h.piece.id} py="1" borderBottomWidth="1px" borderColor="border.muted">
            <label>
              <input type="checkbox" checked={!dropped.has(h.piece.id)} onChange={() => onDrop(h.piece.id)} />{' '}
              <b>{h.from?.name ?? 'nobody'}</b> gives <b>{h.to.name}</b> {h.piece.name}
            </label>
            <Text color="fg.muted" pl="5">
              {formatMass(h.massKg, massUnit)}, {formatVolume(h.volumeL)}
              {h.day > event.day ? `; it joins on day ${h.day}` : ''}
              {h.near ? '; they sleep or cook together' : ''}
            </Text>
          </Box>
        ))}
      </Box>
      {touched.length > 0 && (
        <Box mt="2" role="list" aria-label="Before and after, largest ratio from that day on">
          {touched.map((m) => {
            const before = largestRatioFrom(
              after,
              after.members.find((x) => x.id === m.id)!,
              event.day,
            );
            const then = largestRatioFrom(
              done,
              done.members.find((x) => x.id === m.id)!,
              event.day,
            );
            return <BeforeAfter key={m.id} name={m.name} before={before} after={then} />;
          })}
        </Box>
      )}
      <Button
        mt="3"
        size="sm"
        w="100%"
        disabled={readOnly || (chosen.length === 0 && event.kind === 'none')}
        onClick={() => onAccept(chosen)}
      >
        {chosen.length === handovers.length && handovers.length > 0
          ? 'Accept all'
          : chosen.length > 0
            ? `Accept ${chosen.length} of ${handovers.length}`
            : `Note it: ${reason}`}
      </Button>
    </Box>
  );
}

/** A member's largest ratio from the day on, before and after, on one scale with the limit marked. */
function BeforeAfter({ name, before, after }: { name: string; before: number; after: number }) {
  const at = (ratio: number): string => `${Math.min(100, (ratio / 1.4) * 100)}%`;
  return (
    <Flex
      role="listitem"
      align="center"
      gap="2"
      fontSize="xs"
      py="0.5"
      aria-label={`${name}: ${formatPercent(before)} before, ${formatPercent(after)} after`}
    >
      <Box w="4.5rem" truncate>
        {name}
      </Box>
      <Box flex="1" position="relative" h="18px" bg="bg.muted" aria-hidden>
        <Box position="absolute" top="1px" h="7px" left="0" w={at(before)} bg="beam.own" />
        <Box
          position="absolute"
          bottom="1px"
          h="7px"
          left="0"
          w={at(after)}
          bg={after > 1 ? 'overload' : 'pine.solid'}
        />
        <Box position="absolute" top="0" bottom="0" left={at(1)} borderLeftWidth="2px" borderColor="fg" />
      </Box>
      <Box w="6.5rem" textAlign="end" whiteSpace="nowrap">
        {before > 1 && '▲ '}
        {formatPercent(before, 0)} → {after > 1 && '▲ '}
        {formatPercent(after, 0)}
      </Box>
    </Flex>
  );
}
