import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setFates, type TripRecord } from '@graft/core/debrief';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import type { Trip } from '@graft/core/trip';
import { serverWithLeader, type Visitor } from '../testing/testServer.js';

const hut = parseTripFile(readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8'));

const here = serverWithLeader();

const add = async (trip: Trip, by: Visitor = here.leader): Promise<string> =>
  ((await by.post('/api/trips/import').send(serialiseTripFile(trip)).expect(201)).body as { id: string }).id;
const records = async (id: string) =>
  ((await here.leader.get(`/api/trips/${id}/records`).expect(200)).body as { records: TripRecord[] }).records;
const over = (name: string, startDate: string, more: Partial<Trip> = {}): Trip => ({
  ...setFates(hut, [hut.personalThings[0]!.id], 'unused'),
  name,
  startDate,
  debriefedOn: '2026-12-01',
  comfort: [{ id: 'c', memberId: hut.members[0]!.id, day: 1, comfort: 6, hurts: ['hips'] }],
  ...more,
});

test('a trip learns from debriefed trips before it, of this account alone, and only of its own people', async () => {
  await add(over('Last year', '2026-08-20'));
  await add(over('Not debriefed', '2026-07-20', { debriefedOn: undefined }));
  await add(over('Next year', '2028-08-20'));
  const other = await here.server.signUp('Other');
  await add(over('Somebody else’s', '2026-06-20'), other);
  const id = await add(hut);
  const found = await records(id);
  expect(found.map((r) => r.name)).toEqual(['Last year']);
  expect(found[0]).toMatchObject({
    style: hut.style,
    things: [{ name: hut.personalThings[0]!.name, fate: 'unused' }],
    days: [{ memberName: hut.members[0]!.name, day: 1, comfort: 6, hurts: ['hips'] }],
  });
  const strangers = await add({
    ...hut,
    members: hut.members.map((m) => ({ ...m, name: `${m.name} the other` })),
  });
  expect((await records(strangers))[0]).toMatchObject({ things: [], days: [] });
  await other.get(`/api/trips/${id}/records`).expect(404);
});

test('a record is stored and comes back whole: events, comfort, contacts, fates, departure', async () => {
  const full = over('Full', '2026-08-20', {
    leaveAfterTrips: 4,
    departure: {
      at: '2026-08-20T07:40',
      by: 'Leader',
      share: [],
      loads: [{ memberId: hut.members[0]!.id, name: 'x', plannedKg: [1.25], limitKg: [16], measuredKg: 1.3 }],
    },
    weighIns: [
      {
        memberId: hut.members[0]!.id,
        measuredKg: 14.05,
        waterL: 1.5,
        checked: ['closed', 'even'],
        signedBy: 'Leader',
      },
    ],
    events: [
      { id: 'b', day: 2, moment: 'evening', kind: 'hurt', memberId: hut.members[0]!.id, factor: 0.5 },
      {
        id: 'a',
        day: 1,
        moment: 'morning',
        kind: 'bought',
        memberId: hut.members[1]!.id,
        name: 'Bread',
        massKg: 0.5,
      },
    ],
    contacts: [
      { id: 'c', memberId: hut.members[1]!.id, name: 'Aunt', relation: 'aunt', phone: '1', note: 'evenings' },
    ],
    missed: [{ id: 'm', name: 'Spoon' }],
    chores: [{ id: 'return/x', doneOn: '2026-09-01' }],
  });
  const id = await add(full);
  const { trip } = (await here.leader.get(`/api/trips/${id}`).expect(200)).body as { trip: Trip };
  expect(trip).toEqual(full);
});
