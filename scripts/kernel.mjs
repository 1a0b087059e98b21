/**
 * npm run kernel: write the addresses of the memory that the loader and its inner loops share, compile those loops to
 * WebAssembly and write them into the core as text, so that nothing has to be fetched at run time. With --check nothing
 * is written: it fails when what is there is not of the sources.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { LOADER_BLOCKS, SEARCH_BLOCKS } from '../packages/core/assembly/memoryLayout.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { memoryText } from './lib/kernelMemory.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

const SOURCE = 'packages/core/assembly/columnKernel.ts';
const CODE = 'packages/core/src/stow/columnKernelCode.ts';
/** Both sides' addresses of the memory that they share. */
const MEMORY = [
  { name: 'columnMemory.ts', blocks: LOADER_BLOCKS },
  { name: 'searchMemory.ts', blocks: SEARCH_BLOCKS },
];
const isCheck = process.argv.includes('--check');

/** Write a file, or refuse when it is not what it should be. */
function made(path, text) {
  const file = join(ROOT, path);
  if (!isCheck) writeFileSync(file, text);
  else if (!existsSync(file) || readFileSync(file, 'utf8') !== text)
    throw new Refusal(`${path} is not what its source makes: run npm run kernel.`);
}

await main(async () => {
  await ensureNodePackages();
  for (const { name, blocks } of MEMORY) {
    made(`packages/core/assembly/${name}`, memoryText(blocks, true));
    made(`packages/core/src/stow/${name}`, memoryText(blocks, false));
  }
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
  made(
    CODE,
    `/** Made of \`assembly/columnKernel.ts\` by \`npm run kernel\`: not to be edited. */
export const COLUMN_KERNEL =
  '${Buffer.from(code).toString('base64')}';
`,
  );
});
