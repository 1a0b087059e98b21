import fc from 'fast-check';
import { isMarked, markKey, replacedBy, standing, type SheetMark } from './marks.js';

const mark = (
  id: string,
  value: boolean,
  replaces: readonly string[] = [],
  at = `2027-05-10T0${id}`,
): SheetMark => ({
  id,
  kind: 'packed',
  thingId: 'tent',
  value,
  at,
  replaces,
});
const TENT = { kind: 'packed', thingId: 'tent' } as const;

/** Devices that tick and untick one thing, now and then learning all that the others have told. */
const history = fc
  .array(fc.record({ device: fc.nat(2), value: fc.boolean(), syncs: fc.boolean() }), {
    minLength: 1,
    maxLength: 12,
  })
  .map((steps) => {
    const known: SheetMark[][] = [[], [], []];
    const all: SheetMark[] = [];
    steps.forEach(({ device, value, syncs }, i) => {
      if (syncs) known[device] = [...all];
      const own = known[device]!;
      const made: SheetMark = {
        ...TENT,
        id: `m${i}`,
        value,
        at: String(i).padStart(3, '0'),
        replaces: replacedBy(standing(own), TENT),
      };
      own.push(made);
      all.push(made);
    });
    return all;
  });

describe('what stands of marks', () => {
  test('whatever the order they come in and however often, the same stands', () => {
    fc.assert(
      fc.property(history, fc.infiniteStream(fc.nat()), (marks, chances) => {
        const shuffled = [...marks, ...marks]
          .map((m) => ({ m, at: chances.next().value }))
          .sort((a, b) => a.at - b.at)
          .map(({ m }) => m);
        expect([...standing(shuffled)]).toEqual([...standing(marks)]);
      }),
      { seed: 1 },
    );
  });

  test('nobody’s word is lost: each mark stands, or is replaced by one made by a device that knew it', () => {
    fc.assert(
      fc.property(history, (marks) => {
        const { heads } = standing(marks).get(markKey(TENT))!;
        const byId = new Map(marks.map((m) => [m.id, m]));
        const reached = new Set<string>();
        const walk = (id: string): void => {
          if (reached.has(id)) return;
          reached.add(id);
          byId.get(id)!.replaces.forEach(walk);
        };
        heads.forEach(walk);
        expect(reached.size).toBe(marks.length);
      }),
      { seed: 2 },
    );
  });

  test('a mark made by who knows all settles every conflict', () => {
    fc.assert(
      fc.property(history, fc.boolean(), (marks, value) => {
        const last = mark('9', value, replacedBy(standing(marks), TENT));
        expect(standing([...marks, last]).get(markKey(TENT))).toEqual({
          mark: last,
          others: [],
          heads: ['9'],
        });
      }),
      { seed: 3 },
    );
  });

  test('two devices that did not know of each other: both are shown, the later one first', () => {
    const state = standing([mark('1', true), mark('2', false, ['1']), mark('3', true, ['1'])]);
    const stands = state.get(markKey(TENT))!;
    expect([stands.mark.id, stands.others.map((m) => m.id)]).toEqual(['3', ['2']]);
    expect(isMarked(state, TENT)).toBe(true);
  });

  test('two devices that say the same are no conflict', () => {
    const state = standing([mark('1', true), mark('2', true)]);
    expect(state.get(markKey(TENT))!.others).toEqual([]);
    expect(replacedBy(state, TENT)).toEqual(['2', '1']);
  });

  test('keys are apart: a thing received is not a thing packed', () => {
    const state = standing([mark('1', true)]);
    expect(isMarked(state, { kind: 'received', thingId: 'tent' })).toBe(false);
    expect(isMarked(state, { kind: 'packed', thingId: 'stove' })).toBe(false);
    expect(replacedBy(state, { kind: 'safety' })).toEqual([]);
  });
});
