import { Box, Button, Flex, Progress, Text } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import {
  assessStow,
  formatPercent,
  placeThing,
  planningDay,
  adoptStow,
  type Placement,
  type Stow,
} from '@graft/core';
import { ErrorList } from '../shared/ErrorList';
import { usePackFigures, useShareFigures } from '../shared/usePlanFigures';
import { useTrip } from '../shared/TripProvider';
import { runStows } from '../workers/engine';
import { PackThumbnail } from './PackThumbnail';
import { SectionDrawing } from './SectionDrawing';
import { StowFigures } from './StowFigures';
import { ZoneList } from './ZoneList';

const SEED = 1;

/** The stow of each pack: section drawings, centre of gravity, every thing with its place and reason. */
export function PacksStation() {
  const { trip, change } = useTrip();
  const [params, setParams] = useSearchParams();
  const member = trip.members.find((m) => m.id === params.get('member')) ?? trip.members[0];
  const packFigures = usePackFigures(trip);
  const shares = useShareFigures(trip);
  const [dayChoice, setDayChoice] = useState<number | undefined>();
  const [hoveredId, setHoveredId] = useState<string | undefined>();
  const [run, setRun] = useState<{ done: number; of: number } | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const stop = useRef<() => void>(() => undefined);

  const planned = member === undefined ? 1 : planningDay(trip, member.id);
  const day = Math.min(dayChoice ?? planned, trip.legs.length);
  const stow = useMemo(
    () => (member === undefined ? undefined : assessStow(trip, member.id, day)),
    [trip, member, day],
  );

  if (member === undefined || stow === undefined) {
    return (
      <Text p="10" fontSize="md">
        Add the members and their packs at People first: each pack is planned here.
      </Text>
    );
  }

  const plan = async (memberIds: readonly string[], label: string): Promise<void> => {
    setProblem(undefined);
    setRun({ done: 0, of: memberIds.length });
    try {
      const stows: Stow[] = [];
      const started = runStows(trip, memberIds, SEED, (planned_) => {
        stows.push(planned_);
        setRun({ done: stows.length, of: memberIds.length });
      });
      stop.current = started.stop;
      await started.result;
      // What was ready when stopped is kept.
      if (stows.length > 0) change(label, (t) => stows.reduce(adoptStow, t));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setRun(undefined);
    }
  };
  const place = (placement: Placement, label: string): void =>
    change(label, (t) => placeThing(t, member.id, placement));

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
        w={{ base: '100%', lg: '176px' }}
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
            <Box>
              <Progress.Root value={(100 * run.done) / run.of} size="sm" aria-label="Planning packs">
                <Progress.Track>
                  <Progress.Range />
                </Progress.Track>
              </Progress.Root>
              <Flex mt="1" justify="space-between" align="center">
                <Text fontSize="xs">
                  {run.done} of {run.of}
                </Text>
                <Button size="2xs" variant="outline" onClick={() => stop.current()}>
                  Stop
                </Button>
              </Flex>
            </Box>
          )}
        </Box>
        <Box flex="1" overflowY="auto">
          {trip.members.map((m, i) => {
            const figures = packFigures[i]!;
            const ratio = shares.members[i]!.heaviest.ratio;
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
                onClick={() => setParams({ member: m.id })}
              >
                <PackThumbnail pack={trip.packs.find((p) => p.id === m.packId)!} stow={figures.stow} />
                <Box minW="0">
                  <Text fontWeight="600" truncate>
                    {m.name}
                  </Text>
                  <Text fontSize="2xs" color={ratio > 1 ? 'overload.fg' : 'fg.muted'}>
                    {formatPercent(ratio, 0)} of limit
                  </Text>
                  <Text fontSize="2xs" color="fg.muted">
                    {figures.stow.placed.length === 0
                      ? 'not stowed'
                      : figures.stow.unplaced.length > 0
                        ? `${figures.stow.unplaced.length} without place`
                        : figures.stow.findings.length > 0
                          ? `${figures.stow.findings.length} to look at`
                          : 'stowed'}
                  </Text>
                </Box>
              </Flex>
            );
          })}
        </Box>
      </Flex>
      <Flex direction="column" flex="1" minW="0" overflowY="auto">
        <Flex px="4" pt="3" pb="1" align="center" gap="3" wrap="wrap">
          <Text fontFamily="heading" fontSize="lg" fontWeight="600">
            {member.name}
          </Text>
          <Button
            size="xs"
            variant="outline"
            disabled={run !== undefined}
            onClick={() => void plan([member.id], `plan ${member.name}'s pack`)}
          >
            Plan this pack
          </Button>
          <Box flex="1" />
          <Flex
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
        {problem !== undefined && <ErrorList title={`The planning stopped: ${problem}`} errors={[]} />}
        <SectionDrawing
          pack={trip.packs.find((p) => p.id === member.packId)!}
          torsoCm={member.torsoCm}
          stow={stow}
          hoveredId={hoveredId}
          onHover={setHoveredId}
        />
        <StowFigures stow={stow} torsoCm={member.torsoCm} />
      </Flex>
      <ZoneList
        pack={trip.packs.find((p) => p.id === member.packId)!}
        stow={stow}
        hoveredId={hoveredId}
        onHover={setHoveredId}
        onPlace={place}
      />
    </Flex>
  );
}
