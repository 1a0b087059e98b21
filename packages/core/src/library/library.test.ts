import fc from 'fast-check';
import { entryOfThing } from '../lists/takeFromLibrary.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { runs } from '../testing/runs.js';
import { allThings } from '../trip/queries.js';
import { kitParts } from '../trip/kitParts.js';
import { applyLibraryEdits } from './libraryModel.js';
import { libraryEntryErrors } from './librarySchema.js';
import { starterLibrary } from './starterLibrary.js';

describe('the starter library', () => {
  test("every entry passes the library's own checks", () => {
    expect(starterLibrary().flatMap((entry) => libraryEntryErrors(entry, entry.id))).toEqual([]);
  });
  test('150 entries and more, no id or name twice in its kind', () => {
    expect(starterLibrary().length).toBeGreaterThanOrEqual(150);
    expect(new Set(starterLibrary().map((e) => e.id)).size).toBe(starterLibrary().length);
    const names = starterLibrary().map((e) => `${e.kind === 'thing' ? e.use : e.kind} ${e.name}`);
    expect(new Set(names).size).toBe(names.length);
  });
  test('every mass is marked as an estimate: nobody has weighed it', () => {
    const things = starterLibrary().flatMap((e) =>
      e.kind === 'thing' ? [e.thing] : e.kind === 'kit' ? e.pieces.map((p) => p.thing) : [],
    );
    expect(things.every((t) => t.massEstimated && t.massKg > 0)).toBe(true);
  });
  test('dried dinners weigh about a third of the same meal wet, and food has 2 to 7 kcal a gram dried', () => {
    // About a third: common practice, no source.
    const dishes = starterLibrary().flatMap((e) => (e.kind === 'dish' ? [e] : []));
    const dinners = dishes.filter((e) => e.meals.includes('dinner'));
    const mean = (form: string): number => {
      const masses = dinners.filter((e) => e.dish.form === form).map((e) => e.dish.gPerServing);
      return masses.reduce((a, b) => a + b, 0) / masses.length;
    };
    expect(mean('dried') / mean('wet')).toBeGreaterThan(0.27);
    expect(mean('dried') / mean('wet')).toBeLessThan(0.45);
    for (const { name, dish } of dishes.filter((e) => e.dish.form === 'dried')) {
      expect([
        name,
        dish.kcalPerServing / dish.gPerServing > 3 && dish.kcalPerServing / dish.gPerServing < 7,
      ]).toEqual([name, true]);
    }
  });
  test('a tent for two goes in two parts of nearly the same mass', () => {
    const tent = starterLibrary().find((e) => e.id === 'kit-tent-for-two')!;
    if (tent.kind !== 'kit') throw new Error('expected a kit');
    const parts = kitParts({
      id: 'k',
      name: 'k',
      splitWays: tent.splitWays!,
      pieces: tent.pieces.map((p) => ({ ...p.thing, id: p.id, name: p.name })),
    });
    expect(parts.map((part) => part.map((p) => p.name))).toEqual([
      ['Tent body', 'Pegs'],
      ['Fly', 'Poles'],
    ]);
  });
});

describe('library entries', () => {
  const thing = starterLibrary().find((e) => e.id === 'own-rain-jacket')!;
  test('errors name the field, the value and what was expected', () => {
    expect(
      libraryEntryErrors(
        { ...thing, use: 'both', thing: { ...(thing as { thing: object }).thing, massKg: -1 } },
        'entry',
      ),
    ).toEqual([
      { path: 'entry.use', message: 'expected one of each, group, got "both"' },
      { path: 'entry.thing.massKg', message: 'expected a number from 0 to 60 kg, got -1' },
    ]);
    expect(libraryEntryErrors({ kind: 'boat' })).toEqual([
      { path: 'kind', message: 'expected one of thing, kit, dish, got "boat"' },
    ]);
    expect(
      libraryEntryErrors({ ...thing, thing: { ...(thing as { thing: object }).thing, fromDay: 2 } })[0]
        ?.message,
    ).toContain('fromDay');
  });
  test('a piece nests in another piece of its kit, not in itself or elsewhere', () => {
    const kit = starterLibrary().find((e) => e.id === 'kit-alcohol-cook-set-1-l')!;
    if (kit.kind !== 'kit') throw new Error('expected a kit');
    const broken = { ...kit, pieces: kit.pieces.map((p, i) => (i === 1 ? { ...p, nestsIn: p.id } : p)) };
    expect(libraryEntryErrors(broken).map((e) => e.path)).toEqual(['pieces[1].nestsIn']);
  });
  test('edits put, replace and remove', () => {
    const [a, b] = starterLibrary();
    const renamed = { ...a!, name: 'Other' };
    expect(
      applyLibraryEdits(
        [a!],
        [
          { kind: 'put', entry: b! },
          { kind: 'put', entry: renamed },
        ],
      ),
    ).toEqual([renamed, b]);
    expect(applyLibraryEdits([a!, b!], [{ kind: 'remove', id: a!.id }])).toEqual([b]);
  });
});

test('whatever a thing of a trip says, as an entry it passes the library’s checks', () =>
  fc.assert(
    fc.property(arbitraryTrip(), (trip) => {
      for (const thing of allThings(trip)) {
        const entry = entryOfThing(thing, []);
        expect(libraryEntryErrors(entry)).toEqual([]);
      }
    }),
    { numRuns: runs(60) },
  ));
