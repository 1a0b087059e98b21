import { randomShareTrip } from '../testing/shareClasses.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { shareProblem } from './problem.js';
import { proveLevel } from './proveLevel.js';
import { ShareState } from './shareState.js';
import { greedyAssignment } from './startingShares.js';
import { heaviestFirst, twinBefore, twinCarrierBefore } from './twins.js';

test('what is alike is found, and what a rule tells apart is not', () => {
  const trip = aTrip(
    [aMember('a'), aMember('b'), aMember('c', { bodyMassKg: 90 })],
    ['x', 'y', 'z', 'big'].map((id) => aThing(id, { massKg: id === 'big' ? 3 : 1 })),
  );
  const problem = shareProblem(trip);
  const order = heaviestFirst(problem);
  expect(order).toEqual([3, 0, 1, 2]);
  expect([...twinBefore(problem, order)]).toEqual([-1, 0, 1, -1]);
  expect([...twinCarrierBefore(problem, [0, 1, 2])]).toEqual([-1, 0, -1]);
  const ruled = shareProblem({
    ...trip,
    carrierRules: [{ id: 'r', kind: 'different', pieceIds: ['x', 'y'], reason: 'two of them' }],
  });
  expect([...twinBefore(ruled, order)]).toEqual([-1, -1, -1, -1]);
});

test('equal members and pieces are proven in a small part of the choices: as many ways to say the same', () => {
  // Nine alike over three alike: three each, and no other share is as low.
  const trip = aTrip(
    ['a', 'b', 'c'].map((id) => aMember(id)),
    Array.from({ length: 10 }, (_v, i) => aThing(`p${i}`, { massKg: 1 })),
  );
  const problem = shareProblem(trip);
  const start = greedyAssignment(problem);
  const proof = proveLevel(problem, start, new ShareState(problem, start).level(), 0, 1_000_000);
  expect(proof.proven).toBe(true);
  expect(proof.nodes).toBeLessThan(2000);
  const equal = shareProblem(randomShareTrip({ members: 4, pieces: 16, days: 3, equal: true }, 1));
  const from = greedyAssignment(equal);
  expect(proveLevel(equal, from, new ShareState(equal, from).level(), 0, 4_000_000).proven).toBe(true);
});
