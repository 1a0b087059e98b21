import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { HouseRules, Piece, Thing, Trip } from '../trip/model.js';
import { nameAlone } from '../trip/queries.js';
import { bundlePieces, keptApart } from './bundlePieces.js';
import { shareProblem } from './problem.js';
import { solveShare } from './solveShare.js';

const piece = (id: string, purpose: Thing['purpose'], more: Partial<Piece> = {}): Piece => ({
  ...aThing(id, { purpose }),
  ...more,
});
const trip: Trip = {
  ...aTrip([aMember('a', { cookGroupId: 'north' }), aMember('b', { cookGroupId: 'north' })], []),
  groups: [{ id: 'north', name: 'North', kind: 'cook' }],
  kits: [
    {
      id: 'cook',
      name: 'North: gas cook set',
      pieces: ['burner', 'windshield']
        .map((id) => piece(id, 'stove'))
        .concat(piece('pot', 'pot'), piece('lighter', 'fire'), piece('ladle', 'tableware')),
    },
    {
      id: 'fuel',
      name: 'Fuel',
      pieces: [piece('gas', 'fuel', { flags: ['gasFuel'], onlyGroupId: 'north' })],
    },
    { id: 'food', name: 'Food', pieces: [piece('dinner', 'food', { onlyGroupId: 'north' })] },
  ].map((kit) =>
    kit.id === 'cook' ? { ...kit, pieces: kit.pieces.map((p) => ({ ...p, onlyGroupId: 'north' })) } : kit,
  ),
};
const ruled = (cookSet: HouseRules['cookSet']): Trip => ({
  ...trip,
  houseRules: { ...trip.houseRules, cookSet },
});
const bundles = (t: Trip): readonly string[] =>
  bundlePieces(t)
    .filter((b) => b.length > 1)
    .map((b) => b.map((p) => p.id).join(' '));

test('a cook set is with one, with its fuel or without, or goes as it comes', () => {
  expect(bundles(ruled('together'))).toEqual(['burner windshield pot lighter']);
  expect(bundles(ruled('withFuel'))).toEqual(['burner windshield pot lighter gas']);
  expect(bundles(ruled('free'))).toEqual([]);
});
test('stove here, food with another: and so the share has it', () => {
  const apart = ruled('stoveApart');
  expect(keptApart(apart).map((rule) => rule.pieceIds)).toEqual([['burner', 'dinner']]);
  const result = solveShare(shareProblem(apart), { seed: 1, iterations: 20_000 });
  if (result.kind !== 'solved') throw new Error('expected a share');
  const carrier = new Map(result.share.map((a) => [a.pieceId, a.memberId]));
  expect(carrier.get('pot')).toBe(carrier.get('burner'));
  expect(carrier.get('dinner')).not.toBe(carrier.get('burner'));
});
test('a kit that says over how many it goes is split like that; two groups’ burners in one kit are no set', () => {
  const split = { ...trip, kits: trip.kits.map((k) => (k.id === 'cook' ? { ...k, splitWays: 3 } : k)) };
  expect(bundles(split)).not.toContain('burner windshield pot lighter');
  const mixed = {
    ...trip,
    kits: trip.kits.map((k) => ({
      ...k,
      pieces: k.pieces.map((p) => (p.id === 'pot' ? { ...p, onlyGroupId: 'south' } : p)),
    })),
  };
  expect(bundles(mixed)).toEqual([]);
});
test('what the leader put into a holder stays with it', () => {
  const nested = {
    ...ruled('free'),
    kits: trip.kits.map((k) => ({
      ...k,
      pieces: k.pieces.map((p) => (p.id === 'gas' ? { ...p, nestsIn: 'pot' } : p)),
    })),
  };
  expect(bundles(nested)).toEqual(['pot gas']);
});
test('a piece says of which set it is wherever it stands alone, once', () => {
  const names = (words: readonly (readonly [id: string, name: string])[]): readonly string[] =>
    words.map(([id, name]) => nameAlone(trip, { ...trip.kits[0]!.pieces.find((p) => p.id === id)!, name }));
  expect(
    names([
      ['burner', 'Burner'],
      ['pot', 'North: pot'],
      ['ladle', 'North ladle'],
    ]),
  ).toEqual(['North: Burner', 'North: pot', 'North ladle']);
  const tent = {
    ...trip,
    groups: [],
    kits: [
      { id: 't', name: 'Tent A: for two', pieces: [piece('body', 'tentBody'), piece('fly', 'tentFly')] },
    ],
  };
  expect(tent.kits[0]!.pieces.map((p) => nameAlone(tent, p))).toEqual(['Tent A: body', 'Tent A: fly']);
  const loose = {
    ...trip,
    groups: [],
    kits: [{ id: 's', name: 'Safety', pieces: [piece('aid', 'firstAid')] }],
  };
  expect(nameAlone(loose, loose.kits[0]!.pieces[0]!)).toBe('aid');
});
