import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile, serialiseTripFile, tripErrors } from '../formats/tripFile.js';
import { memberSheet } from '../sheet/memberSheet.js';
import { changesText } from '../trip/cellText.js';
import { applyEdits, diffTrip } from '../trip/edits.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import { removeMember } from '../trip/changes.js';
import { comeAfterAll, forgetNotComing, stayHome } from './notComing.js';
import { bringBack, takenAway } from './takenAway.js';

const read = (id: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8'));
const CENSUS = read('corvane-census');
const byMember = (trip: Trip, id: string) => ({
  things: trip.personalThings.filter((t) => t.memberId === id && t.madeBy === undefined),
  contacts: trip.contacts.filter((c) => c.memberId === id),
  pack: trip.packs.find((p) => p.id === trip.members.find((m) => m.id === id)?.packId),
});

test.each(CENSUS.members.map((m) => [m.name, m.id]))(
  '%s does not come: stays in the list, carries nothing, and comes after all as before',
  (name, id) => {
    const before = CENSUS;
    const carried = before.share.filter((a) => a.memberId === id).map((a) => a.pieceId);
    const home = stayHome(before, id);
    expect(tripErrors(home)).toEqual([]);
    expect(home.notComing?.map((n) => n.member.id)).toEqual([id]);
    // To everything else it is the trip without them: their pieces are in the tray.
    const { notComing: _list, ...rest } = home;
    expect(rest).toEqual(removeMember(before, id));
    expect(home.share.filter((a) => carried.includes(a.pieceId))).toEqual([]);
    // In a file and in edits it goes along.
    expect(parseTripFile(serialiseTripFile(home))).toEqual(home);
    expect(applyEdits(before, diffTrip(before, home))).toEqual(home);
    expect(changesText(before, home, diffTrip(before, home))).toBe(`who comes: ${name} does not`);
    const back = comeAfterAll(home, id);
    expect(tripErrors(back)).toEqual([]);
    expect(back.notComing).toBeUndefined();
    expect(changesText(home, back, diffTrip(home, back))).toBe(`who comes: ${name} does after all`);
    expect(back.members.map((m) => m.id)).toEqual(before.members.map((m) => m.id));
    expect(back.members.find((m) => m.id === id)).toEqual(before.members.find((m) => m.id === id));
    expect(byMember(back, id)).toEqual(byMember(before, id));
    // What they carried for all is not theirs any more.
    expect(back.share.filter((a) => a.memberId === id)).toEqual([]);
  },
);

test('somebody comes after all into a trip that has changed', () => {
  const [first, second] = CENSUS.members;
  const both = stayHome(stayHome(CENSUS, first!.id), second!.id);
  expect(both.notComing).toHaveLength(2);
  // Their groups are gone meanwhile.
  const changed: Trip = {
    ...both,
    groups: [],
    members: both.members.map(({ tentGroupId: _t, cookGroupId: _c, ...m }) => m),
    meals: [],
    canisters: [],
    leftovers: [],
    kits: [],
    share: [],
    handovers: [],
    stows: [],
    variants: [],
  };
  const back = comeAfterAll(changed, first!.id);
  expect(back.members.map((m) => m.id)).toContain(first!.id);
  expect(back.members.find((m) => m.id === first!.id)).not.toHaveProperty('tentGroupId');
  expect(back.notComing!.map((n) => n.member.id)).toEqual([second!.id]);
  const { notComing: _none, ...without } = back;
  expect(forgetNotComing(back, second!.id)).toEqual(without);
});

test('who is brought back as removed is not among those who do not come', () => {
  const { id } = CENSUS.members[0]!;
  const home = stayHome(CENSUS, id);
  const back = bringBack(home, takenAway(CENSUS, home)!);
  expect(back.members).toEqual(CENSUS.members);
  expect(back).not.toHaveProperty('notComing');
});

test('somebody cannot come and not come', () => {
  const home = stayHome(CENSUS, CENSUS.members[0]!.id);
  const odd: Trip = { ...home, members: CENSUS.members };
  expect(tripErrors(odd).map((e) => e.path)).toContain('notComing[0].member.id');
  expect(tripErrors({ ...home, notComing: [{ ...home.notComing![0]!, things: 3 }] })).not.toEqual([]);
});

test('medicines of others are on a sheet only when all may know of them', () => {
  const [owner, reader] = CENSUS.members;
  const inhaler: PersonalThing = {
    ...CENSUS.personalThings.find((t) => t.memberId === owner!.id)!,
    id: 'an-inhaler',
    name: 'Inhaler, blue',
    purpose: 'hygiene',
    worn: false,
  };
  const trip: Trip = { ...CENSUS, personalThings: [...CENSUS.personalThings, inhaler] };
  const named = (t: Trip, id: string): boolean =>
    JSON.stringify(memberSheet(t, id)).includes('Inhaler, blue');
  expect([named(trip, owner!.id), named(trip, reader!.id)]).toEqual([true, false]);
  // Whatever it is filed under.
  const asFirstAid: Trip = {
    ...trip,
    personalThings: trip.personalThings.map((t) => (t.id === inhaler.id ? { ...t, purpose: 'firstAid' } : t)),
  };
  expect(named(asFirstAid, reader!.id)).toBe(false);
  const told: Trip = {
    ...trip,
    members: trip.members.map((m) => (m.id === owner!.id ? { ...m, medicinesForAll: true } : m)),
  };
  expect(named(told, reader!.id)).toBe(true);
});
