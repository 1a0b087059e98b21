import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { adoptStow, handOver } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { assessStow } from './assessStow.js';
import { planStow } from './planStow.js';
import { thingsEverInPack } from '../trip/queries.js';
import { changedPacks, restow } from './restow.js';

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

test('a pack planned anew has a place for what comes to it on another day than the heaviest', () => {
  for (const member of [a!, b!]) {
    const stow = planStow(after, member.id, { seed: 1, iterations: 4000 }).stow;
    const placed = new Set(stow.placements.map((p) => p.thingId));
    for (const thing of thingsEverInPack(after, member.id))
      expect([thing.id, placed.has(thing.id)]).toEqual([thing.id, true]);
  }
});

describe('a pack too full for what comes', () => {
  const bulky = after.kits.flatMap((k) => k.pieces).find((p) => p.id === given)!;
  /** What is handed over is as large as half the pack. */
  const large: Trip = {
    ...stowed,
    kits: stowed.kits.map((k) => ({
      ...k,
      pieces: k.pieces.map((p) =>
        p.id === given ? { ...bulky, volumeL: 30, shape: { kind: 'pouch' as const } } : p,
      ),
    })),
  };
  const next = restow(handOver(large, 2, [{ pieceId: given, toMemberId: b!.id }], 'tired'), b!.id, 2)!;
  test('says so, has all there is a place for, and is the same every time', () => {
    expect(next.added).toEqual([given]);
    expect(next.misfit).toBeGreaterThan(0);
    const again = restow(handOver(large, 2, [{ pieceId: given, toMemberId: b!.id }], 'tired'), b!.id, 2)!;
    expect(again).toEqual(next);
  });
  test('what was moved is named, and only that has moved', () => {
    const before = new Map(
      stowed.stows.find((s) => s.memberId === b!.id)!.placements.map((p) => [p.thingId, p.zoneId]),
    );
    const elsewhere = next.stow.placements
      .filter((p) => before.has(p.thingId) && before.get(p.thingId) !== p.zoneId)
      .map((p) => p.thingId);
    expect([...next.moved].sort()).toEqual([...elsewhere].sort());
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
  test('all fits, and no more is unsafe than was before', () => {
    expect(next.misfit).toBeLessThan(1e-6);
    const trip = adoptStow(after, next.stow);
    const unsafe = (t: Trip, day: number): readonly string[] =>
      assessStow(t, b!.id, day)
        .findings.filter((f) => f.severity === 'fit' || f.severity === 'safety')
        .map((f) => f.ruleId);
    for (const day of [2, 3]) {
      const before = unsafe(stowed, day);
      expect(unsafe(trip, day).filter((rule) => !before.includes(rule))).toEqual([]);
    }
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
