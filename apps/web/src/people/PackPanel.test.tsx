/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { cataloguePack, PACK_SIZES, packOf, type Pack, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { useTrip } from '../shared/tripContext';
import { PackPanel } from './PackPanel';
import { PartyPacks } from './PartyPacks';

const hut = demoTrip('hut-roof');
const wearer = hut.members[0]!;
/** A pack with a lid and every pocket, whose main compartment nothing has been said of. */
const PACK: Pack = cataloguePack(
  wearer.packId,
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const trip: Trip = { ...hut, packs: hut.packs.map((p) => (p.id === PACK.id ? PACK : p)) };

function Shown() {
  const now = useTrip().trip;
  return <PackPanel member={now.members[0]!} />;
}
const open = (): OpenTrip => openTrip(trip, <Shown />, {});
const form = (): HTMLElement => screen.getByRole('group', { name: 'Main compartment' });
const box = (name: string): HTMLInputElement =>
  within(form()).getByRole<HTMLInputElement>('checkbox', { name });
const packNow = ({ server }: OpenTrip): Pack => packOf(server.trip, server.trip.members[0]!);

async function write(page: OpenTrip, label: string, text: string): Promise<void> {
  const entry = screen.getByRole('textbox', { name: label });
  await page.user.clear(entry);
  await page.user.type(entry, `${text}{Enter}`);
}

test('a bottom zip needs a bottom part; the last opening stays', async () => {
  const page = open();
  const heightCm = page.server.trip.packs.find((p) => p.id === PACK.id)!.main!.heightCm;
  if (!box('bottom zip').checked) await page.user.click(box('bottom zip'));
  await waitFor(() => expect(packNow(page).main!.openings).toContain('bottom'));
  expect(packNow(page).main!.bottomPartCm).toBeGreaterThan(0.15 * heightCm);
  for (const name of ['bottom zip', 'side zip', 'front panel', 'top'])
    if (box(name).checked) await page.user.click(box(name));
  await waitFor(() => expect(packNow(page).main!.openings).toHaveLength(1));
});

test('a divider goes with a bottom part and leaves with it', async () => {
  const page = open();
  await write(page, 'Bottom part', '14 cm');
  await waitFor(() => expect(packNow(page).main!.bottomPartCm).toBe(14));
  await waitFor(() => expect(box('divider over the bottom part').disabled).toBe(false));
  await page.user.click(box('divider over the bottom part'));
  await waitFor(() => expect(packNow(page).main!.divider).toBe(true));
  await write(page, 'Bottom part', 'none');
  await waitFor(() => expect(packNow(page).main!.bottomPartCm).toBeUndefined());
  expect(packNow(page).main!.divider).toBe(false);
  expect(box('divider over the bottom part').disabled).toBe(true);
});

test('no frame and a lid pocket under the cloth are said and taken back', async () => {
  const page = open();
  await page.user.click(box('no frame'));
  await waitFor(() => expect(packNow(page).frameless).toBe(true));
  await page.user.click(box('lid pocket hangs under the cloth, out of the rain'));
  await waitFor(() => expect(packNow(page).lidStyle).toBe('under'));
  await page.user.click(box('no frame'));
  await page.user.click(box('lid pocket hangs under the cloth, out of the rain'));
  await waitFor(() => expect(packNow(page)).not.toHaveProperty('frameless'));
  await waitFor(() => expect(packNow(page)).not.toHaveProperty('lidStyle'));
});

test('sizes that are none, and a pack out of range, are refused with the reason; nothing changes', async () => {
  const page = open();
  const before = packNow(page);
  await write(page, 'Height', 'tall');
  expect((await screen.findByRole('alert')).textContent).toMatch(/^Type a length such as/);
  await write(page, 'Height', '900 cm');
  await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/^Type a number from/));
  await write(page, 'Whole volume', '5 L');
  await page.user.click(screen.getByRole('button', { name: 'Build' }));
  await waitFor(() =>
    expect(screen.getAllByRole('alert').map((a) => a.textContent)).toContain('Type a pack of 10 to 120 L'),
  );
  expect(packNow(page)).toEqual(before);
});

test('a pack built anew has the litres that were asked for; its parts and weights stay', async () => {
  const page = open();
  await write(page, 'Whole volume', '3000 cu in');
  await page.user.click(screen.getByRole('button', { name: 'Build' }));
  await waitFor(() => expect(packNow(page).name).toBe('49 L pack, custom'));
  const { zones, tareKg, ratedLoadKg } = packNow(page);
  expect(new Set(zones.map((z) => z.kind))).toEqual(new Set(PACK.zones.map((z) => z.kind)));
  expect([tareKg, ratedLoadKg]).toEqual([PACK.tareKg, PACK.ratedLoadKg]);
});

test('a spare pack is entered, its torsos too; who should have which is found with its effect, and done in one click', async () => {
  const size = (litres: number) => PACK_SIZES.find((s) => s.nominalL === litres)!;
  const [first] = hut.members;
  const small: Trip = {
    ...hut,
    packs: hut.packs.map((p) => (p.id === first!.packId ? cataloguePack(p.id, size(30)) : p)),
    stows: [],
  };
  const { server, user } = openTrip(small, <PartyPacks />, {});
  expect(screen.getByText(/Nothing to deal out yet/)).toBeDefined();
  await user.selectOptions(screen.getByRole('combobox', { name: 'Size of a spare pack' }), '80 L');
  await user.click(screen.getByRole('button', { name: 'Add a spare pack' }));
  await waitFor(() => expect(server.trip.packs).toHaveLength(hut.packs.length + 1));
  const spare = server.trip.packs.at(-1)!;
  expect(spare).toMatchObject({ name: '80 L pack', shared: true });
  const grid = screen.getByRole('grid', { name: 'Packs of the party' });
  const row = within(grid).getByRole('row', { name: /80 L pack/ });
  expect(row.textContent).toContain('spare');
  expect(row.textContent).toContain('anybody');
  await user.click(screen.getByRole('button', { name: 'Find who should have which' }));
  const list = await screen.findByRole('list', { name: 'Packs that change hands' });
  expect(list.textContent).toMatch(
    new RegExp(
      `^${first!.name} takes 80 L pack instead of 30 L pack: [\\d.]+ L found no room, now all does; \\d+ % → \\d+ %`,
    ),
  );
  await user.click(screen.getByRole('button', { name: 'Do it: one pack changes' }));
  await waitFor(() => expect(server.trip.members[0]!.packId).toBe(spare.id));
  await user.click(screen.getByRole('button', { name: 'Find who should have which' }));
  expect(await screen.findByText('The packs suit best as they are.')).toBeDefined();
  // What an owner left at home is there, and not for others.
  await user.click(screen.getByRole('button', { name: 'Remove 30 L pack' }));
  await waitFor(() => expect(server.trip.packs).toHaveLength(hut.packs.length));
});
