/** Rules on reach, balance and structure. */
import { bandMissText, bandText, FAIR_OFFSET_CM } from '../../carriage/packingSchool.js';
import { formatMass, formatVolume } from '../../units/format.js';
import { gramsToCentre } from '../assessment.js';
import { zonesThatTake } from '../fitsPack.js';
import { preferredKinds } from '../placementRules.js';
import { beyondHandful, HANDFUL } from '../handful.js';
import { REACH_LIMIT } from '../reach.js';
import { isSpent } from '../thingKinds.js';
import { each, isAtHand, isHalfEmpty, type CheckedRule } from './checkedRule.js';

export const VOIDS_MOST = 0.05;

export const CARRYING_RULES: readonly CheckedRule[] = [
  {
    id: 'needed-when',
    severity: 'access',
    what: 'what is needed soon is had soon',
    why: 'nobody empties a pack in the rain',
    check: (problem, a) =>
      each(a, (p) => {
        if (isAtHand(p) || p.verdict.byHouse) return undefined;
        if (p.thing.needed === 'walking' && p.verdict.tooDeep) {
          const taking = zonesThatTake(p.thing, problem.pack);
          const better = preferredKinds(p.thing, problem.house)
            .map((kind) => taking.find((z) => z.kind === kind)?.name)
            .find((name) => name !== undefined);
          return `${p.thing.name} in ${p.zone.name}: wanted while walking, not to be had with the pack on${better === undefined ? '' : `; better in ${better}`}`;
        }
        const limit = REACH_LIMIT[p.thing.needed];
        return p.reach.count > limit
          ? `${p.thing.name}: ${p.reach.count} things come out first, ${limit === 0 ? 'none should' : `at most ${limit} should`}`
          : undefined;
      }),
  },
  {
    id: 'handful',
    severity: 'access',
    what: 'a lid and a belt pocket hold a handful of things',
    why: 'what the eye cannot search is not found',
    check: (_problem, a) =>
      a.zones.flatMap(({ zone }) => {
        const here = a.placed.filter(
          (p) => p.zone === zone && p.insideId === undefined && !isSpent(p.thing, a.day),
        );
        const over = beyondHandful(zone.kind, here.length);
        if (over === 0) return [];
        const last = [...here].sort((x, y) => x.verdict.level.localeCompare(y.verdict.level));
        return [
          {
            thingIds: last.slice(-over).map((p) => p.thing.id),
            message: `${zone.name} holds ${here.length} things: ${HANDFUL[zone.kind]!} are found at a glance`,
          },
        ];
      }),
  },
  {
    id: 'height',
    severity: 'balance',
    what: 'the heavy things ride where the packing school wants them',
    why: 'high leans you less and sways more, low the reverse',
    camp: 'packing school of the trip or the member',
    check: (_problem, a) =>
      a.placed.length === 0 || a.inBand
        ? []
        : [
            {
              thingIds: [],
              message: `the heavy things ride ${bandMissText(a.bandMissCm)} the band of "${a.school.name}", ${bandText(a.band)}${a.bandMissCm < 0 && isHalfEmpty(a) ? '; so little is in the pack that it lies low: take a smaller pack, or pack low' : ''}`,
            },
          ],
  },
  {
    id: 'even-sides',
    severity: 'balance',
    what: 'left and right are even',
    why: 'a side that pulls is felt in hip and shoulder',
    check: (_problem, a) => {
      const { x } = a.centreOfGravityCm;
      return Math.abs(x) <= FAIR_OFFSET_CM
        ? []
        : [
            {
              thingIds: [],
              message: `centre of gravity ${Math.abs(x).toFixed(1)} cm to the ${x > 0 ? 'right' : 'left'}: move ${formatMass(gramsToCentre(a) / 1000)} across`,
            },
          ];
    },
  },
  {
    id: 'no-hollows',
    severity: 'structure',
    what: 'no hollows: soft things fill the gaps',
    why: 'hollows let the load shift and rattle',
    check: (_problem, a) =>
      a.main.voidShare <= VOIDS_MOST
        ? []
        : [
            {
              thingIds: [],
              message: `${formatVolume(a.main.voidL)} of hollows in the main compartment, ${(100 * a.main.voidShare).toFixed(0)} % of what is filled: stuff clothes into them`,
            },
          ],
  },
  {
    id: 'outside-on-rough-ground',
    severity: 'ground',
    what: 'nothing swings outside on rough ground',
    why: 'it hits rock, and catches the ground on a big step down',
    check: (problem, a) =>
      problem.roughDays.length === 0
        ? []
        : each(a, (p) =>
            p.zone.kind === 'lash' && p.thing.purpose !== 'walkingPoles'
              ? `${p.thing.name} rides outside on day${problem.roughDays.length > 1 ? 's' : ''} ${problem.roughDays.join(', ')}, over rough ground: strap it tight, or take it in`
              : undefined,
          ),
  },
  {
    id: 'water-has-a-place',
    severity: 'access',
    what: 'the day’s water has containers',
    why: 'planned litres that nobody can carry are not there',
    remedy: 'Bring a bottle or a water bag, or plan less water on that day.',
    check: (problem, a) =>
      problem.waterWithoutContainerL <= 1e-9
        ? []
        : [
            {
              thingIds: [],
              message: `${formatVolume(problem.waterWithoutContainerL)} of day ${a.day}'s water has no container in this pack`,
            },
          ],
  },
];
