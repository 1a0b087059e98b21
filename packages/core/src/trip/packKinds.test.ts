import { tripErrors } from '../formats/tripFile.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { customPack, OPTIONAL_PARTS } from './customPack.js';
import type { Pack } from './model.js';
import { PACK_KINDS, type PackKind } from './packKinds.js';
import { packVolumeL } from './queries.js';
import { assess } from '../stow/assessStow.js';
import { solveStow } from '../stow/solveStow.js';
import { stowProblem } from '../stow/stowProblem.js';

const made = (kind: PackKind, volumeL = 65): Pack =>
  customPack('pack-a', { name: kind, volumeL, tareKg: 2, ratedLoadKg: 20, parts: OPTIONAL_PARTS, kind });
const things = [
  aThing('bag', {
    massKg: 1,
    volumeL: 8,
    purpose: 'sleepingBag',
    shape: { kind: 'stuff', looseVolumeL: 16 },
  }),
  aThing('foam', {
    massKg: 0.4,
    volumeL: 9.5,
    purpose: 'mat',
    flags: ['ridesOutside'],
    shape: { kind: 'roll', lengthCm: 51, diameterCm: 15.5 },
  }),
  aThing('tins', { massKg: 3, volumeL: 3, purpose: 'food' }),
].map((t) => ({ ...t, memberId: 'a', worn: false }));

test.each(PACK_KINDS)('a pack of the kind "%s" is valid, holds what it says, and can be packed', (kind) => {
  const trip = { ...aTrip([aMember('a')], [], things), packs: [made(kind)] };
  expect(tripErrors(trip)).toEqual([]);
  // A child's pockets are smaller: the whole is at most that.
  expect(packVolumeL(made(kind))).toBeLessThanOrEqual(66);
  expect(packVolumeL(made(kind))).toBeGreaterThan(kind === 'child' ? 60 : 64);
  const problem = stowProblem(trip, 'a', 1);
  const { stow } = solveStow(problem, [], { seed: 1, iterations: 3000 });
  const { placed, findings } = assess(problem, stow.placements);
  expect(findings.filter((f) => ['fit', 'safety', 'access'].includes(f.severity))).toEqual([]);
  expect(placed.find((p) => p.thing.id === 'foam')!.zone.kind).toBe('lash');
});

test('a top loader opens at the top alone, a panel loader along the front', () => {
  expect(made('usual').main!.openings).toEqual(['top', 'bottom']);
  expect(made('topLoader').main).toMatchObject({ openings: ['top'], divider: false });
  expect(made('topLoader').main!.bottomPartCm).toBeUndefined();
  expect(made('panelLoader').main!.openings).toEqual(['top', 'front']);
});

test('on a frame the bag is higher by the shelf, and the harness where the body is', () => {
  const [usual, framed] = [made('usual'), made('externalFrame')];
  const zOf = (pack: Pack, id: string): number => pack.zones.find((z) => z.id === id)!.at.z;
  const shelf = framed.zones.find((z) => z.id === 'shelf')!;
  for (const id of ['bottom', 'core', 'top', 'lid', 'front', 'side-left', 'lash-top'])
    expect(zOf(framed, id) - zOf(usual, id)).toBeCloseTo(shelf.heightCm, 6);
  for (const id of ['belt-left', 'strap-right']) expect(zOf(framed, id)).toBe(zOf(usual, id));
  // The shelf ends where the bag begins.
  expect(shelf.at.z + shelf.heightCm).toBeCloseTo(framed.main!.at.z, 6);
  expect(framed.zones.some((z) => z.id === 'lash-below')).toBe(false);
});

test('a child’s harness is smaller and lower, and fits a small back', () => {
  const [usual, child] = [made('usual', 14), made('child', 14)];
  const of = (pack: Pack) => pack.zones.find((z) => z.id === 'strap-left')!;
  expect(of(child).heightCm / of(usual).heightCm).toBeCloseTo(0.8, 1);
  expect(of(child).at.z).toBeLessThan(of(usual).at.z);
  expect(child.torso!.leastCm).toBeLessThan(30);
});
