import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { settleLarder } from '../larder/landLarder.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import { gatherChecks, kitChecks, kitCheckSteps } from './kitChecks.js';
import { dismissFinding, recallFinding } from './putAside.js';
import { runs } from '../testing/runs.js';

const LIB = starterLibrary();
const own = (memberId: string, id: string, more: Partial<PersonalThing> = {}): PersonalThing => ({
  ...aThing(id, more),
  memberId,
  worn: false,
  ...more,
});
const camp = aTrip(
  [aMember('a', { name: 'Ada' }), aMember('b', { name: 'Ben' })],
  [aThing('stove', { name: 'Stove', purpose: 'stove', needs: ['gas'] })],
  [
    own('a', 'burner', { name: 'Burner', purpose: 'stove', massKg: 0.1 }),
    own('b', 'bar', { name: 'Bar', purpose: 'snack', expiresOn: '2020-01-01' }),
  ],
  3,
);

describe('all checks together', () => {
  test('what must be settled comes first, then what should, then what could', () => {
    const weights = kitChecks(camp, LIB).open.map((f) => ['must', 'should', 'could'].indexOf(f.weight));
    expect(weights).toEqual([...weights].sort((a, b) => a - b));
    expect(weights[0]).toBe(0);
  });
  test('among equals the largest saving comes first', () => {
    const { open } = kitChecks(camp, LIB);
    for (const weight of ['must', 'should', 'could'])
      expect(open.filter((f) => f.weight === weight).map((f) => f.cures[0]?.changeKg ?? 0)).toEqual(
        open
          .filter((f) => f.weight === weight)
          .map((f) => f.cures[0]?.changeKg ?? 0)
          .sort((a, b) => a - b),
      );
  });
  test('ids tell findings apart, so that putting one aside puts no other aside', () => {
    const ids = kitChecks(camp, LIB).open.map((f) => f.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
  test('put aside with its reason, taken up again; a dismissal of what is gone says nothing', () => {
    const finding = kitChecks(camp, LIB).open.find((f) => f.kind === 'expired')!;
    const aside = dismissFinding(camp, finding.id, 'eaten on the train');
    expect(kitChecks(aside, LIB).dismissed).toEqual([
      { finding: expect.objectContaining({ id: finding.id }) as unknown, reason: 'eaten on the train' },
    ]);
    expect(kitChecks(aside, LIB).open.map((f) => f.id)).not.toContain(finding.id);
    expect(dismissFinding(aside, finding.id, 'other').dismissals).toEqual([
      { id: finding.id, reason: 'other' },
    ]);
    expect(recallFinding(aside, finding.id)).toEqual(camp);
    const gone: Trip = { ...aside, personalThings: [] };
    expect(kitChecks(gone, LIB).dismissed).toEqual([]);
  });
  test('run one by one they find the same', () => {
    const found = kitCheckSteps(camp, LIB).flatMap((step) => step());
    const ids = (checks: { open: readonly { id: string }[] }): readonly string[] =>
      checks.open.map((f) => f.id);
    expect(ids(gatherChecks(camp, found))).toEqual(ids(kitChecks(camp, LIB)));
    expect(found.length).toBeGreaterThan(5);
  });
  test('property: on any trip, every cure of every finding leaves a whole trip, and keeps what it does not speak of', () => {
    fc.assert(
      fc.property(arbitraryTrip(), (random) => {
        const trip = settleLarder({ ...random, meals: [] }, random);
        const { open, dismissed } = kitChecks(trip, LIB);
        const ids = [...open, ...dismissed.map((d) => d.finding)].map((f) => f.id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const finding of open) {
          expect(finding.id.length).toBeLessThanOrEqual(200);
          expect(finding.what).not.toBe('');
          for (const cure of finding.cures) {
            const next = cure.apply(trip);
            expect(tripErrors(next)).toEqual([]);
            // Who brings what is the only thing that a cure says of a member.
            if (finding.kind !== 'ownThings') expect(next.members).toEqual(trip.members);
            expect(Number.isFinite(cure.changeKg)).toBe(true);
          }
        }
      }),
      { seed: 21, numRuns: runs(40) },
    );
  });
});
