import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import { eveningList } from './eveningList.js';

const eaten = (fromDay: number, toDay = fromDay) => ({ fromDay, toDay, residueKg: 0 });
const own = (thing: Thing, memberId: string): PersonalThing => ({ ...thing, memberId, worn: false });
const food = (id: string, fromDay: number, more: Partial<Thing> = {}): Thing =>
  aThing(id, { purpose: 'food', consumption: eaten(fromDay), ...more });
const base = aTrip(
  [aMember('ada'), aMember('ben', { firstDay: 2, joinsAt: 'the ford' })],
  [
    food('dinner 2', 2),
    food('dinner 3', 3),
    aThing('rope', { fromDay: 2, toDay: 2, joinsAt: 'the hut', leavesAt: 'the shop' }),
    food('box', 2, { fromDay: 2 }),
    aThing('bag of water', { purpose: 'water', fromDay: 2, toDay: 2 }),
  ],
  [
    own(food('lunch 2', 2, { needed: 'stop', purpose: 'snack' }), 'ada'),
    own(aThing('snacks', { purpose: 'snack', needed: 'walking', consumption: eaten(1, 3) }), 'ada'),
    own(aThing('bag', { purpose: 'sleepingBag' }), 'ben'),
  ],
  3,
);
const trip: Trip = {
  ...base,
  share: base.kits[0]!.pieces.map((p) => ({ pieceId: p.id, memberId: 'ada', locked: false })),
};

test('tomorrow’s food moves up: lunch to the top, dinner above what is eaten later; what is eaten all along stays', () => {
  const { members } = eveningList(trip, 1);
  expect(members.map((m) => [m.member.id, m.movesUp.map((f) => [f.id, f.onTheWay])])).toEqual([
    [
      'ada',
      [
        ['lunch 2', true],
        ['dinner 2', false],
      ],
    ],
  ]);
});
test('what rides in a container is told to come out of it', () => {
  const tin = aThing('tin', {
    purpose: 'foodContainer',
    foodCapacityL: 9,
    shape: { kind: 'block', lengthCm: 30, widthCm: 20, heightCm: 20 },
  });
  const withTin: Trip = {
    ...trip,
    kits: [{ ...trip.kits[0]!, pieces: [...trip.kits[0]!.pieces, tin] }],
    share: [...trip.share, { pieceId: 'tin', memberId: 'ada', locked: false }],
  };
  expect(eveningList(withTin, 1).members[0]!.movesUp.map((f) => [f.id, f.place])).toContainEqual([
    'dinner 2',
    'in tin',
  ]);
});
test('what is fetched and left, where, by whom; and who comes', () => {
  const first = eveningList(trip, 1);
  expect(first.joins).toEqual([
    { id: 'rope', name: 'rope', at: 'the hut', who: 'ada' },
    { id: 'box', name: 'box', who: 'ada' },
  ]);
  expect(first.comes).toEqual([{ id: 'ben', name: 'ben', at: 'the ford' }]);
  expect(first.leaves).toEqual([]);
  expect(eveningList(trip, 2).leaves).toEqual([{ id: 'rope', name: 'rope', at: 'the shop', who: 'ada' }]);
});
test('after the last day there is nothing to do', () =>
  expect(eveningList(trip, 3)).toEqual({ members: [], joins: [], leaves: [], comes: [] }));
