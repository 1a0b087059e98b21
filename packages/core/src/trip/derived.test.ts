import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { parseTripFile } from '../formats/tripFile.js';
import { packFigures, packFiguresNow } from '../stow/packFigures.js';
import {
  memberFiguresNow,
  partsOfBound,
  shareFigures,
  tripBound,
  tripBoundNow,
} from '../share/shareFigures.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { assignPiece, handOver, lockPiece } from './changes.js';
import { Derived, entries, tripOf, whole } from './derived.js';
import { partsOfMember } from './memberPart.js';
import type { Trip } from './model.js';
import { allPieces } from './queries.js';
import { IS_DEEP, runs } from '../testing/runs.js';

const demo = (name: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${name}.graft.json`), 'utf8'));

/** A trip that notes which of its fields are read. */
function recording(trip: Trip): { readonly trip: Trip; readonly read: Set<string> } {
  const read = new Set<string>();
  const noted = new Proxy(trip, {
    get(target, field, receiver) {
      read.add(String(field));
      return Reflect.get(target, field, receiver) as unknown;
    },
    ownKeys() {
      throw new Error('a figure reads the whole trip');
    },
  });
  return { trip: noted, read };
}

/** Each derived figure: its parts, and how it is made from a trip. */
const FIGURES = [
  { name: 'the bound', parts: partsOfBound, make: (trip: Trip) => [tripBoundNow(trip)] },
  ...(['share', 'pack'] as const).flatMap((what) =>
    [0, 1, 2].map((k) => ({
      name: `the ${what} figures of member ${k}`,
      parts: (trip: Trip) => partsOfMember(trip, trip.members[k % trip.members.length]!),
      make: (trip: Trip) => {
        const member = trip.members[k % trip.members.length]!;
        return [what === 'share' ? memberFiguresNow(trip, member) : packFiguresNow(trip, member.id)];
      },
      ofMember: k,
    })),
  ),
];

const TRIPS = ['corvane-census', 'hut-roof', 'rock-mapping'].map(demo);
const random = arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 } });

describe.each(FIGURES)('$name', ({ parts, make, ...more }) => {
  test('reads the parts that its list names and no others', () => {
    for (const trip of TRIPS) {
      const names = new Set(Object.keys(parts(trip)));
      const { trip: noted, read } = recording(trip);
      make(noted);
      expect([...read].filter((field) => !names.has(field))).toEqual([]);
    }
  });

  test('is the same from its parts alone as from the whole trip', () => {
    const agree = (trip: Trip): void => {
      const alone = tripOf(parts(trip));
      // In its own part a member is the first, before those whose things they carry, unless the water of all hangs on everybody's limit.
      const shown =
        'ofMember' in more && alone.members !== trip.members
          ? {
              ...alone,
              members: [
                ...Array<Trip['members'][number]>(3).fill(alone.members[0]!),
                ...alone.members.slice(1),
              ],
            }
          : alone;
      expect(make(shown)).toEqual(make(trip));
    };
    TRIPS.forEach(agree);
    fc.assert(fc.property(random, agree), { seed: 8, numRuns: runs(40) });
  });
});

test('what is kept is what would be made anew, whatever is changed and taken back', () => {
  const trip = demo('hut-roof');
  const pieces = allPieces(trip);
  const step = fc.record({
    what: fc.constantFrom('lock', 'unlock', 'assign', 'handOver', 'undo', 'limit', 'mass'),
    piece: fc.nat(pieces.length - 1),
    member: fc.nat(trip.members.length - 1),
    day: fc.integer({ min: 1, max: trip.legs.length }),
  });
  const play = (
    now: Trip,
    past: Trip[],
    { what, piece, member, day }: typeof step extends fc.Arbitrary<infer S> ? S : never,
  ): Trip => {
    const [pieceId, memberId] = [pieces[piece]!.id, trip.members[member]!.id];
    switch (what) {
      case 'lock':
      case 'unlock':
        return lockPiece(now, pieceId, what === 'lock');
      case 'assign':
        return assignPiece(now, pieceId, memberId);
      case 'handOver':
        return handOver(now, day, [{ pieceId, toMemberId: memberId }], 'tired');
      case 'undo':
        return past.pop() ?? now;
      case 'limit':
        return {
          ...now,
          members: now.members.map((m, i) => (i === member ? { ...m, bodyMassKg: m.bodyMassKg + 1 } : m)),
        };
      case 'mass':
        return {
          ...now,
          kits: now.kits.map((kit) => ({
            ...kit,
            pieces: kit.pieces.map((p) => (p.id === pieceId ? { ...p, massKg: p.massKg + 0.1 } : p)),
          })),
        };
    }
  };
  fc.assert(
    fc.property(fc.array(step, { maxLength: 8 }), (steps) => {
      let now = trip;
      const past: Trip[] = [];
      for (const each of steps) {
        const next = play(now, past, each);
        if (each.what !== 'undo') past.push(now);
        now = next;
        expect(tripBound(now)).toEqual(tripBoundNow(now));
        expect(shareFigures(now).members).toEqual(now.members.map((m) => memberFiguresNow(now, m)));
        expect(now.members.map((m) => packFigures(now, m))).toEqual(
          now.members.map((m) => packFiguresNow(now, m.id)),
        );
      }
    }),
    { seed: 9, numRuns: IS_DEEP ? 40 : 3 },
  );
});

test('a locked piece that is handed over moves the bound, and taking that back moves it back', () => {
  const trip = demo('corvane-census');
  const aid = allPieces(trip).find((p) => p.purpose === 'firstAid')!;
  const heaviest = shareFigures(trip).largestMember!;
  const locked = lockPiece(assignPiece(trip, aid.id, heaviest.id), aid.id, true);
  const before = tripBound(locked);
  const other = trip.members.find((m) => m.id !== heaviest.id)!;
  const handed = handOver(locked, 1, [{ pieceId: aid.id, toMemberId: other.id }], 'role');
  expect(tripBound(handed)).toEqual(tripBoundNow(handed));
  expect(tripBound(handed).bound.level).not.toBe(before.bound.level);
  expect(tripBound(locked)).toEqual(before);
});

test('entries of an equal list are the same part, another object is another', () => {
  let made = 0;
  const derived = new Derived<'share' | 'legs', number>(() => (made += 1));
  const [a, b] = [
    { pieceId: 'p', memberId: 'm', locked: true },
    { pieceId: 'q', memberId: 'm', locked: true },
  ];
  const legs = whole<Trip['legs']>([]);
  expect(derived.of({ share: entries([a, b]), legs })).toBe(1);
  expect(derived.of({ share: entries([a, b]), legs })).toBe(1);
  expect(derived.of({ share: entries([b, a]), legs })).toBe(2);
  expect(derived.of({ share: entries([b]), legs })).toBe(3);
  expect(derived.of({ share: entries([{ ...b }]), legs })).toBe(4);
  expect(derived.of({ share: entries([]), legs: whole<Trip['legs']>([]) })).toBe(5);
});
