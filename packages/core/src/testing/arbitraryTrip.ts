/** Random but valid trips for property tests: small, with every optional field sometimes there and sometimes not. */
import fc from 'fast-check';
import {
  DISH_FORMS,
  MEAL_KINDS,
  PARCELS,
  PICKUP_KINDS,
  TREATMENTS,
  WINDS,
  type Dish,
} from '../trip/larderModel.js';
import {
  AGE_BANDS,
  COMPANIONS,
  HOLDER_TRAITS,
  MEANT_FOR,
  EXPERIENCES,
  FAIRNESS_SCHOOL_IDS,
  FLAGS,
  FOOD_STORAGES,
  GROUNDS,
  HOUSE_RULE_CHOICES,
  INSECTS,
  LIMIT_POLICY_IDS,
  NEEDED,
  PACKING_SCHOOL_IDS,
  PURPOSES,
  RELIANCES,
  ROLES,
  SIDES,
  SUPPLY_STATES,
  TRIP_STYLES,
  WANTS,
  WAYPOINT_KINDS,
  WEARS,
  WEATHER_FIELDS,
  type CarryTrial,
  type HouseRules,
  type Kit,
  type Leg,
  type Member,
  type PersonalThing,
  type Piece,
  type Shape,
  type Stow,
  type Thing,
  type Trip,
  type Variant,
  type WhatIf,
} from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { shapeVolumeL } from '../trip/shapes.js';

const tenths = (low: number, high: number): fc.Arbitrary<number> =>
  fc.integer({ min: Math.round(low * 10), max: Math.round(high * 10) }).map((n) => n / 10);
/** Numbers with as many digits as a double has, to catch stores that round. */
const fine = (low: number, high: number): fc.Arbitrary<number> =>
  fc
    .double({ min: low, max: high, noNaN: true, noDefaultInfinity: true })
    .map((n) => (Object.is(n, -0) ? 0 : n));
const name: fc.Arbitrary<string> = fc
  .string({ minLength: 1, maxLength: 20, unit: 'grapheme' })
  .filter((s) => s.trim() !== '' && s.length <= 60);
/** A field that may be absent. */
const maybe = <K extends string, T>(key: K, value: fc.Arbitrary<T>): fc.Arbitrary<Partial<Record<K, T>>> =>
  fc.option(value, { nil: undefined }).map((v) => {
    const field: Partial<Record<K, T>> = {};
    if (v !== undefined) field[key] = v;
    return field;
  });
const all = (...parts: fc.Arbitrary<object>[]): fc.Arbitrary<object> =>
  fc.tuple(...parts).map((p) => Object.assign({}, ...p) as object);

const date = fc.constantFrom('2026-02-28', '2027-03-01', '2027-03-08');

const shape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({
    kind: fc.constantFrom('block' as const, 'flat' as const),
    lengthCm: tenths(5, 40),
    widthCm: tenths(4, 25),
    heightCm: tenths(1, 15),
  }),
  fc.record({
    kind: fc.constantFrom('cylinder' as const, 'roll' as const, 'long' as const),
    lengthCm: tenths(5, 60),
    diameterCm: tenths(3, 15),
  }),
  fc.constant({ kind: 'pouch' as const }),
  fc.record({ kind: fc.constant('stuff' as const), looseVolumeL: tenths(3, 20) }),
);

function span(days: number): fc.Arbitrary<{ fromDay: number; toDay: number }> {
  return fc
    .tuple(fc.integer({ min: 1, max: days }), fc.integer({ min: 1, max: days }))
    .map(([a, b]) => ({ fromDay: Math.min(a, b), toDay: Math.max(a, b) }));
}

function thing(id: string, days: number): fc.Arbitrary<Thing> {
  return fc
    .tuple(
      fc.record({
        name,
        massKg: fine(0.01, 4),
        massEstimated: fc.boolean(),
        fullness: fc.double({ min: 0.2, max: 1, noNaN: true }),
        shape,
        flags: fc.subarray([...FLAGS]),
        needed: fc.constantFrom(...NEEDED),
        purpose: fc.constantFrom(...PURPOSES),
      }),
      all(
        maybe(
          'consumption',
          span(days).map((s) => ({ ...s, residueKg: 0.005 })),
        ),
        fc.option(span(days), { nil: undefined }).map((s) => s ?? {}),
        maybe('foodCapacityL', tenths(1, 12)),
        maybe(
          'holds',
          all(
            fc.record({
              capacityL: tenths(1, 30),
              traits: fc.subarray([...HOLDER_TRAITS]),
              meantFor: fc.constantFrom(...MEANT_FOR),
            }),
            maybe('mark', fc.constantFrom('red', 'yellow tape, mark: 2', '=A')),
          ),
        ),
        maybe('ridesLoose', fc.boolean()),
        maybe('measuredOn', date),
        maybe('owner', name),
        maybe('wear', fc.constantFrom(...WEARS)),
        maybe('expiresOn', date),
        maybe('needs', fc.subarray([...COMPANIONS])),
        maybe('libraryId', fc.constant('library-entry')),
        maybe('wetFactor', tenths(1, 2)),
        maybe('joinsAt', name),
        maybe('leavesAt', name),
        maybe('waterCapacityL', tenths(0.5, 3)),
      ),
    )
    .map(([{ fullness, ...base }, more]) => {
      const mostL = shapeVolumeL(base.shape) ?? 3;
      return { id, ...base, volumeL: fullness * mostL, ...more };
    });
}

export interface TripSize {
  readonly members?: { readonly min: number; readonly max: number };
  readonly pieces?: { readonly min: number; readonly max: number };
  readonly days?: number;
  /** Handovers on the way at most; none when left out. */
  readonly handovers?: number;
}

/** A valid trip; whether its share or stows are any good is another matter. */
export function arbitraryTrip(size: TripSize = {}): fc.Arbitrary<Trip> {
  const { members: m = { min: 0, max: 4 }, pieces: p = { min: 0, max: 6 }, days: most = 4 } = size;
  return fc
    .record({
      days: fc.integer({ min: 1, max: most }),
      memberCount: fc.integer(m),
      pieceCount: fc.integer(p),
      thingCount: fc.integer({ min: 0, max: 4 }),
    })
    .chain(({ days, memberCount, pieceCount, thingCount }) =>
      fc.record({
        head: all(
          fc.record({ name, startDate: fc.constantFrom('2027-05-10', '2028-02-29') }),
          maybe('notes', name),
        ),
        packingSchool: fc.constantFrom(...PACKING_SCHOOL_IDS),
        fairness: fc.constantFrom(...FAIRNESS_SCHOOL_IDS),
        houseRules: houseRules(),
        larder: larder(days),
        brief: brief(days, memberCount),
        legs: fc.tuple(...Array.from({ length: days }, (_v, i) => leg(`leg-${i + 1}`))),
        members: fc.tuple(...Array.from({ length: memberCount }, (_v, i) => member(`m${i + 1}`, days))),
        pieces: fc.tuple(
          ...Array.from({ length: pieceCount }, (_v, i) => piece(`p${i + 1}`, days, memberCount)),
        ),
        things:
          memberCount === 0
            ? fc.constant<PersonalThing[]>([])
            : fc.tuple<PersonalThing[]>(
                ...Array.from({ length: thingCount }, (_v, i) =>
                  personalThing(`t${i + 1}`, days, memberCount),
                ),
              ),
        days: fc.constant(days),
        handovers: fc.array(
          fc.record({
            piece: fc.nat({ max: 5 }),
            to: fc.integer({ min: -1, max: memberCount - 1 }),
            day: fc.integer({ min: 1, max: days }),
          }),
          { maxLength: size.handovers ?? 0 },
        ),
        variants: fc.array(variant(days, memberCount), { maxLength: 1 }),
        carriers: fc.array(fc.integer({ min: -1, max: memberCount - 1 }), {
          minLength: pieceCount,
          maxLength: pieceCount,
        }),
        locks: fc.array(fc.boolean(), { minLength: pieceCount, maxLength: pieceCount }),
        // Mostly the owner: who takes what is somebody's own.
        takers: fc.array(fc.integer({ min: -4, max: memberCount - 1 }), {
          minLength: thingCount,
          maxLength: thingCount,
        }),
        places: fc.array(fc.tuple(fc.nat(), fc.constantFrom(...SIDES), fc.boolean()), {
          minLength: 12,
          maxLength: 12,
        }),
        ruleKind: fc.constantFrom('same' as const, 'different' as const),
        sizes: fc.array(fc.constantFrom(...PACK_SIZES), { minLength: memberCount, maxLength: memberCount }),
      }),
    )
    .map((parts): Trip => {
      const packs = parts.members.map((x, i) => cataloguePack(`pack-${x.id}`, parts.sizes[i]!));
      const given = parts.pieces.flatMap((x, i) => {
        const carrier = parts.members[parts.carriers[i]!];
        return carrier === undefined
          ? []
          : [{ pieceId: x.id, memberId: carrier.id, locked: parts.locks[i]! }];
      });
      const stowed = parts.things.filter((t) => !t.worn);
      const taken = parts.things.flatMap((x, i) => {
        const taker = parts.members[parts.takers[i]!];
        return x.worn || taker === undefined || taker.id === x.memberId
          ? []
          : [{ pieceId: x.id, memberId: taker.id, locked: false }];
      });
      const share = [...given, ...taken];
      const half = Math.ceil(parts.pieces.length / 2);
      const kits: Kit[] = [
        { id: 'kit-a', name: 'Kit A', pieces: parts.pieces.slice(0, half), splitWays: 2 },
        { id: 'kit-b', name: 'Kit B', pieces: parts.pieces.slice(half) },
      ];
      const stows = parts.members.slice(0, 2).map((x, i): Stow => {
        const own = stowed
          .filter((t) => t.memberId === x.id && !taken.some((a) => a.pieceId === t.id))
          .map((t) => t.id);
        const shared = share.filter((a) => a.memberId === x.id).map((a) => a.pieceId);
        return {
          memberId: x.id,
          placements: [...own, ...shared].map((thingId, k) => {
            const [zone, side, pinned] = parts.places[k % parts.places.length]!;
            const { zones } = packs[i]!;
            const { id: zoneId, at } = zones[zone % zones.length]!;
            // Every other thing has an exact place.
            const spot = k % 2 === 0 ? {} : { spot: { xCm: at.x + (zone % 9), yCm: at.y, turn: zone % 3 } };
            return { thingId, zoneId, side, pinned, ...spot };
          }),
        };
      });
      return {
        id: 'random-trip',
        ...(parts.head as Pick<Trip, 'name' | 'startDate' | 'notes'>),
        ...parts.brief,
        ...parts.larder,
        arrangements: parts.things.slice(0, 1).map((x) => ({
          id: 'loan-1',
          kind: 'loan',
          thingId: x.id,
          text: 'lent',
          who: 'a friend',
          done: false,
        })),
        dismissals: [{ id: 'double/stove', reason: 'one is a spare' }],
        practice: parts.members.slice(0, 1).map((x) => ({
          id: 'try-1',
          learner: 'a learner',
          memberId: x.id,
          date: '2027-04-01',
          points: 81.5,
          lost: ['a hollow of 2.0 L'],
        })),
        packingSchool: parts.packingSchool,
        houseRules: parts.houseRules,
        fairness: parts.fairness,
        legs: parts.legs,
        groups: [
          { id: 'tent-one', name: 'Tent one', kind: 'tent', sleeps: 3 },
          { id: 'tent-two', name: 'Tent two', kind: 'tent' },
          { id: 'cook-one', name: 'Cook one', kind: 'cook', potL: 2.5, stove: 'gasBurner' },
        ],
        packs,
        members: parts.members,
        kits,
        personalThings: parts.things,
        carrierRules:
          parts.pieces.length >= 2
            ? [
                {
                  id: 'rule-1',
                  kind: parts.ruleKind,
                  pieceIds: parts.pieces.slice(0, 2).map((x) => x.id),
                  reason: 'a reason',
                },
              ]
            : [],
        share,
        handovers: parts.handovers.flatMap(({ piece: i, to, day }, n) => {
          const carried = [...parts.pieces, ...stowed];
          const piece = carried[i % Math.max(1, carried.length)];
          const member = parts.members[to];
          return piece === undefined
            ? []
            : [
                {
                  id: `handover-${n}`,
                  pieceId: piece.id,
                  day: Math.min(day, parts.days),
                  ...(member === undefined ? {} : { toMemberId: member.id }),
                  reason: 'tired',
                },
              ];
        }),
        variants: parts.variants.map((v) => ({ ...v, share })),
        stows,
        ...aRecord(parts.members, parts.pieces, parts.days),
      };
    });
}

/** A record that says something of everything it can, of the first member and piece. */
function aRecord(
  members: readonly Member[],
  pieces: readonly Piece[],
  days: number,
): Pick<Trip, 'weighIns' | 'events' | 'comfort' | 'contacts' | 'uses' | 'missed' | 'leftovers' | 'chores'> {
  const [member] = members;
  const [piece] = pieces;
  const of = <T>(item: { readonly id: string } | undefined, make: (id: string) => T): readonly T[] =>
    item === undefined ? [] : [make(item.id)];
  return {
    weighIns: of(member, (memberId) => ({
      memberId,
      measuredKg: 14.2,
      waterL: 1.5,
      checked: ['closed', 'even'],
      signedBy: 'A leader',
    })),
    events: [
      { id: 'wet', day: days, moment: 'morning', kind: 'wetFly', note: 'a shower' },
      ...of(member, (memberId) => ({
        id: 'hurt',
        day: 1,
        moment: 'evening' as const,
        kind: 'hurt' as const,
        memberId,
        factor: 0.5,
      })),
      ...of(piece, (thingId) => ({
        id: 'left',
        day: days,
        moment: 'evening' as const,
        kind: 'left' as const,
        thingId,
      })),
    ],
    comfort: of(member, (memberId) => ({
      id: 'felt',
      memberId,
      day: 1,
      comfort: 6.5,
      hurts: ['shoulders'],
    })),
    contacts: [{ id: 'base', name: 'Base', relation: 'rescue', phone: '000' }],
    uses: of(piece, (thingId) => ({ thingId, fate: 'unused' })),
    missed: [{ id: 'missed', name: 'Spoon' }],
    leftovers: [{ groupId: 'cook-one', foodKg: 0.4 }],
    chores: [{ id: 'dry/p1', doneOn: '2027-05-20' }],
  };
}

function variant(days: number, memberCount: number): fc.Arbitrary<Omit<Variant, 'share'>> {
  const day = fc.integer({ min: 1, max: days });
  const change: fc.Arbitrary<WhatIf> = fc.oneof(
    fc.constant({ kind: 'extraNight' as const }),
    fc.record({ kind: fc.constant('hotDay' as const), day, extraL: fine(0.5, 3) }),
    span(days).map((s) => ({ kind: 'rain' as const, ...s })),
    ...(memberCount === 0
      ? []
      : [
          fc.constant({ kind: 'memberOut' as const, memberId: 'm1' }),
          fc.record({
            kind: fc.constant('limit' as const),
            memberId: fc.constant('m1'),
            limitKg: fine(5, 25),
          }),
        ]),
  );
  return fc.record({
    id: fc.constant('what-if-1'),
    name,
    changes: fc.array(change, { minLength: 1, maxLength: 3 }),
  });
}

const dish: fc.Arbitrary<Dish> = fc.record({
  name,
  form: fc.constantFrom(...DISH_FORMS),
  gPerServing: fine(20, 500),
  kcalPerServing: fine(50, 1500),
  packagingG: fine(0, 30),
  volumeL: fine(0.05, 1),
  boilL: fine(0, 0.6),
  potL: fine(0, 0.7),
});

/** Food, fuel and pick-ups of the one cook group. */
function larder(days: number): fc.Arbitrary<Pick<Trip, 'larder' | 'meals' | 'canisters' | 'pickups'>> {
  const day = fc.integer({ min: 1, max: days });
  return fc
    .tuple(
      fc.record({
        larder: fc.record({
          spareDay: fc.boolean(),
          parcels: fc.constantFrom(...PARCELS),
          snackGPerDay: fine(0, 300),
          snackKcalPerG: fine(3, 6),
          snackCapKg: fine(0.2, 2),
          hotDrinkL: fine(0, 1.5),
          startWaterC: fine(0, 20),
          snow: fc.boolean(),
          wind: fc.constantFrom(...WINDS),
          fuelReserve: fine(0, 0.5),
          treatment: fc.constantFrom(...TREATMENTS),
          cookWaterPieces: fc.boolean(),
          cookWaterL: fine(0, 4),
        }),
        meals: fc.uniqueArray(
          fc.record({
            id: fc.constantFrom('meal-1', 'meal-2', 'meal-3', 'meal-4'),
            day,
            kind: fc.constantFrom(...MEAL_KINDS),
            groupId: fc.constant('cook-one'),
            dish,
          }),
          { selector: (meal) => meal.id, maxLength: 4 },
        ),
        canisters: fc.uniqueArray(
          fc
            .tuple(
              fc.record({
                id: fc.constantFrom('gas-1', 'gas-2'),
                groupId: fc.constant('cook-one'),
                name,
                netKg: fine(0.1, 0.5),
                tareKg: fine(0.05, 0.2),
              }),
              maybe('grossKg', fine(0.2, 0.24)),
            )
            .map(([base, more]) => ({ ...base, ...more }))
            .filter((c) => {
              const { grossKg } = c as { grossKg?: number };
              return grossKg === undefined || (grossKg >= c.tareKg && grossKg <= c.netKg + c.tareKg);
            }),
          { selector: (c) => c.id, maxLength: 2 },
        ),
      }),
      fc.array(
        fc.record({
          id: fc.constant('boat'),
          day,
          kind: fc.constantFrom(...PICKUP_KINDS),
          name,
          fuel: fc.boolean(),
          takesWaste: fc.boolean(),
        }),
        { maxLength: 1 },
      ),
    )
    .map(([base, pickups]) => ({ ...base, pickups }));
}

function leg(id: string): fc.Arbitrary<Leg> {
  return fc
    .tuple(
      fc.record({
        name,
        distanceKm: tenths(0, 30),
        climbM: fc.integer({ min: 0, max: 2000 }),
        descentM: fc.integer({ min: 0, max: 2000 }),
        ground: fc.constantFrom(...GROUNDS),
        hours: tenths(0, 10),
        waterL: tenths(0, 3),
        campWaterL: tenths(0, 2),
        afterRain: fc.boolean(),
      }),
      all(maybe('note', name), maybe('campElevationM', tenths(0, 2000))),
    )
    .map(([base, more]) => ({ id, ...base, ...more }));
}

function houseRules(): fc.Arbitrary<HouseRules> {
  return fc.record(
    Object.fromEntries(
      Object.entries(HOUSE_RULE_CHOICES).map(([rule, choices]) => [rule, fc.constantFrom(...choices)]),
    ),
  ) as unknown as fc.Arbitrary<HouseRules>;
}

/** All of a trip that its brief says beside the legs. */
function brief(days: number, memberCount: number): fc.Arbitrary<Brief> {
  return fc
    .tuple(
      fc.record({
        style: fc.constantFrom(...TRIP_STYLES),
        timeZone: fc.constantFrom('UTC', 'Europe/Dublin', 'Asia/Kathmandu'),
        limitPolicy: fc.constantFrom(...LIMIT_POLICY_IDS),
        foodStorage: fc.constantFrom(...FOOD_STORAGES),
        longestDayH: tenths(4, 12),
        setOff: fc.constantFrom('00:00', '07:45', '23:59'),
        waterLPerH: fine(0.2, 1),
        waypoints: fc.uniqueArray(
          fc
            .tuple(
              fc.record({
                id: fc.constantFrom('spring', 'jetty', 'ford'),
                name,
                kind: fc.constantFrom(...WAYPOINT_KINDS),
                atKm: fine(0, 40),
                reliance: fc.constantFrom(...RELIANCES),
              }),
              maybe('note', name),
              maybe('cacheL', tenths(1, 40)),
            )
            .map(([base, ...more]) => Object.assign({}, base, ...more) as typeof base),
          { selector: (w) => w.id, maxLength: 3 },
        ),
        supplies: fc.array(
          fc.record({ id: fc.constant('gas-at-hut'), name, state: fc.constantFrom(...SUPPLY_STATES) }),
          { maxLength: 1 },
        ),
        weather: fc.uniqueArray(
          fc
            .tuple(
              fc.record({
                id: date,
                dayC: fine(-20, 35),
                nightC: fine(-30, 20),
                rainChance: fine(0, 1),
                windKmh: fine(0, 90),
                byLeader: fc.subarray([...WEATHER_FIELDS]),
              }),
              maybe('source', name),
            )
            .map(([base, more]) => ({ ...base, ...more })),
          { selector: (w) => w.id },
        ),
        roles:
          memberCount === 0
            ? fc.constant([])
            : fc
                .record({
                  day: fc.integer({ min: 1, max: days }),
                  role: fc.constantFrom(...ROLES),
                  member: fc.integer({ min: 1, max: memberCount }),
                })
                .map((r) => [{ id: 'turn-1', day: r.day, role: r.role, memberId: `m${r.member}` }]),
      }),
      all(
        maybe(
          'place',
          fc.record({
            name,
            latitudeDeg: fine(-80, 80),
            longitudeDeg: fine(-180, 180),
            valleyElevationM: fine(0, 2000),
          }),
        ),
        fc.option(track(days), { nil: undefined }).map((t) => t ?? {}),
        maybe('insects', fc.constantFrom(...INSECTS)),
        maybe('byAir', fc.boolean()),
      ),
    )
    .map(([base, more]) => ({ ...base, ...more }));
}
type Brief = Pick<
  Trip,
  | 'style'
  | 'timeZone'
  | 'limitPolicy'
  | 'foodStorage'
  | 'longestDayH'
  | 'setOff'
  | 'waterLPerH'
  | 'waypoints'
  | 'supplies'
  | 'weather'
  | 'roles'
>;

function track(days: number): fc.Arbitrary<object> {
  return fc
    .tuple(fc.integer({ min: 2, max: 6 }), fc.boolean(), fine(-60, 60), tenths(0, 900))
    .map(([count, hasElevation, degrees, metres]) => {
      const list = (value: (i: number) => number): number[] =>
        Array.from({ length: count }, (_v, i) => value(i));
      return {
        track: {
          name: 'A track',
          distanceKm: list((i) => i * 4.2),
          ...(hasElevation ? { elevationM: list((i) => metres + i) } : {}),
          latitudeDeg: list((i) => degrees + i / 1000),
          longitudeDeg: list((i) => degrees - i / 1000),
          ...(metres > 450 && count > 3 ? { gapsBefore: [2] } : {}),
        },
        dayMarksKm: Array.from({ length: days - 1 }, (_v, i) => (4.2 * (count - 1) * (i + 1)) / days),
      };
    });
}

function member(id: string, days: number): fc.Arbitrary<Member> {
  return fc
    .tuple(
      fc.record({
        name,
        bodyMassKg: fine(40, 110),
        statureCm: tenths(150, 200),
        torsoCm: tenths(40, 56),
        ageBand: fc.constantFrom(...AGE_BANDS),
        experience: fc.constantFrom(...EXPERIENCES),
        conditions: fc.array(
          span(days).map((s) => ({ label: 'tired', ...s, factor: 0.9 })),
          { maxLength: 2 },
        ),
        carryTrials: fc.uniqueArray(trial(), { selector: (t) => t.id, maxLength: 3 }),
        limitHistory: fc.array(
          fc
            .tuple(
              fc.record({ id: fc.constant('limit-1'), date, who: name, toKg: fine(5, 25), why: name }),
              maybe('fromKg', fine(5, 25)),
            )
            .map(([base, more]) => ({ ...base, ...more })),
          { maxLength: 1 },
        ),
      }),
      all(
        maybe('limitPolicy', fc.constantFrom(...LIMIT_POLICY_IDS)),
        maybe('comfortFloor', tenths(4, 8)),
        maybe('lastDay', fc.constant(days)),
        maybe('firstDay', fc.constant(1)),
        maybe('joinsAt', name),
        maybe('healthNotes', name),
        maybe('medicinesForAll', fc.boolean()),
        maybe('snackGPerDay', fine(0, 400)),
        maybe('ageYears', fc.integer({ min: 0, max: 90 })),
        maybe('trainedKg', tenths(5, 25)),
        maybe('ownThingsKg', tenths(0, 12)),
        maybe('ownThingsEstimated', fc.boolean()),
        maybe('bodyEstimated', fc.boolean()),
        maybe('portion', tenths(0.5, 2)),
        maybe(
          'houseRules',
          houseRules().map(({ tent, lid }) => ({ tent, lid })),
        ),
        maybe('limitShare', tenths(0.1, 0.3)),
        maybe('ownCapKg', tenths(8, 30)),
        maybe('tentGroupId', fc.constant('tent-one')),
        maybe('cookGroupId', fc.constant('cook-one')),
        maybe('packingSchool', fc.constantFrom(...PACKING_SCHOOL_IDS)),
      ),
    )
    .map(([base, more]) => ({ id, ...base, packId: `pack-${id}`, ...more }));
}

function trial(): fc.Arbitrary<CarryTrial> {
  return fc
    .tuple(
      fc.record({
        id: fc.constantFrom('walk-1', 'walk-2', 'walk-3'),
        date,
        loadKg: fine(0, 20),
        distanceKm: fine(3, 6),
        climbM: tenths(0, 300),
        minutes: fine(40, 90),
        comfort: tenths(1, 10),
        interrupted: fc.boolean(),
      }),
      maybe('note', name),
    )
    .map(([base, more]) => ({ ...base, ...more }));
}

function piece(id: string, days: number, memberCount: number): fc.Arbitrary<Piece> {
  const rule: fc.Arbitrary<object> = fc.oneof(
    { weight: 4, arbitrary: fc.constant({}) },
    { weight: 1, arbitrary: fc.constantFrom({ onlyGroupId: 'tent-one' }, { onlyGroupId: 'cook-one' }) },
    {
      weight: 1,
      arbitrary:
        memberCount === 0
          ? fc.constant({})
          : fc
              .integer({ min: 1, max: memberCount })
              .map((n) => ({ onlyMemberIds: Array.from({ length: n }, (_v, i) => `m${i + 1}`) })),
    },
  );
  return fc
    .tuple(
      thing(id, days),
      rule,
      all(maybe('together', fc.constantFrom('one', 'two')), maybe('partOf', fc.constant('a-long-rope'))),
    )
    .map(([base, more, word]) => ({ ...base, ...more, ...word }));
}

function personalThing(id: string, days: number, memberCount: number): fc.Arbitrary<PersonalThing> {
  return fc
    .tuple(
      thing(id, days),
      fc.integer({ min: 1, max: memberCount }),
      fc.boolean(),
      all(maybe('want', fc.constantFrom(...WANTS)), maybe('othersMayCarry', fc.boolean())),
    )
    .map(([base, owner, worn, more]) => ({ ...base, memberId: `m${owner}`, worn, ...more }));
}
