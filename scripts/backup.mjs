/** npm run backup -- FILE: everything Graft keeps, in one file, while it runs or not. */
import { resolve } from 'node:path';
import { backUp } from './lib/backup.mjs';
import { CALLED_FROM } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

await main(async () => {
  const [file, ...more] = process.argv.slice(2);
  if (file === undefined || more.length > 0 || file.startsWith('--'))
    throw new Refusal('npm run backup -- FILE: needs one file to write to, or - for standard output', 2);
  await backUp(file === '-' ? file : resolve(CALLED_FROM, file));
});
