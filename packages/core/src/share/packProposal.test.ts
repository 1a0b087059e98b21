import fc from 'fast-check';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { runs } from '../testing/runs.js';
import type { Pack, PersonalThing, Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { leastCostMatching } from './leastCostMatching.js';
import { packProposal, sparePacks, withPacks } from './packProposal.js';

const sum = (costs: readonly (readonly number[])[], columns: readonly number[]): number =>
  columns.reduce((total, c, r) => total + costs[r]![c]!, 0);
function* allMatchings(rows: number, columns: readonly number[]): Generator<readonly number[]> {
  if (rows === 0) yield [];
  else
    for (const c of columns)
      for (const rest of allMatchings(
        rows - 1,
        columns.filter((o) => o !== c),
      ))
        yield [c, ...rest];
}

describe('the matching of least cost', () => {
  test('is no dearer than any other, of all that there are', () =>
    fc.assert(
      fc.property(
        fc
          .tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 0, max: 2 }))
          .chain(([rows, more]) =>
            fc.array(
              fc.array(fc.integer({ min: -9, max: 30 }), { minLength: rows + more, maxLength: rows + more }),
              { minLength: rows, maxLength: rows },
            ),
          ),
        (costs) => {
          const columns = costs[0]!.map((_c, i) => i);
          const matched = leastCostMatching(costs);
          expect(new Set(matched).size).toBe(costs.length);
          const least = Math.min(...[...allMatchings(costs.length, columns)].map((m) => sum(costs, m)));
          expect(sum(costs, matched)).toBeCloseTo(least, 9);
        },
      ),
      { numRuns: runs(300) },
    ));
  test('nobody to match is no error; more rows than columns are', () => {
    expect(leastCostMatching([])).toEqual([]);
    expect(() => leastCostMatching([[1], [2]])).toThrow('expected at most 1 rows');
  });
});

const size = (litres: number) => PACK_SIZES.find((s) => s.nominalL === litres)!;
const pack = (id: string, litres: number, more: Partial<Pack> = {}): Pack => ({
  ...cataloguePack(id, size(litres)),
  ...more,
});
const own = (id: string, memberId: string, litres: number, massKg: number): PersonalThing => ({
  ...aThing(id, { volumeL: litres, massKg }),
  memberId,
  worn: false,
});
/** Ada has 8 kg in 45 L, Ben 4 kg in 15 L. */
const two = (packs: readonly Pack[]): Trip => ({
  ...aTrip(
    ['ada', 'ben'].map((id) => aMember(id, { bodyMassKg: 70 })),
    [],
    [own('a', 'ada', 45, 8), own('b', 'ben', 15, 4)],
  ),
  packs,
});
const said = (trip: Trip) =>
  packProposal(trip)?.changes.map(({ member, to }) => `${member.id} ${to.name}`) ?? [];

describe('which pack suits whom', () => {
  test('a small and a large pack on the wrong backs are swapped, where both are anybody’s', () => {
    const trip = two([pack('pack-ada', 30, { shared: true }), pack('pack-ben', 70, { shared: true })]);
    const proposal = packProposal(trip)!;
    expect(said(trip)).toEqual(['ada 70 L pack', 'ben 30 L pack']);
    // 45 L in a pack that holds about 30: some 15 L find no room, and all do afterwards.
    expect(proposal.changes[0]!.before.wantingL).toBeGreaterThan(10);
    expect(proposal.changes.map((c) => c.after.wantingL)).toEqual([0, 0]);
    // Rated for 11 kg: 9.1 kg are 83 % of it; with 70 L the limit is hers, a fifth of 70 kg, for 10.2 kg.
    expect(proposal.worstBefore).toBeCloseTo(9.1 / 11, 3);
    expect(proposal.worstAfter).toBeCloseTo(10.2 / 14, 3);
    const after = withPacks(trip, new Map(proposal.changes.map((c) => [c.member.id, c.to.id])));
    expect(packProposal(after)).toBeUndefined();
  });
  test('own packs stay with their owner', () => {
    expect(said(two([pack('pack-ada', 30), pack('pack-ben', 70)]))).toEqual([]);
    expect(said(two([pack('pack-ada', 30, { shared: true }), pack('pack-ben', 70)]))).toEqual([]);
  });
  test('a spare pack goes to whom it helps; what an owner left at home is not for others', () => {
    const packs = [pack('pack-ada', 30), pack('pack-ben', 30), pack('spare', 60, { shared: true })];
    const trip = two(packs);
    expect(sparePacks(trip).map((p) => p.id)).toEqual(['spare']);
    expect(said(trip)).toEqual(['ada 60 L pack']);
    const after = withPacks(trip, new Map([['ada', 'spare']]));
    expect(sparePacks(after)).toEqual([]);
    expect(said(two([...packs.slice(0, 2), pack('spare', 60)]))).toEqual([]);
  });
  test('nobody is made the worst off so that others are better off', () => {
    // Ben's load is 10 kg over any limit: a heavier pack for him would help Ada, and him harm.
    const trip = two([pack('pack-ada', 80, { shared: true }), pack('pack-ben', 40, { shared: true })]);
    const heavy: Trip = {
      ...trip,
      personalThings: [own('a', 'ada', 20, 13), own('b', 'ben', 20, 24)],
    };
    expect(said(heavy)).toEqual([]);
  });
  test('a back that does not fit goes before a few grams, not before room', () => {
    const short = { shared: true, torso: { leastCm: 30, mostCm: 38 } };
    const long = { shared: true, torso: { leastCm: 39, mostCm: 60 } };
    const of = (ada: number, ben: number): Trip => ({
      ...two([pack('pack-ada', 60, short), pack('pack-ben', 60, long)]),
      members: [aMember('ada', { torsoCm: ada }), aMember('ben', { torsoCm: ben })],
    });
    expect(said(of(50, 35))).toEqual(['ada 60 L pack', 'ben 60 L pack']);
    expect(said(of(35, 50))).toEqual([]);
    const tight = two([pack('pack-ada', 70, short), pack('pack-ben', 30, long)]);
    expect(said({ ...tight, members: tight.members.map((m) => ({ ...m, torsoCm: 50 })) })).toEqual([]);
  });
  test('nobody, and whoever walks without a pack, ask for none', () => {
    expect(packProposal({ ...two([]), members: [], personalThings: [] })).toBeUndefined();
  });
});
