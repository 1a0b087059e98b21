/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import type { SheetProgress } from '@graft/core/api';
import type { KeptMark } from '@graft/core/sheet';
import { demoTrip } from '../testing/demo';
import { openTrip } from '../testing/openTrip';
import { withMarks } from '../shared/useSheets';
import { SheetsStation } from './SheetsStation';

const HUT = demoTrip('hut-roof');
const mark = (more: Partial<KeptMark>): KeptMark => ({
  id: Math.random().toString(16),
  kind: 'packed',
  value: true,
  at: '2027-08-20T07:00:00.000Z',
  replaces: [],
  byLeader: false,
  ...more,
});
const open = (sheets: SheetProgress, role: 'owner' | 'read' = 'owner') =>
  openTrip(HUT, <SheetsStation />, { role, line: true, sheets });
const row = (name: string) => screen.findByRole('row', { name: new RegExp(`^${name}`) });

test('each member with how far they are', async () => {
  open({
    links: [{ memberId: 'eddy', createdAt: '2027-08-01T10:00:00Z', expiresAt: '2027-09-05T00:00:00Z' }],
    marks: {
      eddy: [
        mark({ thingId: 'nails' }),
        mark({ kind: 'received', thingId: 'nails' }),
        mark({ kind: 'safety' }),
      ],
    },
  });
  await waitFor(async () => expect((await row('Eddy')).textContent).toContain('1 / 20'));
  const eddy = await row('Eddy');
  expect(eddy.textContent).toContain('not opened');
  expect(eddy.textContent).toContain('1 / 3');
  expect(eddy.textContent).toContain('yes');
  expect((await row('Joss')).textContent).toContain('none');
  expect(screen.getByRole('button', { name: 'Make links for the 1 without one' })).toHaveProperty(
    'disabled',
    false,
  );
  within(screen.getByRole('navigation', { name: 'Stations' })).getByText('0 of 2 opened');
});

test('a weight that a member measured goes into the plan', async () => {
  const { server, user } = open({
    links: [],
    marks: { eddy: [mark({ kind: 'weight', thingId: 'sealant', value: 0.9 })] },
  });
  const told = await screen.findByRole('list', { name: 'Told by members' });
  await waitFor(() =>
    expect(told.textContent).toContain('Eddy weighed Sealant tubes: 0.90 kg planned 0.74 kg; +0.16 kg'),
  );
  await user.click(screen.getByRole('button', { name: 'Take 0.90 kg into the plan' }));
  await waitFor(() =>
    expect(server.trip.kits.flatMap((k) => k.pieces).find((p) => p.id === 'sealant')).toMatchObject({
      massKg: 0.9,
      massEstimated: false,
    }),
  );
  expect(told.textContent).not.toContain('weighed');
});

test('what is unconfirmed, by member', async () => {
  const { user } = open({ links: [], marks: { joss: [mark({ thingId: 'hammer' })] } });
  await user.click(await screen.findByText('Unconfirmed'));
  const region = screen.getByRole('region', { name: 'From and to members' });
  await waitFor(() => expect(region.textContent).toMatch(/Eddy nothing confirmed of 20/));
  expect(region.textContent).not.toContain('Claw hammer');
});

test('who may only look makes no links and answers nothing', async () => {
  open({ links: [], marks: { eddy: [mark({ kind: 'problem', value: 'sore heel' })] } }, 'read');
  await screen.findByText(/sore heel/);
  expect(screen.queryByRole('button', { name: /Make a link|Settled|Send/ })).toBeNull();
});

test('news that came in while an older answer was under way stays', () => {
  const [known, news] = [mark({ thingId: 'nails' }), mark({ thingId: 'sealant' })];
  const answer: SheetProgress = { links: [], marks: { eddy: [known] } };
  const before: SheetProgress = { links: [], marks: { eddy: [known, news], joss: [news] } };
  expect(withMarks(answer, before.marks).marks).toEqual({ eddy: [known, news], joss: [news] });
});
