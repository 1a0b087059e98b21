import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../../formats/tripFile.js';
import { shareProblem } from '../../share/problem.js';
import { solveShare } from '../../share/solveShare.js';
import { stowOnDay } from '../../stow/movesUp.js';
import { planStow } from '../../stow/planStow.js';
import { placeAt } from '../../stow/placeAt.js';
import { planningDay, stowProblem } from '../../stow/stowProblem.js';
import type { Placement, Trip } from '../../trip/model.js';
import { randomParty } from '../randomParty.js';
import { objections, seenPack, type Objection } from './index.js';

const DATA = join(__dirname, '../../../../../data');

/** A trip of the data, with a share where it has none. */
function tripFrom(file: string): Trip {
  const trip = parseTripFile(readFileSync(join(DATA, `${file}.graft.json`), 'utf8'));
  const solved = solveShare(shareProblem(trip), { seed: 1, iterations: 5000 });
  return solved.kind === 'solved' ? { ...trip, share: solved.share } : trip;
}
const seen = (
  trip: Trip,
  memberId: string,
  placements: readonly Placement[],
  day = planningDay(trip, memberId),
): readonly Objection[] =>
  objections(
    seenPack(trip, memberId, day, stowOnDay(stowProblem(trip, memberId, day), placements).placements),
  );

describe('the eye sees what is wrong', () => {
  const trip = tripFrom('parties/three-on-snow');
  const { placements } = planStow(trip, 'sten', { seed: 1, effort: 0.02 }).stow;
  const problem = stowProblem(trip, 'sten', planningDay(trip, 'sten'));
  const own = trip.personalThings.filter((t) => t.memberId === 'sten');
  test.each([
    ['mat', 'front', 'inflatable-inside'],
    ['rainwear', 'bottom', 'rain-gear'],
    ['light', 'bottom', 'light-map'],
    ['waterContainer', 'front', 'bottles'],
  ])('a %s in the %s', (purpose, kind, statement) => {
    const moved = own.filter((t) => t.purpose === purpose && placements.some((p) => p.thingId === t.id));
    const zone = trip.packs
      .find((p) => p.id === trip.members.find((m) => m.id === 'sten')!.packId)!
      .zones.find((z) => z.kind === kind)!;
    const spoilt = moved.reduce<readonly Placement[]>(
      (now, t) => placeAt(problem, now, t.id, { zoneId: zone.id, side: 'centre', pinned: true }),
      placements,
    );
    expect(moved).not.toEqual([]);
    expect(seen(trip, 'sten', spoilt).map((o) => o.statement)).toContain(statement);
  });
});

describe('a plan passes it', () => {
  /** What a planner may never do for balance or room. */
  const HARM = ['fuel-food', 'fuel-alone', 'points-back', 'points-soft', 'wet-dry', 'outside-only-tough'];
  test.each([
    ['parties/couple-seven-days', 'bram'],
    ['parties/two-frameless', 'kee'],
    ['parties/three-in-the-desert', 'joris'],
  ])('%s: %s', (file, memberId) => {
    const trip = tripFrom(file);
    const { stow } = planStow(trip, memberId, { seed: 1, effort: 0.1 });
    const found = seen(trip, memberId, stow.placements).map((o) => o.statement);
    expect(found.filter((id) => HARM.includes(id))).toEqual([]);
    expect(found.length).toBeLessThanOrEqual(3);
  });
});

test('parties that nobody made for it: at most one objection in ten packs, all their days together', () => {
  const found = [7, 12, 18].flatMap((seed) => {
    const trip = randomParty(seed);
    return trip.members.map((m) => {
      const { placements } = planStow(trip, m.id, { seed: 1, effort: 0.3 }).stow;
      return trip.legs.flatMap((_leg, i) => seen(trip, m.id, placements, i + 1));
    });
  });
  expect(found.length).toBeGreaterThanOrEqual(8);
  expect(found.flat().length).toBeLessThanOrEqual(Math.ceil(found.length / 10));
});
