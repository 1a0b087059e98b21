import { freePort, newStateDir, startGraft } from './graft';

/** One Graft with the demo trips for all tests that do not start their own. */
export default async function globalSetup(): Promise<() => Promise<void>> {
  const graft = await startGraft(newStateDir('shared'), ['--port', String(await freePort())]);
  process.env['GRAFT_E2E_URL'] = graft.url;
  return async () => {
    await graft.stop();
  };
}
