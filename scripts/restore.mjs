/** npm run restore -- FILE [--replace]: what a backup holds, into an empty Graft, or in place of what is there. */
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { restore } from './lib/backup.mjs';
import { CALLED_FROM } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

await main(async () => {
  let parsed;
  try {
    parsed = parseArgs({ allowPositionals: true, options: { replace: { type: 'boolean' } } });
  } catch (error) {
    throw new Refusal(error.message, 2);
  }
  const [file, ...more] = parsed.positionals;
  if (file === undefined || more.length > 0)
    throw new Refusal('npm run restore -- FILE [--replace]: needs one backup to read', 2);
  await restore(resolve(CALLED_FROM, file), parsed.values.replace === true);
});
