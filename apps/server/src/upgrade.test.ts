/** Databases that earlier releases wrote, as their own backups have them, opened by this one. */
import { randomBytes } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import type { AccountState, OpenedSheet, SheetProgress } from '@graft/core/api';
import { parseTripFile } from '@graft/core/formats';
import { OWN_HEADERS, startProcess, type ServerProcess } from './testing/serverProcess.js';
import { PASSWORD } from './testing/testServer.js';

const FOLDER = join(__dirname, 'testing/releases');
/** A member's link that the backup's first leader made, by the release's last change of tables. */
const LINKS: Readonly<Record<string, string>> = {
  '1773000000000': 'RQ6q1eBB_mxNudYpjlPNR3H2RZazcJUq5xOMKGjezOM',
};
const read = (file: string): string => gunzipSync(readFileSync(join(FOLDER, file))).toString();

interface Connection {
  query(sql: string): Promise<unknown>;
  end(): Promise<void>;
}
const { createConnection } = createRequire(__filename)('mysql2/promise') as {
  createConnection: (options: object) => Promise<Connection>;
};

describe.each(readdirSync(FOLDER).flatMap((file) => /^(\d+)\.sql\.gz$/.exec(file)?.[1] ?? []))(
  'a database of %s',
  (release) => {
    const name = `graft_old_${randomBytes(6).toString('hex')}`;
    const database = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
    database.pathname = `/${name}`;
    let server: ServerProcess;
    let admin: Connection;
    beforeAll(async () => {
      admin = await createConnection({
        uri: process.env['GRAFT_TEST_DATABASE_URL']!,
        multipleStatements: true,
      });
      await admin.query(`CREATE DATABASE \`${name}\`; USE \`${name}\``);
      await admin.query(read(`${release}.sql.gz`));
      server = await startProcess(database.href);
    }, 60_000);
    afterAll(async () => {
      server.child.kill('SIGKILL');
      await admin.query(`DROP DATABASE \`${name}\``);
      await admin.end();
    });

    async function signIn(email: string): Promise<Record<string, string>> {
      const answer = await fetch(`${server.url}/api/account/sign-in`, {
        method: 'POST',
        headers: OWN_HEADERS,
        body: JSON.stringify({ email, password: PASSWORD }),
      });
      expect(((await answer.json()) as AccountState).account?.email).toBe(email);
      return { ...OWN_HEADERS, Cookie: answer.headers.getSetCookie()[0]!.split(';')[0]! };
    }
    const get = async <T>(path: string, headers: Record<string, string>): Promise<T> => {
      const answer = await fetch(`${server.url}${path}`, { headers });
      expect([path, answer.status]).toEqual([path, 200]);
      return (await answer.json()) as T;
    };

    test('has every trip as it was, and can be worked on', async () => {
      const leader = await signIn('ilse@example.org');
      const { trips } = await get<{ trips: { id: string; name: string; version: number }[] }>(
        '/api/trips',
        leader,
      );
      const before = JSON.parse(read(`${release}.trips.json.gz`)) as object[];
      expect(trips).toHaveLength(before.length);
      for (const [i, { id, version }] of trips.entries()) {
        const file = await get<object>(`/api/trips/${id}/export`, leader);
        const [now, was] = [file, before[i]].map((one) => parseTripFile(JSON.stringify(one)));
        expect(now).toEqual(was);
        const edit = await fetch(`${server.url}/api/trips/${id}/edits`, {
          method: 'POST',
          headers: leader,
          body: JSON.stringify({
            version,
            edits: [{ kind: 'set', field: 'notes', value: 'Read by a newer one.' }],
          }),
        });
        expect(edit.status).toBe(200);
        const { changes } = await get<{ changes: { what: string }[] }>(`/api/trips/${id}/history`, leader);
        expect(changes.map((c) => c.what)).toEqual(['notes']);
      }
    });

    test('has who leads with whom, links, marks, addresses and incidents', async () => {
      const [leader, helper] = [await signIn('ilse@example.org'), await signIn('noor@example.org')];
      const { trips } = await get<{ trips: { id: string; role: string }[] }>('/api/trips', helper);
      expect(trips.map((t) => t.role)).toEqual(['read']);
      const { id } = trips[0]!;
      // A link ends with its trip: this one is to come, whenever that is tested.
      await admin.query(`UPDATE trips SET start_date = '2097-05-10' WHERE id = '${id}'`);
      const sheet = await get<OpenedSheet>('/api/sheet', { 'X-Graft-Sheet': LINKS[release]! });
      expect(sheet.sheet.name).toBe('Eddy');
      expect(sheet.marks).toMatchObject([{ kind: 'packed', thingId: 'eddy-sleeping-bag' }]);
      const progress = await get<SheetProgress>(`/api/trips/${id}/sheets`, leader);
      expect(Object.keys(progress.marks)).toEqual(['eddy']);
      const { addresses } = await get<{ addresses: object }>(`/api/trips/${id}/messages`, leader);
      expect(addresses).toEqual({ eddy: 'eddy@example.org' });
      const { incidents } = await get<{ incidents: object[] }>(`/api/trips/${id}/incidents`, leader);
      expect(incidents).toHaveLength(1);
    });
  },
);
