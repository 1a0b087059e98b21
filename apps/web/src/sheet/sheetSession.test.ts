import { standing, type KeptMark, type MemberSheet, type SheetMark } from '@graft/core/sheet';
import { randomId } from '../shared/randomId';
import { SheetSession, type Surroundings } from './sheetSession';

/** A server with one sheet, and a device's storage; `network` may be cut, `answerWith` make it refuse. */
function world() {
  const kept = new Map<string, string>();
  const marks: KeptMark[] = [];
  const state = { network: true, answerWith: undefined as number | undefined, sheetName: 'Eddy' };
  let clock = 0;
  const answer = (status: number, body: unknown) =>
    ({ status, ok: status < 400, json: () => Promise.resolve(body) }) as Response;
  const around: Surroundings = {
    storage: {
      getItem: (key) => kept.get(key) ?? null,
      setItem: (key, value) => void kept.set(key, value),
      removeItem: (key) => void kept.delete(key),
    },
    fetch: (path, init) => {
      if (!state.network) return Promise.reject(new TypeError('Failed to fetch'));
      if (state.answerWith !== undefined)
        return Promise.resolve(answer(state.answerWith, { error: { message: 'no such thing' } }));
      if (path.endsWith('/marks')) {
        const told = (JSON.parse(String(init.body)) as { marks: SheetMark[] }).marks;
        for (const mark of told)
          if (!marks.some((m) => m.id === mark.id)) marks.push({ ...mark, byLeader: false });
        return Promise.resolve(answer(200, { marks: [...marks] }));
      }
      const sheet = { name: state.sheetName } as MemberSheet;
      return Promise.resolve(answer(200, { version: 1, expiresAt: '', sheet, marks: [...marks] }));
    },
    now: () => new Date(Date.UTC(2027, 4, 10, 8, 0, (clock += 1))),
    newId: randomId,
  };
  return { around, kept, marks, state };
}
const packed = (session: SheetSession): unknown => standing(session.marks()).get('packed tent')?.mark.value;

test('what is told reaches the server once, and stays on the device', async () => {
  const { around, marks, kept } = world();
  const session = new SheetSession('token', around);
  await session.sync();
  session.tell('packed', true, 'tent');
  await session.sync();
  expect(session.current()).toMatchObject({ link: 'works', pending: [] });
  expect(marks.map((m) => [m.kind, m.thingId, m.value])).toEqual([['packed', 'tent', true]]);
  expect(JSON.parse(kept.get('graft-sheet token')!)).toMatchObject({ pending: [] });
});

test('without a network all waits, over a restart too, and is then told in its order', async () => {
  const { around, marks, state } = world();
  const first = new SheetSession('token', around);
  await first.sync();
  state.network = false;
  first.tell('packed', true, 'tent');
  first.tell('packed', false, 'tent');
  await first.sync();
  expect(first.current()).toMatchObject({ link: 'unreachable', opened: { sheet: { name: 'Eddy' } } });
  const second = new SheetSession('token', around);
  expect(second.current().pending).toHaveLength(2);
  expect(packed(second)).toBe(false);
  state.network = true;
  await second.sync();
  expect(marks.map((m) => m.value)).toEqual([true, false]);
  expect(marks[1]!.replaces).toEqual([marks[0]!.id]);
  expect(packed(second)).toBe(false);
});

test('another tab of the same sheet: neither loses what the other tells', async () => {
  const { around, marks, state } = world();
  const [one, two] = [new SheetSession('token', around), new SheetSession('token', around)];
  await one.sync();
  state.network = false;
  one.tell('packed', true, 'tent');
  two.tell('packed', true, 'stove');
  state.network = true;
  await two.sync();
  expect(marks.map((m) => m.thingId).sort()).toEqual(['stove', 'tent']);
  one.reread();
  expect(one.current().pending).toEqual([]);
});

test('what is new since the member read it stays told until they say so, over a restart too', async () => {
  const { around, state } = world();
  const first = new SheetSession('token', around);
  await first.sync();
  expect(first.current().seen).toEqual({ name: 'Eddy' });
  state.sheetName = 'Edward';
  await first.sync();
  const second = new SheetSession('token', around);
  expect(second.current()).toMatchObject({ seen: { name: 'Eddy' }, opened: { sheet: { name: 'Edward' } } });
  second.noteSeen();
  expect(new SheetSession('token', around).current().seen).toEqual({ name: 'Edward' });
});

test('a link that is void: what was read is taken off the device', async () => {
  const { around, kept, state } = world();
  const session = new SheetSession('token', around);
  await session.sync();
  expect(kept.size).toBe(1);
  state.answerWith = 404;
  await session.sync();
  expect(session.current()).toMatchObject({ link: 'gone', opened: undefined });
  expect(kept.size).toBe(0);
});

test('what the server will not take is said, and does not hold up the rest', async () => {
  const { around, marks, state } = world();
  const session = new SheetSession('token', around);
  await session.sync();
  state.answerWith = 400;
  session.tell('weight', 99, 'tent');
  await session.sync();
  expect(session.current()).toMatchObject({ pending: [], refused: 'no such thing' });
  state.answerWith = undefined;
  session.tell('packed', true, 'tent');
  await session.sync();
  expect(marks).toHaveLength(1);
});

test.each([429, 500, 503])('answered with %i: nothing is lost, it is tried again', async (status) => {
  const { around, marks, state } = world();
  const session = new SheetSession('token', around);
  await session.sync();
  state.answerWith = status;
  session.tell('packed', true, 'tent');
  await session.sync();
  expect(session.current()).toMatchObject({ link: 'unreachable', refused: undefined });
  expect(session.current().pending).toHaveLength(1);
  state.answerWith = undefined;
  await session.sync();
  expect(marks).toHaveLength(1);
});

test('listeners hear of each change until they leave', async () => {
  const { around } = world();
  const session = new SheetSession('token', around);
  const heard: number[] = [];
  const leave = session.subscribe(() => heard.push(session.current().pending.length));
  session.tell('safety', true);
  await session.sync();
  expect(heard[0]).toBe(1);
  expect(heard.at(-1)).toBe(0);
  const before = heard.length;
  leave();
  session.tell('safety', false);
  expect(heard).toHaveLength(before);
});

test('random ids are UUIDs of version 4, and differ', () => {
  const ids = Array.from({ length: 100 }, randomId);
  for (const id of ids)
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(new Set(ids).size).toBe(100);
});
