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

describe('sending the sheets', () => {
  const link = (memberId: string, sentAt?: string) => ({
    memberId,
    createdAt: '2027-08-01T10:00:00Z',
    expiresAt: '2027-09-05T00:00:00Z',
    ...(sentAt === undefined ? {} : { sentAt }),
  });
  const region = () => screen.findByRole('region', { name: 'Sending the sheets' });

  test('says for whom they changed, and sends just what is seen', async () => {
    const { server, user } = open({ links: [link('eddy', '2027-08-02T10:00:00Z')], marks: {} });
    server.unsent = {
      version: 1,
      members: [
        { memberId: 'eddy', changes: ['New for you: Rope, 1.0 kg'] },
        { memberId: 'joss', changes: [] },
      ],
    };
    const part = await region();
    await waitFor(() => expect(part.textContent).toContain('Changed for 1 member since they were sent'));
    within(screen.getByRole('navigation', { name: 'Stations' })).getByText('1 not sent');
    expect(
      within(part)
        .getAllByRole('listitem')
        .map((li) => li.textContent),
    ).toEqual(['Eddy: New for you: Rope, 1.0 kg']);
    server.sheets = { links: [link('eddy', '2027-08-03T10:00:00Z')], marks: {} };
    await user.click(within(part).getByRole('button', { name: 'Send' }));
    await waitFor(() => expect(part.textContent).toContain('the sheets show the plan as it stands'));
    expect(server.sent).toEqual([1]);
    expect(within(part).queryByRole('button', { name: 'Send' })).toBeNull();
  });

  test('what is older than the page is not sent', async () => {
    const { server } = open({ links: [link('eddy', '2027-08-02T10:00:00Z')], marks: {} });
    // Somebody else has changed the trip, and this page does not have it yet.
    server.unsent = { version: 2, members: [{ memberId: 'eddy', changes: ['x'] }] };
    const button = await within(await region()).findByRole('button', { name: 'Send' });
    await waitFor(() => expect(button).toHaveProperty('disabled', true));
  });

  test('links that nobody sent to yet show the plan, and say so; nothing stands there without links', async () => {
    open({ links: [link('eddy')], marks: {} });
    expect((await region()).textContent).toContain('until they are first sent');
  });

  test('that sheets follow on the way is a choice of the trip', async () => {
    const { server, user } = open({ links: [link('eddy', '2027-08-02T10:00:00Z')], marks: {} });
    const label = 'From the departure on, what happens goes to the sheets by itself';
    await user.click(await screen.findByLabelText(label));
    await waitFor(() => expect(server.trip.sendsOnTheWay).toBe(true));
    await user.click(screen.getByLabelText(label));
    await waitFor(() => expect(server.trip.sendsOnTheWay).toBeUndefined());
  });

  test('who may only look sees what is not sent, and cannot send', async () => {
    open({ links: [link('eddy', '2027-08-02T10:00:00Z')], marks: {} }, 'read');
    expect(within(await region()).queryByRole('button')).toBeNull();
    expect(screen.queryByLabelText(/From the departure on/)).toBeNull();
  });
});
