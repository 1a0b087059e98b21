/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { assessStow, planningDay, REACH_LIMIT } from '@graft/core/stow';
import { emptyTrip, type Trip } from '@graft/core/trip';
import { engineHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { apartLabels } from './apartLabels';
import { PacksStation } from './PacksStation';

jest.mock('../workers/engine', () => engineHere);

const hut = demoTrip('hut-roof');
const first = hut.members[0]!;
const open = (trip: Trip): OpenTrip => openTrip(trip, <PacksStation />, { line: true });
const show = async (opened: OpenTrip, name: string): Promise<void> => {
  const choose = async (group: string, tab: string): Promise<void> => {
    const tabs = screen.getByRole('radiogroup', { name: group });
    await opened.user.click(within(tabs).getByRole('radio', { name: new RegExp(`^${tab}`) }));
  };
  const isMore = ['Reach', 'Ride', 'Compare', 'Practice'].includes(name);
  await choose('What is shown of the stow', isMore ? 'More' : name);
  if (isMore) await choose('More of the stow', name);
};

test('with nobody to carry, the way to People is one click', () => {
  openTrip(emptyTrip('t', 'Nobody yet', '2027-05-10', 2), <PacksStation />);
  expect(screen.getByText(/each pack is planned here/)).toBeDefined();
  expect(screen.getByRole('link', { name: /^Add people/ }).getAttribute('href')).toMatch(/people$/);
  expect(screen.queryByRole('button', { name: 'Plan all packs' })).toBeNull();
});

test('reach: every thing with how many come out before it, and what a shower would ask for', async () => {
  const opened = open(hut);
  await show(opened, 'Reach');
  const stow = assessStow(hut, first.id, planningDay(hut, first.id));
  // What stands on a tab is loaded when it is opened.
  const table = await screen.findByRole('table', { name: 'Reach of every thing' });
  const rows = within(table).getAllByRole('row').slice(1);
  expect(rows).toHaveLength(stow.placed.length);
  for (const p of stow.placed) {
    const row = rows.find((r) => r.textContent.startsWith(`${p.thing.name}${p.zone.name}`))!;
    const limit = REACH_LIMIT[p.thing.needed];
    expect(row.textContent).toContain(`${p.reach.count} (${limit === Infinity ? 'any' : `≤ ${limit}`})`);
  }
  const rain = stow.placed.filter((p) => p.thing.purpose === 'rainwear');
  expect(rain.length).toBeGreaterThan(0);
  const drill = screen.getByText('What if it rains now?').parentElement!;
  for (const p of rain) expect(drill.textContent).toContain(`${p.thing.name}: ${p.reach.count}`);
});

test('steps, reach and compare of an empty pack say what to do first', async () => {
  const opened = open({ ...hut, stows: [] });
  await show(opened, 'Reach');
  expect(await screen.findByText(/^Stow the pack first: then the reach/)).toBeDefined();
  await show(opened, 'Compare');
  expect(await screen.findByText(/^Stow the pack first: then other ways/)).toBeDefined();
  await show(opened, 'Steps');
  expect(await screen.findByText(/^Stow the pack first: then how to load it/)).toBeDefined();
});

test('water without a container: what helps is said, for no move does', async () => {
  const opened = open({ ...hut, stows: [], personalThings: [], share: [] });
  await show(opened, 'To mend');
  expect(await screen.findByText(/of day \d's water has no container/)).toBeDefined();
  expect(await screen.findByText(/^Bring a bottle or a water bag/)).toBeDefined();
});

test('compare: three schools beside the present stow, and one of them taken', async () => {
  const opened = open(hut);
  await show(opened, 'Compare');
  const table = (): HTMLElement => screen.getByRole('table', { name: 'Stows compared' });
  expect(within(table()).getAllByRole('row')).toHaveLength(2);
  await opened.user.click(screen.getByRole('button', { name: 'Keep this stow to compare' }));
  await opened.user.click(screen.getByRole('button', { name: 'Plan high, middle and low' }));
  await screen.findByRole('button', { name: 'Take the stow: Low and close' });
  const rows = within(table()).getAllByRole('row').slice(1);
  expect(rows.map((r) => within(r).getAllByRole('cell')[0]!.textContent)).toEqual([
    'as it is now',
    'kept',
    'High and close',
    'Middle and close',
    'Low and close',
  ]);
  const height = (name: string): number =>
    Number(
      /(\d+),/.exec(
        within(rows.find((r) => r.textContent.startsWith(name))!).getAllByRole('cell')[4]!.textContent,
      )![1],
    );
  expect(height('High')).toBeGreaterThan(height('Low'));
  await opened.user.click(screen.getByRole('button', { name: 'Take the stow: Low and close' }));
  const of = (trip: Trip): unknown => trip.stows.find((s) => s.memberId === first.id)!.placements;
  await waitFor(() => expect(of(opened.server.trip)).not.toEqual(of(hut)));
});

test('names lie on no other name and on no other point', () => {
  const points = [
    { name: 'as it is now', x: 120, y: 80 },
    { name: 'Middle and close', x: 121, y: 80 },
    { name: 'Low and close', x: 170, y: 92 },
    { name: 'High and close', x: 335, y: 40 },
  ];
  const labels = apartLabels(points, 350);
  const boxes = labels.map((l) => {
    const w = 5.8 * l.name.length;
    return {
      left: l.anchor === 'start' ? l.x : l.x - w,
      right: l.anchor === 'start' ? l.x + w : l.x,
      y: l.y,
    };
  });
  boxes.forEach((a, i) => {
    expect(a.left).toBeGreaterThanOrEqual(0);
    expect(a.right).toBeLessThanOrEqual(350);
    for (const b of boxes.slice(i + 1))
      expect(a.left < b.right && b.left < a.right && Math.abs(a.y - b.y) < 12).toBe(false);
    for (const p of points)
      expect(p.x + 6 > a.left && p.x - 6 < a.right && Math.abs(p.y - (a.y - 4)) < 10).toBe(false);
  });
});

test('usual places: what drifts is told, and kept by one click', async () => {
  const placements = hut.stows.find((s) => s.memberId === first.id)!.placements;
  const { zones } = hut.packs.find((p) => p.id === first.packId)!;
  const own = hut.personalThings.filter((t) => t.memberId === first.id);
  const isIn = (t: (typeof own)[number], kind: string): boolean =>
    zones.find((z) => z.id === placements.find((p) => p.thingId === t.id)?.zoneId)?.kind === kind;
  const [drifted] = own.filter((t) => isIn(t, 'lid'));
  const before = [2024, 2025, 2026].map((year) => ({
    id: `t${year}`,
    name: `Trip of ${year}`,
    startDate: `${year}-06-01`,
    members: [
      { name: first.name, places: [{ name: drifted!.name, kind: 'top' as const, side: 'centre' as const }] },
    ],
  }));
  const opened = open(hut);
  opened.server.places = before;
  await show(opened, 'To mend');
  const list = await screen.findByRole('region', { name: 'Usual places' });
  expect(within(list).getByText(`△ ${drifted!.name}: usually top, now lid`)).toBeDefined();
  await opened.user.click(within(list).getByRole('button', { name: `Put it there: ${drifted!.name}` }));
  expect(await within(list).findByText(`Kept there: ${drifted!.name}`)).toBeDefined();
  expect(within(list).queryByRole('button')).toBeNull();
});
