import { Box, Button, Flex, Table, Text, VisuallyHidden } from '../theme/chakra';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { PACKING_SCHOOLS, roundLeanDeg, topHeavyDays, type BodyLoad } from '@graft/core/carriage';
import { assess, stowProblem, type StowAssessment } from '@graft/core/stow';
import {
  PACKING_SCHOOL_IDS,
  type Member,
  type PackingSchoolId,
  type Placement,
  type Trip,
} from '@graft/core/trip';
import { RunProgress } from '../shared/RunProgress';
import { paint } from '../theme/system';
import { useRun } from '../shared/useRun';
import { runStows } from '../workers/engine';
import { allRuns } from '../workers/run';
import { apartLabels } from './apartLabels';
import { SEED } from './seed';
import { bodyLoadOf } from './StowFigures';
import { useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';
import { HIDDEN } from '../shared/hiddenLimits';

interface Entry {
  readonly name: string;
  readonly stow: StowAssessment;
  readonly body: BodyLoad;
  readonly placements: readonly Placement[];
}

interface Props {
  readonly trip: Trip;
  readonly member: Member;
  readonly stow: StowAssessment;
  readonly placements: readonly Placement[];
  readonly onApply: ((placements: readonly Placement[], label: string) => void) | undefined;
}

/** The trip with one member packing by another school. */
function bySchool(trip: Trip, member: Member, school: PackingSchoolId): Trip {
  return {
    ...trip,
    members: trip.members.map((m) => (m.id === member.id ? { ...m, packingSchool: school } : m)),
  };
}

/** High, middle, low for this very load, each with its own planned stow; and one stow kept beside the present one. */
export function CompareTab({ trip, member, stow, placements, onApply }: Props) {
  const { digits, unit } = useQuantities();
  const { hidden } = useLimits();
  const run = useRun('Planning three ways');
  const [schools, setSchools] = useState<readonly Entry[]>([]);
  const [kept, setKept] = useState<Entry | undefined>();
  const entry = (name: string, of: Trip, list: readonly Placement[]): Entry => {
    const problem = stowProblem(of, member.id, stow.day);
    const a = assess(problem, list);
    return { name, stow: a, body: bodyLoadOf(a, problem), placements: list };
  };
  const planAll = async (): Promise<void> => {
    const parts = PACKING_SCHOOL_IDS.map(() => 0);
    const found = new Map<PackingSchoolId, Entry>();
    const outcome = await run.start((tell) =>
      allRuns(
        PACKING_SCHOOL_IDS.map((id, i) => {
          const of = bySchool(trip, member, id);
          return runStows(
            of,
            [member.id],
            SEED,
            ({ placements: list }) => found.set(id, entry(PACKING_SCHOOLS[id].name, of, list)),
            (part) => {
              parts[i] = part;
              tell(parts.reduce((sum, p) => sum + p, 0) / parts.length);
            },
          );
        }),
      ),
    );
    if (outcome.kind === 'done') setSchools(PACKING_SCHOOL_IDS.flatMap((id) => found.get(id) ?? []));
  };
  if (stow.placed.length === 0) {
    return (
      <Text p="4" fontSize="sm">
        Stow the pack first: then other ways to stow it stand beside it here.
      </Text>
    );
  }
  const now = entry('as it is now', trip, placements);
  const entries = [now, ...(kept === undefined ? [] : [kept]), ...schools];
  const steep = topHeavyDays({ ...trip, packingSchool: 'high' });
  return (
    <Box p="4" fontSize="xs">
      <Text>
        A high load leans you less and sways more, a low one the reverse. Both sides’ numbers, for this load
        on this body:
      </Text>
      <Box mt="2">
        {!run.running ? (
          <Flex gap="2" wrap="wrap">
            <Button size="xs" onClick={() => void planAll()}>
              Plan high, middle and low
            </Button>
            <Button size="xs" variant="outline" onClick={() => setKept({ ...now, name: 'kept' })}>
              Keep this stow to compare
            </Button>
          </Flex>
        ) : (
          <RunProgress label="Planning three ways" run={run} />
        )}
      </Box>
      {run.failed !== undefined && (
        <Text color="overload.fg" role="alert">
          {run.failed.message}
        </Text>
      )}
      {!hidden && <TradeOff entries={entries} />}
      <Table.Root
        size="sm"
        mt="2"
        aria-label="Stows compared"
        css={{ '& th, & td': { px: '1', py: '1', fontSize: 'xs' } }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>
              <VisuallyHidden>Stow</VisuallyHidden>
            </Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">lean</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">sway, N·m</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">pull, N</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">height, out, {unit('length')}</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">rules</Table.ColumnHeader>
            <Table.ColumnHeader>
              <VisuallyHidden>What can be done</VisuallyHidden>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {entries.map((e) => (
            <Table.Row key={e.name} bg="transparent">
              <Table.Cell fontWeight="600">{e.name}</Table.Cell>
              <Table.Cell textAlign="end">
                {hidden ? HIDDEN : `${roundLeanDeg(e.body.leanDeg).toFixed(1)}°`}
              </Table.Cell>
              <Table.Cell textAlign="end">{e.body.swayNm.toFixed(0)}</Table.Cell>
              <Table.Cell textAlign="end">{e.body.shoulderPullN.toFixed(0)}</Table.Cell>
              <Table.Cell textAlign="end">
                {digits(e.stow.centreOfGravityCm.z, 'length')},{' '}
                {digits(e.stow.centreOfGravityCm.y, 'length', 1)}
              </Table.Cell>
              <Table.Cell textAlign="end">{e.stow.findings.length}</Table.Cell>
              <Table.Cell textAlign="end">
                {e !== now && (
                  <Button
                    size="2xs"
                    variant="outline"
                    disabled={onApply === undefined}
                    aria-label={`Take the stow: ${e.name}`}
                    onClick={() => onApply?.(e.placements, `take the stow ${e.name}`)}
                  >
                    Take
                  </Button>
                )}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      {steep.length > 0 && (
        <Text mt="2" color="overload.fg">
          ▲ Day{steep.length > 1 ? 's' : ''} {steep.join(', ')} on steep ground: a heavy top has thrown
          people. Keep it low there.
        </Text>
      )}
    </Box>
  );
}

const CHART = { width: 350, height: 190, left: 44, right: 12, top: 10, bottom: 34 };

/** Lean against sway: down and left is better, and no stow has both. */
function TradeOff({ entries }: { entries: readonly Entry[] }) {
  const lean = entries.map((e) => e.body.leanDeg);
  const sway = entries.map((e) => e.body.swayNm);
  const pad = (low: number, high: number, by: number): [number, number] => [low - by, high + by];
  const x = scaleLinear(pad(Math.min(...lean), Math.max(...lean), 0.8), [
    CHART.left,
    CHART.width - CHART.right,
  ]).nice();
  const y = scaleLinear(pad(Math.min(...sway), Math.max(...sway), 2), [
    CHART.height - CHART.bottom,
    CHART.top,
  ]).nice();
  return (
    <svg
      viewBox={`0 0 ${CHART.width} ${CHART.height}`}
      width={CHART.width}
      height={CHART.height}
      role="img"
      aria-label={`Lean against sway: ${entries.map((e) => `${e.name} ${roundLeanDeg(e.body.leanDeg).toFixed(1)} degrees, ${e.body.swayNm.toFixed(0)} newton metres`).join('; ')}`}
      style={{ fontSize: 11, display: 'block', marginTop: 8, maxWidth: '100%' }}
    >
      {x.ticks(5).map((t) => (
        <g key={t}>
          <line
            x1={x(t)}
            x2={x(t)}
            y1={CHART.top}
            y2={CHART.height - CHART.bottom}
            stroke={paint('border.muted')}
          />
          <text x={x(t)} y={CHART.height - CHART.bottom + 13} textAnchor="middle" fill={paint('fg.muted')}>
            {t}°
          </text>
        </g>
      ))}
      {y.ticks(4).map((t) => (
        <g key={t}>
          <line
            x1={CHART.left}
            x2={CHART.width - CHART.right}
            y1={y(t)}
            y2={y(t)}
            stroke={paint('border.muted')}
          />
          <text x={CHART.left - 5} y={y(t) + 4} textAnchor="end" fill={paint('fg.muted')}>
            {t}
          </text>
        </g>
      ))}
      <text x={CHART.width - CHART.right} y={CHART.height - 6} textAnchor="end" fill={paint('fg.muted')}>
        forward lean; less is better
      </text>
      <text x={CHART.left + 4} y={CHART.top + 10} fill={paint('fg.muted')}>
        sway for a side step, N·m; less is better
      </text>
      {/* The present one last, so that it lies on top, small enough to show one that equals it. */}
      {[...entries].reverse().map((e) => (
        <g key={e.name}>
          {e === entries[0] ? (
            <circle cx={x(e.body.leanDeg)} cy={y(e.body.swayNm)} r="4" fill={paint('fg')} />
          ) : (
            <rect
              x={x(e.body.leanDeg) - 6}
              y={y(e.body.swayNm) - 6}
              width="12"
              height="12"
              fill={paint('bg.panel')}
              stroke={paint('fg')}
              strokeWidth="2"
            />
          )}
        </g>
      ))}
      {apartLabels(
        entries.map((e) => ({ name: e.name, x: x(e.body.leanDeg), y: y(e.body.swayNm) })),
        CHART.width,
      ).map((label) => (
        <text key={label.name} x={label.x} y={label.y} textAnchor={label.anchor} fill={paint('fg')}>
          {label.name}
        </text>
      ))}
    </svg>
  );
}
