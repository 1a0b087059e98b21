import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { adoptStow, handOver } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { assessStow } from './assessStow.js';
import { planStow } from './planStow.js';
import { changedPacks, restow } from './restow.js';
import { planningDay } from './stowProblem.js';

const plan = parseTripFile(
  readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8'),
);
const [a, b] = plan.members;
/** Both packs planned, quickly. */
const stowed = [a!, b!].reduce<Trip>(
  (t, m) => adoptStow(t, planStow(t, m.id, { seed: 1, iterations: 8000 }).stow),
  plan,
);
const given = stowed.share.find((s) => s.memberId === a!.id)!.pieceId;
const after = handOver(stowed, 2, [{ pieceId: given, toMemberId: b!.id }], 'tired');

describe('packs that a handover changes', () => {
  test('both ends of it, from that day on; none when nothing changed hands', () => {
    expect(changedPacks(stowed, after, 2)).toEqual([a!.id, b!.id]);
    expect(changedPacks(stowed, stowed, 1)).toEqual([]);
  });
  test('a handover on day 2 changes nothing when only the last day is looked at and both agree there', () => {
    const back = handOver(after, 3, [{ pieceId: given, toMemberId: a!.id }], 'well');
    expect(changedPacks(stowed, back, 3)).toEqual([]);
    expect(changedPacks(stowed, back, 2)).toEqual([a!.id, b!.id]);
  });
});

describe('a stow after a handover', () => {
  const next = restow(after, b!.id, 2)!;
  const before = stowed.stows.find((s) => s.memberId === b!.id)!;
  test('the new thing has a place; everything else is where it was', () => {
    expect(next.added).toEqual([given]);
    const zones = (stow: typeof before) => new Map(stow.placements.map((p) => [p.thingId, p.zoneId]));
    const [was, is] = [zones(before), zones(next.stow)];
    for (const [id, zone] of was) if (!next.moved.includes(id)) expect(is.get(id)).toBe(zone);
    expect(is.has(given)).toBe(true);
    expect(is.size).toBe(was.size + 1);
  });
  test('the whole is no worse than the hardest rule: all fits, nothing unsafe', () => {
    expect(next.misfit).toBeLessThan(1e-6);
    const trip = adoptStow(after, next.stow);
    const graver = (t: Trip, day: number): number =>
      assessStow(t, b!.id, day).findings.filter((f) => f.severity === 'fit' || f.severity === 'safety')
        .length;
    const day = Math.max(2, planningDay(trip, b!.id));
    expect(graver(trip, day)).toBe(0);
  });
  test('whoever gave it keeps their stow as it is', () =>
    expect(restow(after, a!.id, 2)).toMatchObject({
      added: [],
      moved: [],
      stow: after.stows.find((s) => s.memberId === a!.id)!,
    }));
  test('a pack that was never stowed has no places to keep to', () =>
    expect(restow({ ...after, stows: [] }, b!.id, 2)).toBeUndefined());
});
