/** @jest-environment jest-fixed-jsdom */
import 'fake-indexeddb/auto';
import { addDays } from '@graft/core/units';
import { api } from '../shared/api';
import { today } from '../shared/dates';
import { queries, tripKey } from '../shared/queries';
import { demoTrip } from '../testing/demo';
import { fakeServer } from '../testing/fakeServer';
import { enterDevice, forgetDevice } from './deviceStore';
import { remember } from './keptAccount';
import { keepTrip } from './keptTrips';
import { openAhead, openNow } from './openAhead';

const trip = { ...demoTrip('hut-roof'), startDate: addDays(today(), 30) };
const { id } = trip;
const olga = {
  account: { id: 'olga', name: 'Olga', email: 'olga@example.org', demo: false },
  demoOffered: false,
  mail: false,
};
const opened = (): unknown => queries.getQueryData(tripKey(id));
let server = fakeServer(trip);

beforeEach(async () => {
  localStorage.clear();
  queries.clear();
  server = fakeServer(trip);
  await enterDevice('olga');
  await keepTrip({ id, role: 'owner', version: 1, trip });
});
afterEach(async () => {
  jest.restoreAllMocks();
  await forgetDevice();
});

test('for who was here last a kept trip is open before anything is drawn', async () => {
  remember(olga);
  server.down = true;
  await openAhead(id);
  expect(opened()).toMatchObject({ stored: { id }, session: { isUnread: true } });
});

test('for nobody nothing is opened', async () => {
  await openAhead(id);
  expect(opened()).toBeUndefined();
});

test('a slow server does not keep the page empty; what it was asked is not asked again', async () => {
  remember(olga);
  let answer = (): void => undefined;
  const slow = jest.spyOn(api, 'trip').mockImplementation(
    () =>
      new Promise((resolve) => {
        answer = () => resolve({ id, role: 'owner', version: 2, trip });
      }),
  );
  await openAhead(id);
  expect(opened()).toBeUndefined();
  const opening = openNow(id);
  answer();
  expect((await opening).stored.version).toBe(2);
  expect(slow).toHaveBeenCalledTimes(1);
  // Opened once more it is read anew.
  void openNow(id);
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(slow).toHaveBeenCalledTimes(2);
  answer();
});

test('what went wrong ahead is told to who opens it', async () => {
  remember(olga);
  jest.spyOn(api, 'trip').mockRejectedValue(new Error('broken'));
  await openAhead('another');
  await expect(openNow('another')).rejects.toThrow('broken');
});
