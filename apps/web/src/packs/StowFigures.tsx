import { whole } from '../shared/locale';
import { Box, Grid, Text } from '../theme/chakra';
import {
  bandMissText,
  bandText,
  bodyLoad,
  FAIR_OFFSET_CM,
  GOOD_OFFSET_CM,
  packLift,
  roundLeanDeg,
  STANDARD_GRAVITY,
  type BodyLoad,
} from '@graft/core/carriage';
import {
  gradeOf,
  gramsToCentre,
  heavyBoundCm,
  leastOutCm,
  type Grade,
  type StowAssessment,
  type StowProblem,
} from '@graft/core/stow';
import { formatMass, formatPercent } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';
import { GradeMark } from './Verdict';
import { Fold } from '../shared/Fold';
import { useInUnits, useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';
import { HIDDEN } from '../shared/hiddenLimits';

const FIGURES = {
  templateColumns: { base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(6, minmax(0, 1fr))' },
  columnGap: '3',
  rowGap: '1.5',
} as const;

/** "1.2 cm right". */
function asideText(x: number): string {
  return Math.abs(x) < 0.05 ? 'even' : `${Math.abs(x).toFixed(1)} cm ${x > 0 ? 'right' : 'left'}`;
}

export interface StowBounds {
  readonly leastOutCm: number;
  /** The nearest to the band that the heavy half can come under this split; undefined inside it. */
  readonly nearestCm: number | undefined;
}

/** How near to the best there is a stow could come with every thing in the compartment where it is. */
export function boundsOf({ problem, stow }: { problem: StowProblem; stow: StowAssessment }): StowBounds {
  return {
    leastOutCm: leastOutCm(problem, stow),
    nearestCm: stow.inBand
      ? undefined
      : heavyBoundCm(problem, stow, stow.bandMissCm > 0 ? 'lowest' : 'highest'),
  };
}

/** What a stowed pack does to its wearer. */
export function bodyLoadOf(stow: StowAssessment, { member, pack }: StowProblem): BodyLoad {
  return bodyLoad(member, stow.massKg, stow.centreOfGravityCm, [
    { massKg: pack.tareKg, atCm: pack.centreOfGravityCm },
    ...stow.placed.map((p) => ({ massKg: p.massKg, atCm: p.centre })),
  ]);
}

/** Where the centre of gravity is and what that does to the body, in words and numbers. */
export function StowFigures({
  stow,
  bounds,
  problem,
  practising,
}: {
  stow: StowAssessment;
  bounds: StowBounds;
  problem: StowProblem;
  practising: boolean;
}) {
  if (stow.placed.length === 0) {
    return (
      <Text px="4" py="3">
        {stow.unplaced.length === 0
          ? 'There is nothing to stow: add personal things at Kit, or share pieces at Shares.'
          : practising
            ? 'Everything lies on the floor. Choose a place for each thing in the list; in the drawing it can be moved from there.'
            : 'Nothing is stowed yet. “Plan this pack” finds a place for every thing; or choose a place for each in the list.'}
      </Text>
    );
  }
  return (
    <Box px="4" pt="2" pb="3">
      <Fold title="Figures: centre of gravity, and what it does to the body">
        <CentreFigures stow={stow} bounds={bounds} problem={problem} />
        <BodyFigures stow={stow} problem={problem} />
      </Fold>
    </Box>
  );
}

const figure = (label: string, value: React.ReactNode, more: React.ReactNode, grade?: Grade) => (
  <Box minW="0">
    <Text fontSize="xs" color="fg.muted">
      {label}
    </Text>
    <Text fontFamily="heading" fontSize="md" fontWeight="600" lineHeight="1.3">
      {value}
    </Text>
    {grade !== undefined && (
      <Text fontSize="xs">
        <GradeMark grade={grade} />
      </Text>
    )}
    <Text fontSize="xs">{more}</Text>
  </Box>
);

interface Figured {
  readonly stow: StowAssessment;
  readonly problem: StowProblem;
}

function CentreFigures({ stow, bounds, problem }: Figured & { readonly bounds: StowBounds }) {
  const { member, pack } = problem;
  const { massUnit } = usePreferences();
  const inUnits = useInUnits();
  const { digits, unit } = useQuantities();
  const { x, y, z } = stow.centreOfGravityCm;
  const why =
    'Centre of gravity: Σ mᵢrᵢ / Σ mᵢ over the empty pack and everything in it, each thing where it really lies.';
  const { nearestCm } = bounds;
  // The least is of everything in its place; with something left out it would be compared with another load.
  const isWhole = stow.unplaced.length === 0 && !stow.findings.some((f) => f.severity === 'fit');
  const isOutOfReach =
    nearestCm !== undefined && (stow.bandMissCm > 0 ? nearestCm > stow.band[1] : nearestCm < stow.band[0]);
  const unreachable = isOutOfReach
    ? `; no order of these compartments gets them ${stow.bandMissCm > 0 ? 'below' : 'above'} ${nearestCm.toFixed(1)} cm`
    : '';
  return (
    <Grid {...FIGURES} mt="2" role="group" aria-label="Centre of gravity">
      {figure(
        'Heavy things, above the belt',
        <Why
          reason={`The middle of the heavy half: of what may ride anywhere in the bag, the densest things that make half of its mass. "${stow.school.name}" wants them ${stow.school.place}, preferred on ${stow.school.preferredWhen}; the band is Graft's own number.`}
        >
          {stow.heavyCm === undefined ? 'nothing heavy' : inUnits(`${stow.heavyCm.toFixed(1)} cm`)}
        </Why>,
        stow.heavyCm === undefined
          ? 'no school matters'
          : inUnits(
              stow.inBand
                ? `${stow.school.place}, in the band ${bandText(stow.band)}`
                : `${bandMissText(stow.bandMissCm)} the band ${bandText(stow.band)}${unreachable}`,
            ),
        stow.heavyCm === undefined ? undefined : gradeOf('bandMissCm', Math.abs(stow.bandMissCm)),
      )}
      {figure(
        'Whole pack, above the belt',
        <Why reason={why}>{inUnits(`${z.toFixed(1)} cm`)}</Why>,
        `its centre of gravity; ${formatPercent(z / member.torsoCm, 0)} of torso`,
      )}
      {figure(
        'Out from the back',
        <Why
          reason={`${why} The closer, the shorter the lever. Least conceivable: every thing in the compartment where it is, soft ones as if they could be poured, the densest nearest to the back.`}
        >
          {inUnits(`${y.toFixed(1)} cm`)}
        </Why>,
        isWhole
          ? inUnits(
              `${Math.max(0, y - bounds.leastOutCm).toFixed(1)} cm above the least, ${bounds.leastOutCm.toFixed(1)} cm`,
            )
          : 'not all is in: no least to compare with',
        isWhole ? gradeOf('outCm', Math.max(0, y - bounds.leastOutCm)) : undefined,
      )}
      {figure(
        'Aside',
        <Why
          reason={`${why} Up to ${GOOD_OFFSET_CM} cm is good, up to ${FAIR_OFFSET_CM} cm fair: Graft's own numbers.`}
        >
          {inUnits(asideText(x))}
        </Why>,
        Math.abs(x) < 0.05 ? 'nothing to move' : inUnits(`${whole(gramsToCentre(stow))} g to move across`),
        gradeOf('asideCm', Math.abs(x)),
      )}
      {figure(
        'In the pack',
        formatMass(stow.massKg, massUnit),
        `on day ${stow.day}, pack included; rated for ${formatMass(pack.ratedLoadKg, massUnit)}`,
        gradeOf('loadRatio', stow.massKg / pack.ratedLoadKg),
      )}
      {figure(
        'Main compartment',
        `${digits(stow.main.filledL, 'volume', 0)} of ${digits(stow.main.capacityL, 'volume', 0)} ${unit('volume')}`,
        <Why reason="Space lost under, between and over things, into which nothing soft flows: part of all that is filled and lost.">
          {formatPercent(stow.main.voidShare, 0)} hollows
        </Why>,
        gradeOf('voidShare', stow.main.voidShare),
      )}
    </Grid>
  );
}

function BodyFigures({ stow, problem }: Figured) {
  const { massUnit } = usePreferences();
  const { hidden } = useLimits();
  const body = bodyLoadOf(stow, problem);
  const lift = packLift(stow.massKg);
  return (
    <Grid {...FIGURES} mt="1.5" role="group" aria-label="What it does to the body">
      {figure(
        'Lean',
        <Why reason="The forward lean that brings trunk and pack back over the hips: tan θ = m·b / (0.678·M·hT + m·hP), body segments after Winter's tables (from memory). An estimate, to half a degree at best.">
          {hidden ? HIDDEN : `${roundLeanDeg(body.leanDeg).toFixed(1)}°`}
        </Why>,
        'forward, standing',
        gradeOf('leanDeg', body.leanDeg),
      )}
      {figure(
        'Pull on the shoulders',
        <Why reason="F = m·g·y / torso length: the horizontal force that the straps give about the belt.">
          {body.shoulderPullN.toFixed(0)} N
        </Why>,
        `${formatMass(body.shoulderPullN / STANDARD_GRAVITY, massUnit)} of pull`,
        gradeOf('shoulderPullN', body.shoulderPullN),
      )}
      {figure(
        'Sway',
        <Why reason="m·a·z at the belt for a quick step to the side of 2 m/s² (Graft's own number).">
          {body.swayNm.toFixed(0)} N·m
        </Why>,
        <Why reason="Σ m(y² + z²) about the hip axis, over the empty pack and every thing: what a turn or a stumble has to stop. Rises with the square of the distance.">
          inertia {body.inertiaKgM2.toFixed(2)} kg·m²
        </Why>,
        gradeOf('swayNm', body.swayNm),
      )}
      {figure(
        'Lifting it',
        <Why reason="Revised NIOSH lifting equation (publication 94-110), from the ground to the back, with Graft's own guesses of lengths: load over recommended weight. Above 1: set it on a rock, or get a hand.">
          index {lift.index.toFixed(1)}
        </Why>,
        lift.index > 1 ? 'from a rock, or with help' : 'alone, knee under it',
        gradeOf('liftingIndex', lift.index),
      )}
    </Grid>
  );
}
