/**
 * npm run kernel: compile the loader's inner loops to WebAssembly and write them into the core as text, so that nothing
 * has to be fetched at run time. With --check nothing is written: it fails when that text is not of the source.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNodePackages } from './lib/install.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

const SOURCE = 'packages/core/assembly/columnKernel.ts';
const CODE = join(ROOT, 'packages/core/src/stow/columnKernelCode.ts');

await main(async () => {
  await ensureNodePackages();
  const { default: compiler } = await import('assemblyscript/asc');
  let code;
  const { error, stderr } = await compiler.main(
    [
      SOURCE,
      '-O3',
      '--noAssert',
      '--runtime',
      'stub',
      '--importMemory',
      '--enable',
      'simd',
      '--outFile',
      'kernel.wasm',
    ],
    {
      readFile: (name) => {
        try {
          return readFileSync(join(ROOT, name), 'utf8');
        } catch {
          // The compiler asks for names that a source may have: there is none.
          return null;
        }
      },
      writeFile: (_name, contents) => {
        code = contents;
      },
    },
  );
  if (error !== null) throw new Refusal(`${SOURCE} does not compile:\n${stderr.toString()}`);
  const text = `/** Made of \`assembly/columnKernel.ts\` by \`npm run kernel\`: not to be edited. */
export const COLUMN_KERNEL =
  '${Buffer.from(code).toString('base64')}';
`;
  if (!process.argv.includes('--check')) writeFileSync(CODE, text);
  else if (readFileSync(CODE, 'utf8') !== text)
    throw new Refusal(`${CODE} is not what ${SOURCE} compiles to: run npm run kernel.`);
});
