import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import {
  assess,
  exact,
  isMainZone,
  loadingSteps,
  mainParting,
  mainZoneAt,
  placeAt,
  planningDay,
  stowProblem,
  zoneBox,
} from '@graft/core/stow';
import {
  adoptStow,
  packOf,
  type Pack,
  type Placement,
  type Side,
  type Stow,
  type Thing,
  type Trip,
  type Zone,
} from '@graft/core/trip';
import { formatPercent } from '@graft/core/units';
import { ErrorList } from '../shared/ErrorList';
import { RunProgress } from '../shared/RunProgress';
import { Tabs } from '../shared/Tabs';
import { usePackFigures, useShareFigures } from '../shared/usePlanFigures';
import { useTrip } from '../shared/TripProvider';
import { runStows } from '../workers/engine';
import { CompareTab } from './CompareTab';
import { FindingsTab } from './FindingsTab';
import { PackThumbnail } from './PackThumbnail';
import type { Spot } from './PackView';
import { PracticeTab } from './PracticeTab';
import { ReachTab } from './ReachTab';
import { RideTab } from './RideTab';
import { SectionDrawing } from './SectionDrawing';
import { SEED } from './seed';
import { StepsTab } from './StepsTab';
import { namesIn } from './namesIn';
import { boundsOf, StowFigures } from './StowFigures';
import { ZoneList } from './ZoneList';

const TABS = {
  places: 'Places',
  steps: 'Steps',
  rules: 'Rules',
  reach: 'Reach',
  ride: 'Ride',
  compare: 'Compare',
  practice: 'Practice',
} as const;
type Tab = keyof typeof TABS;

const NOTHING: readonly Placement[] = [];

/** The stow of each pack: section drawings, what it does to the body, rules, reach, loading steps, practice. */
export function PacksStation() {
  const { walked: trip, change, readOnly } = useTrip();
  const [params, setParams] = useSearchParams();
  const member = trip.members.find((m) => m.id === params.get('member')) ?? trip.members[0];
  const packFigures = usePackFigures(trip);
  const shares = useShareFigures(trip);
  const [dayChoice, setDayChoice] = useState<number | undefined>();
  const [tab, setTab] = useState<Tab>('places');
  const [chosenId, setChosenId] = useState<string | undefined>();
  const [run, setRun] = useState<number | undefined>();
  const [problemText, setProblemText] = useState<string | undefined>();
  /** Where things would be if the one in hand were let go. */
  const [preview, setPreview] = useState<readonly Placement[] | undefined>();
  /** A learner's own stow of a member's load, and the plan it is marked against. */
  const [practice, setPractice] = useState<
    | {
        readonly memberId: string;
        readonly placements: readonly Placement[];
        readonly best?: readonly Placement[];
      }
    | undefined
  >();
  const [steps, setSteps] = useState<{ readonly of: string; readonly done: number } | undefined>();
  const stop = useRef<() => void>(() => undefined);

  const planned = member === undefined ? 1 : planningDay(trip, member.id);
  const day = Math.min(dayChoice ?? planned, trip.legs.length);
  const practising = practice !== undefined && practice.memberId === member?.id;
  const stored = practising
    ? practice.placements
    : (trip.stows.find((s) => s.memberId === member?.id)?.placements ?? NOTHING);
  const placements = preview ?? stored;
  const problem = useMemo(
    () => (member === undefined ? undefined : stowProblem(trip, member.id, day)),
    [trip, member, day],
  );
  const stow = useMemo(
    () => (problem === undefined ? undefined : assess(problem, placements)),
    [problem, placements],
  );
  const shown = useMemo(
    () => (problem === undefined || stow === undefined ? undefined : { problem, stow }),
    [problem, stow],
  );
  // Bounds take longer than a frame: while a thing is dragged those of where it came from stay.
  const [rested, setRested] = useState(shown);
  if (preview === undefined && rested !== shown) setRested(shown);
  const settled = useDeferredValue(rested);
  const bounds = useMemo(() => (settled === undefined ? undefined : boundsOf(settled)), [settled]);
  const loading = useMemo(
    () => (problem === undefined || stow === undefined ? [] : loadingSteps(problem, stow)),
    [problem, stow],
  );

  if (member === undefined || problem === undefined || stow === undefined || bounds === undefined) {
    return (
      <Text p="10" fontSize="md">
        Add the members and their packs at{' '}
        <Link to="../people" style={{ textDecoration: 'underline' }}>
          People
        </Link>{' '}
        first: each pack is planned here.
      </Text>
    );
  }
  const pack = packOf(trip, member);

  const plan = async (memberIds: readonly string[], label: string): Promise<void> => {
    setProblemText(undefined);
    setRun(0);
    try {
      const stows: Stow[] = [];
      const started = runStows(trip, memberIds, SEED, (ready) => stows.push(ready), setRun);
      stop.current = started.stop;
      await started.result;
      // What was ready when stopped is kept.
      // In the members' order, whichever was ready first.
      stows.sort((a, b) => memberIds.indexOf(a.memberId) - memberIds.indexOf(b.memberId));
      if (stows.length > 0) change(label, (t) => stows.reduce(adoptStow, t));
    } catch (error) {
      setProblemText(error instanceof Error ? error.message : String(error));
    } finally {
      setRun(undefined);
    }
  };
  /** A whole stow of this member becomes the plan, or the learner's. */
  const put = (next: readonly Placement[], label: string): void => {
    if (practising) setPractice({ ...practice, placements: next });
    else change(label, (t) => adoptStow(t, { memberId: member.id, placements: next }));
  };
  const mayChange = practising || !readOnly;
  const place = (thing: Thing, zone: Zone, side: Side): void =>
    put(
      placeAt(problem, stored, thing.id, { zoneId: zone.id, side, pinned: !practising }),
      `put ${thing.name} in ${zone.name}`,
    );
  const drag = (thingId: string, at: Spot, dropped: boolean): void => {
    const zone = zoneUnder(pack, at);
    if (zone === undefined) {
      setPreview(undefined);
      return;
    }
    const main = isMainZone(zone.kind);
    const old = exact(problem, stored).find((p) => p.thingId === thingId)?.spot;
    const next = placeAt(problem, stored, thingId, {
      zoneId: zone.id,
      side: 'centre',
      ...(main ? { xCm: at.x, yCm: at.y, zCm: at.z, ...(old === undefined ? {} : { turn: old.turn }) } : {}),
      pinned: !practising,
    });
    if (!dropped) {
      setPreview(next);
      return;
    }
    setPreview(undefined);
    const name = namesIn(stow)(thingId);
    put(next, `put ${name} in ${zone.name}`);
  };
  const shift = (thingId: string, by: -1 | 1): void => {
    const list = [...exact(problem, stored)];
    const here = list.findIndex((p) => p.thingId === thingId);
    const compartment = stow.placed.find((p) => p.thing.id === thingId)?.compartmentId;
    const inSame = (p: Placement): boolean =>
      stow.placed.find((x) => x.thing.id === p.thingId)?.compartmentId === compartment;
    let other = here + by;
    while (list[other] !== undefined && !inSame(list[other]!)) other += by;
    const [a, b] = [list[here], list[other]];
    if (a === undefined || b === undefined) return;
    [list[here], list[other]] = [b, a];
    const name = namesIn(stow)(thingId);
    put(list, `load ${name} ${by < 0 ? 'earlier' : 'later'}`);
  };
  const startPractice = async (): Promise<void> => {
    setPractice({ memberId: member.id, placements: NOTHING });
    setTab('places');
    setRun(0);
    try {
      const unpinned: Trip = { ...trip, stows: trip.stows.filter((s) => s.memberId !== member.id) };
      const started = runStows(
        unpinned,
        [member.id],
        SEED,
        (ready) => setPractice((now) => (now === undefined ? now : { ...now, best: ready.placements })),
        setRun,
      );
      stop.current = started.stop;
      await started.result;
    } catch (error) {
      setProblemText(error instanceof Error ? error.message : String(error));
    } finally {
      setRun(undefined);
    }
  };

  const done = steps?.of === member.id ? Math.min(steps.done, loading.length) : loading.length;
  const loaded = new Set(
    stow.placed
      .filter((p) => {
        const at = loading.findIndex((s) => s.thingId === (p.insideId ?? p.thing.id));
        return at < 0 || at < done;
      })
      .map((p) => p.thing.id),
  );
  const scrub = (count: number): void => {
    setSteps({ of: member.id, done: count });
    setChosenId(loading[count - 1]?.thingId);
  };
  const stepNow = loading[done - 1];

  return (
    <Flex
      h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }}
      direction={{ base: 'column', lg: 'row' }}
      align="stretch"
    >
      <Flex
        as="nav"
        aria-label="Packs"
        direction="column"
        w={{ base: '100%', lg: '160px' }}
        maxH={{ base: '14rem', lg: 'none' }}
        flexShrink={0}
        borderRightWidth="1px"
        bg="bg.panel"
      >
        <Box p="3" borderBottomWidth="1px">
          {run === undefined ? (
            <Button
              size="sm"
              w="100%"
              disabled={readOnly}
              onClick={() =>
                void plan(
                  trip.members.map((m) => m.id),
                  'plan all packs',
                )
              }
            >
              Plan all packs
            </Button>
          ) : (
            <RunProgress label="Planning packs" done={run} onStop={() => stop.current()} />
          )}
        </Box>
        <Box flex="1" overflowY="auto">
          {trip.members.map((m, i) => {
            const figures = packFigures[i]!;
            const ratio = shares.members[i]!.heaviest.ratio;
            const { placed, unplaced, findings } = figures.stow;
            return (
              <Flex
                as="button"
                key={m.id}
                w="100%"
                align="center"
                gap="2"
                px="3"
                py="1.5"
                textAlign="start"
                bg={m === member ? 'bg.muted' : undefined}
                borderLeftWidth="3px"
                borderColor={m === member ? 'fg' : 'transparent'}
                aria-current={m === member}
                onClick={() => {
                  setParams({ member: m.id });
                  setChosenId(undefined);
                  setPreview(undefined);
                }}
              >
                <PackThumbnail pack={packOf(trip, m)} stow={figures.stow} />
                <Box minW="0">
                  <Text fontWeight="600" truncate>
                    {m.name}
                  </Text>
                  <Text fontSize="2xs" color={ratio > 1 ? 'overload.fg' : 'fg.muted'}>
                    {formatPercent(ratio, 0)} of limit
                  </Text>
                  <Text fontSize="2xs" color="fg.muted">
                    {placed.length === 0
                      ? 'not stowed'
                      : unplaced.length > 0
                        ? `${unplaced.length} without place`
                        : findings.length > 0
                          ? `${findings.length} to look at`
                          : 'stowed'}
                  </Text>
                </Box>
              </Flex>
            );
          })}
        </Box>
      </Flex>
      <Flex direction="column" flex="1" minW="0" overflowY="auto">
        <Flex px="4" pt="2" pb="1" align="center" gap="3" wrap="wrap">
          <Text fontFamily="heading" fontSize="lg" fontWeight="600">
            {practising ? `Practice: ${member.name}’s load` : member.name}
          </Text>
          {!practising && (
            <Button
              data-screen-only
              size="xs"
              variant="outline"
              disabled={run !== undefined || readOnly}
              onClick={() => void plan([member.id], `plan ${member.name}'s pack`)}
            >
              Plan this pack
            </Button>
          )}
          {preview !== undefined && (
            <Text fontSize="xs" color="fg.muted">
              as it would be, if dropped here
            </Text>
          )}
          <Box flex="1" />
          <Text data-print-only>masses of day {day}</Text>
          <Flex
            data-screen-only
            role="radiogroup"
            aria-label="Day of the masses"
            gap="0.5"
            align="center"
            fontSize="xs"
            color="fg.muted"
          >
            Day
            {trip.legs.map((leg, i) => (
              <Button
                key={leg.id}
                size="2xs"
                role="radio"
                aria-checked={day === i + 1}
                variant={day === i + 1 ? 'solid' : 'ghost'}
                title={`${leg.name}${i + 1 === planned ? '; heaviest for this member, the day the stow is planned for' : ''}`}
                onClick={() => setDayChoice(i + 1)}
              >
                {i + 1}
                {i + 1 === planned && '*'}
              </Button>
            ))}
            <Text as="span" fontSize="2xs" ml="1">
              * planned for
            </Text>
          </Flex>
        </Flex>
        {problemText !== undefined && (
          <ErrorList title={`The planning stopped: ${problemText}`} errors={[]} />
        )}
        <SectionDrawing
          key={pack.id}
          pack={pack}
          torsoCm={member.torsoCm}
          stow={stow}
          loaded={loaded}
          chosenId={chosenId}
          onChoose={setChosenId}
          onDrag={mayChange ? drag : undefined}
          onCancel={() => setPreview(undefined)}
        />
        {stow.placed.length > 0 && (
          <Flex data-screen-only px="4" pt="2" gap="3" align="center" fontSize="xs">
            <Text flexShrink={0} fontWeight="600">
              Loading
            </Text>
            <input
              type="range"
              className="slider"
              style={{ flex: 1, maxWidth: 340 }}
              aria-label="Loading, step by step"
              aria-valuetext={stepNow?.text ?? 'empty'}
              min={0}
              max={loading.length}
              value={done}
              onChange={(e) => scrub(Number(e.target.value))}
            />
            <Text color="fg.muted" truncate>
              {done}/{loading.length} {done === loading.length ? 'all done' : (stepNow?.text ?? 'empty')}
            </Text>
          </Flex>
        )}
        <StowFigures stow={stow} bounds={bounds} problem={problem} practising={practising} />
        <Box data-print-only px="4" fontSize="sm">
          <ol>
            {loading.map((step, i) => (
              <li key={step.id}>
                {i + 1}. {step.text}
                {step.hint !== undefined && ` (${step.hint})`}
              </li>
            ))}
          </ol>
        </Box>
      </Flex>
      <Flex
        as="aside"
        aria-label="Stow"
        direction="column"
        w={{ base: '100%', lg: '432px' }}
        flexShrink={0}
        borderLeftWidth="1px"
        bg="bg.panel"
      >
        <Box px="2" py="2" fontSize="xs" borderBottomWidth="1px">
          <Tabs
            label="What is shown of the stow"
            tabs={(Object.entries(TABS) as [Tab, string][]).map(
              ([key, text]) =>
                [
                  key,
                  key === 'rules' && stow.findings.length > 0 ? `${text} ${stow.findings.length}` : text,
                ] as const,
            )}
            value={tab}
            onChoose={setTab}
          />
        </Box>
        <Box flex="1" minH="0" overflowY="auto">
          {tab === 'places' && (
            <ZoneList
              pack={pack}
              stow={stow}
              hoveredId={chosenId}
              isFixed={!mayChange}
              onHover={setChosenId}
              onPlace={place}
              onPin={(thing, pinned) =>
                put(
                  exact(problem, stored).map((p) => (p.thingId === thing.id ? { ...p, pinned } : p)),
                  `${pinned ? 'pin' : 'unpin'} ${thing.name}`,
                )
              }
            />
          )}
          {tab === 'steps' && (
            <StepsTab
              steps={loading}
              done={done}
              onDone={scrub}
              chosenId={chosenId}
              onChoose={setChosenId}
              onShift={mayChange ? shift : undefined}
            />
          )}
          {tab === 'rules' && (
            <FindingsTab
              trip={trip}
              memberId={member.id}
              stow={stow}
              placements={stored}
              onApply={mayChange ? put : undefined}
              onChoose={setChosenId}
            />
          )}
          {tab === 'reach' && <ReachTab stow={stow} onChoose={setChosenId} />}
          {tab === 'ride' && (
            <RideTab
              key={member.id}
              trip={trip}
              memberId={member.id}
              stow={stow}
              placements={stored}
              onApply={mayChange ? put : undefined}
            />
          )}
          {tab === 'compare' && (
            <CompareTab
              key={member.id}
              trip={trip}
              member={member}
              stow={stow}
              placements={stored}
              onApply={mayChange ? put : undefined}
            />
          )}
          {tab === 'practice' && (
            <PracticeTab
              key={member.id}
              trip={trip}
              member={member}
              stow={stow}
              best={practising && practice.best !== undefined ? assess(problem, practice.best) : undefined}
              practising={practising}
              planning={run !== undefined}
              onStart={() => void startPractice()}
              onEnd={() => {
                stop.current();
                setPractice(undefined);
              }}
            />
          )}
        </Box>
      </Flex>
    </Flex>
  );
}

/** The zone that a point is in: a pocket before the main compartment; nothing far from both. */
function zoneUnder(pack: Pack, at: Spot): Zone | undefined {
  const inside = (zone: Zone, slack: number): boolean => {
    const b = zoneBox(zone);
    const openUp = zone.openAbove ? 20 : slack;
    return (
      at.x >= b.x0 - slack &&
      at.x <= b.x1 + slack &&
      at.y >= b.y0 - slack &&
      at.y <= b.y1 + slack &&
      at.z >= b.z0 - slack &&
      at.z <= b.z1 + openUp
    );
  };
  // A cut shows one depth: pockets beside it are met by what the view shows of them.
  const pocket = pack.zones.find((z) => !isMainZone(z.kind) && z.kind !== 'sleeve' && inside(z, 0));
  if (pocket !== undefined) return pocket;
  if (!pack.zones.some((z) => isMainZone(z.kind) && inside(z, 4))) return undefined;
  return pack.zones[mainZoneAt(mainParting(pack), at.y, at.z)];
}
