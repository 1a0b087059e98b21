/**
 * The rules of stowing as a catalogue: what each asks, why, which camp holds it, and how grave a breach is; checked on
 * any stow, planned or made by hand. All of it is common practice, no source; numbers are Graft's own.
 */
import { FAIR_OFFSET_CM } from '../carriage/packingSchool.js';
import { formatMass, formatVolume } from '../units/format.js';
import {
  gramsToCentre,
  SEVERITIES,
  type Finding,
  type PlacedThing,
  type Severity,
  type StowAssessment,
} from './assessment.js';
import { badStand, isBottle, type BadStand } from './atRest.js';
import { isHardAtBack, isReservoirBetween } from './backRule.js';
import { zonesThatTake } from './fitsPack.js';
import { SLEEVE_GIVE_L } from './layout.js';
import { clash, isForbiddenBy, preferredKinds } from './placementRules.js';
import type { StowProblem } from './stowProblem.js';
import { REACH_LIMIT } from './reach.js';
import { isMainZone } from './zoneKinds.js';

export interface StowRule {
  readonly id: string;
  readonly severity: Severity;
  readonly what: string;
  readonly why: string;
  /** Who holds it, where practitioners disagree; everybody otherwise. */
  readonly camp?: string;
}

type Parts = Omit<StowAssessment, 'findings'>;
interface CheckedRule extends StowRule {
  readonly check: (problem: StowProblem, a: Parts) => readonly Omit<Finding, 'ruleId' | 'severity'>[];
}

/** Rounding slack of volumes, litres. */
const VOLUME_SLACK_L = 0.005;
/** So much more goes in by pushing, litres (Graft's own number). */
const CLOTH_GIVES_L = 0.1;
const VOIDS_MOST = 0.05;
/** Frame sheets start to matter above this load, kg. */
const FRAMELESS_LIGHT_KG = 7;

const each = (
  a: Parts,
  broken: (p: PlacedThing) => string | undefined,
): readonly Omit<Finding, 'ruleId' | 'severity'>[] =>
  a.placed.flatMap((p) => {
    const message = broken(p);
    return message === undefined ? [] : [{ thingIds: [p.thing.id], message }];
  });
const inMain = (p: PlacedThing): boolean => isMainZone(p.zone.kind);
const has = (p: PlacedThing, flag: PlacedThing['thing']['flags'][number]): boolean =>
  p.thing.flags.includes(flag);

const STAND_WORDS: Readonly<Record<BadStand, string>> = {
  'on stiff': 'stands on something stiff and tips',
  'off the floor': 'does not reach the floor of its pocket',
  'to one side': 'rests to one side of its middle and falls over',
};

/** Rules on single placements that `placementRules.ts` forbids, gathered under the words of the trade. */
const FORBIDDEN: readonly (StowRule & { readonly of: readonly string[] })[] = [
  {
    id: 'liquid-fuel-outside',
    severity: 'safety',
    of: ['fuel-not-inside'],
    what: 'liquid fuel rides outside, upright, away from food, clothes and first aid',
    why: 'a seal fails one day, and fuel spoils what it touches',
    camp: 'house rule "fuel"; the other camp keeps it inside and low',
  },
  {
    id: 'gas-out-of-pockets',
    severity: 'safety',
    of: ['gas-not-in-pockets'],
    what: 'a gas canister never rides where it falls or is knocked',
    why: 'a dented valve leaks',
  },
  {
    id: 'sharp-off-the-back',
    severity: 'safety',
    of: ['sharp-not-at-the-back'],
    what: 'nothing sharp lies against the back or on the body',
    why: 'a fall drives it in',
  },
  {
    id: 'lid-light',
    severity: 'safety',
    of: ['heavy-not-in-lid', 'lid-left-off'],
    what: 'the lid carries little',
    why: 'weight up there sways and makes the neck sore',
    camp: 'house rule "lid"',
  },
  {
    id: 'water-low',
    severity: 'safety',
    of: ['water-not-in-lid'],
    what: 'what can leak does not ride above the rest',
    why: 'one cap not closed wets everything below',
  },
  {
    id: 'beacon-sky',
    severity: 'safety',
    of: ['beacon-sky'],
    what: 'a beacon or tracker rides under open sky',
    why: 'it needs the sky to send',
  },
  {
    id: 'dry-inside',
    severity: 'safety',
    of: ['dry-not-outside'],
    what: 'what must stay dry never rides in an open pocket or outside',
    why: 'a wet sleeping bag is dangerous',
  },
  {
    id: 'sleeve-for-water',
    severity: 'safety',
    of: ['sleeve-is-for-water'],
    what: 'the sleeve is for the reservoir',
    why: 'anything hard in it bursts the reservoir or pokes the back',
  },
  {
    id: 'little-outside',
    severity: 'safety',
    of: ['outside-only-what-may', 'water-not-in-straps'],
    what: 'almost nothing swings outside',
    why: 'it snags, hits rock on a big step down, and gets lost',
    camp: 'house rule "outside"',
  },
  {
    id: 'crushable-safe',
    severity: 'safety',
    of: ['crushable-not-below'],
    what: 'crushable things ride flat at the side or on top',
    why: 'the load presses them flat',
  },
];

const CHECKS: readonly CheckedRule[] = [
  {
    id: 'has-a-place',
    severity: 'fit',
    what: 'everything has a place',
    why: 'what is still on the floor is left behind or hangs from a strap',
    check: (_problem, a) =>
      a.unplaced.map((thing) => ({
        thingIds: [thing.id],
        message: `${thing.name} (${formatMass(thing.massKg)}) has no place yet`,
      })),
  },
  {
    id: 'goes-in',
    severity: 'fit',
    what: 'everything goes in, in its true size',
    why: 'a bulging pack tears, and what sticks out is lost',
    check: (_problem, a) => [
      ...a.layout.compartments
        .filter((c) => c.overflowL > CLOTH_GIVES_L && c.thingIds.length > 0)
        .map((c) => {
          const name =
            c.compartment.zone?.name ?? (c.compartment.id === 'bottom' ? 'Bottom part' : 'Main compartment');
          const highest = a.placed
            .filter((p) => p.compartmentId === c.compartment.id)
            .reduce<PlacedThing | undefined>(
              (x, y) => (x === undefined || y.box.z1 > x.box.z1 ? y : x),
              undefined,
            );
          return {
            thingIds: highest === undefined ? [] : [highest.thing.id],
            message: `${name}: ${formatVolume(c.overflowL)} do not go in${highest === undefined ? '' : `; ${highest.thing.name} stands out`}`,
          };
        }),
      ...a.zones
        .filter(
          (f) =>
            !isMainZone(f.zone.kind) &&
            // On the day looked at, compartments tell by themselves; a sleeve is no compartment to load.
            (f.fullestDay !== a.day || f.zone.kind === 'sleeve') &&
            f.fullestL > f.zone.volumeL + (f.zone.kind === 'sleeve' ? SLEEVE_GIVE_L : 0) + VOLUME_SLACK_L,
        )
        .map((f) => ({
          thingIds: a.placed.filter((p) => p.zone === f.zone).map((p) => p.thing.id),
          message: `${f.zone.name} is ${formatVolume(f.fullestL - f.zone.volumeL)} over its ${formatVolume(f.zone.volumeL)} on day ${f.fullestDay}`,
        })),
    ],
  },
  {
    id: 'pocket-load',
    severity: 'fit',
    what: 'a pocket holds what it is rated for',
    why: 'seams and zips give way',
    check: (_problem, a) =>
      a.zones
        .filter((f) => f.zone.maxLoadKg !== undefined && f.massKg > f.zone.maxLoadKg + 1e-9)
        .map((f) => ({
          thingIds: a.placed
            .filter((p) => p.zone === f.zone)
            .sort((x, y) => y.massKg - x.massKg)
            .map((p) => p.thing.id),
          message: `${f.zone.name} holds ${formatMass(f.massKg)}, its limit is ${formatMass(f.zone.maxLoadKg!)}`,
        })),
  },
  ...FORBIDDEN.map(({ of, ...rule }): CheckedRule => ({
    ...rule,
    check: (_problem, a) =>
      each(a, (p) =>
        p.verdict.level === 'never' && of.includes(p.verdict.ruleId)
          ? `${p.thing.name} in ${p.zone.name}: ${p.verdict.reason}`
          : undefined,
      ),
  })),
  {
    id: 'hard-off-the-back',
    severity: 'safety',
    what: 'no edge or lump lies against the back',
    why: 'it is felt after an hour and bruises in a fall',
    check: (_problem, a) => {
      const reservoir = isReservoirBetween(a.layout);
      return each(a, (p) => {
        if (p.turn === undefined || !inMain(p)) return undefined;
        const back = a.layout.compartments.find((c) => c.compartment.id === p.compartmentId)!.compartment.y0;
        return isHardAtBack(p.thing, p.turn, p.box.y0 - back, reservoir)
          ? `${p.thing.name} is felt in the back: ${Math.max(0, p.box.y0 - back).toFixed(1)} cm from the panel, with nothing soft between`
          : undefined;
      });
    },
  },
  {
    id: 'stands',
    severity: 'safety',
    what: 'a bottle stands on the floor of its pocket with nothing stiff under it, and in a pocket nothing stands to one side of what is under it',
    why: 'it tips, and is lost at the first bend',
    check: (_problem, a) =>
      a.layout.compartments.flatMap(({ compartment }) => {
        const here = a.placed
          .filter((p) => p.compartmentId === compartment.id && p.insideId === undefined)
          .sort((x, y) => x.order - y.order);
        const standing = here.map((p) => ({
          bottle: isBottle(p.thing),
          stiff: p.turn === undefined ? undefined : p.box,
        }));
        return here.flatMap((p, i) => {
          const bad = badStand(i, standing, compartment.zone?.at.z);
          if (bad === undefined) return [];
          return [
            { thingIds: [p.thing.id], message: `${p.thing.name} in ${p.zone.name} ${STAND_WORDS[bad]}` },
          ];
        });
      }),
  },
  {
    id: 'apart',
    severity: 'safety',
    what: 'fuel apart from food, clothes and first aid; wet things from dry ones',
    why: 'what leaks or drips spoils its neighbours',
    check: (_problem, a) =>
      a.placed.flatMap((p, i) =>
        a.placed.slice(i + 1).flatMap((q) => {
          const why = p.zone === q.zone ? clash(p.thing, q.thing) : undefined;
          return why === undefined
            ? []
            : [
                {
                  thingIds: [p.thing.id, q.thing.id],
                  message: `${p.thing.name} and ${q.thing.name} share ${p.zone.name}: ${why}`,
                },
              ];
        }),
      ),
  },
  {
    id: 'dry-bag',
    severity: 'safety',
    what: 'what must stay dry is in a dry bag or inside a liner',
    why: 'covers blow off, and no pack is tight',
    camp: 'house rules "rain protection" and "bags"',
    check: (problem, a) => {
      const { house, pack } = problem;
      // Only these two house rules together leave a thing bare: all others put it in a bag or line the pack.
      const isBare = house.rainProtection === 'cover' && house.bags === 'looseInLiner';
      return each(a, (p) =>
        isBare && has(p, 'mustStayDry') && inMain(p)
          ? `${p.thing.name} has neither a dry bag nor a liner round it`
          : isForbiddenBy('dry-not-over-the-lid', p.thing, p.zone, house, pack)
            ? `${p.thing.name} is in a pocket over the lid, outside the liner`
            : undefined,
      );
    },
  },
  {
    id: 'first-aid-at-hand',
    severity: 'safety',
    what: 'first aid and animal spray are had within a second thing',
    why: 'whoever needs them does not unpack',
    camp: 'house rule "first aid"; one camp keeps it deep, since it is rarely used',
    check: (_problem, a) =>
      each(a, (p) =>
        ['firstAid', 'animalSpray', 'beacon'].includes(p.thing.purpose) &&
        p.reach.count > 1 &&
        !p.verdict.byHouse
          ? `${p.thing.name}: ${p.reach.count} things come out first`
          : undefined,
      ),
  },
  {
    id: 'needed-when',
    severity: 'access',
    what: 'what is needed soon is had soon',
    why: 'nobody empties a pack in the rain',
    check: (problem, a) =>
      each(a, (p) => {
        if (['firstAid', 'animalSpray', 'beacon'].includes(p.thing.purpose) || p.verdict.byHouse)
          return undefined;
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
    id: 'height',
    severity: 'balance',
    what: 'the centre of gravity is in the band of the school',
    why: 'high leans you less and sways more, low the reverse',
    camp: 'packing school of the trip or the member',
    check: (_problem, a) =>
      a.placed.length === 0 || a.inBand
        ? []
        : [
            {
              thingIds: [],
              message: `centre of gravity ${Math.abs(a.bandMissCm).toFixed(1)} cm ${a.bandMissCm > 0 ? 'above' : 'below'} the band of "${a.school.name}", ${a.band[0].toFixed(0)}–${a.band[1].toFixed(0)} cm`,
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
    id: 'two-uprights',
    severity: 'structure',
    what: 'a frameless pack has two stiff uprights first, the bag between them',
    why: 'the load is its only frame',
    camp: 'house rule "frameless"; light loads need none',
    check: (problem, a) => {
      if (problem.pack.frameless !== true || problem.house.frameless !== 'uprights') return [];
      if (a.massKg < FRAMELESS_LIGHT_KG) return [];
      const stiff = a.placed.filter(
        (p) => inMain(p) && p.turn?.upright === true && p.turn.heightCm >= UPRIGHT_LEAST_CM,
      );
      return stiff.length >= 2
        ? []
        : [
            {
              thingIds: stiff.map((p) => p.thing.id),
              message: `a frameless pack of ${formatMass(a.massKg)} with ${stiff.length === 0 ? 'no stiff upright' : 'one stiff upright'}: stand the rolled mat and the tent in it first`,
            },
          ];
    },
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
/** A stiff upright reaches at least so high, cm. */
const UPRIGHT_LEAST_CM = 25;

/** The catalogue, without the checks themselves. */
export const STOW_RULES: readonly StowRule[] = CHECKS.map(({ check: _check, ...rule }) => rule);

/** Every rule that a stow breaks, the gravest first. */
export function stowFindings(problem: StowProblem, a: Parts): readonly Finding[] {
  return CHECKS.flatMap(({ id, severity, check }) =>
    check(problem, a).map((f) => ({ ruleId: id, severity, ...f })),
  ).sort((x, y) => SEVERITIES.indexOf(x.severity) - SEVERITIES.indexOf(y.severity));
}
