/**
 * What tests ran through, from what V8 wrote of whole processes (NODE_V8_COVERAGE). Jest's own coverage asks V8 after
 * each test file for all scripts of the process, which takes as long as the tests themselves.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { mergeScriptCovs } from '@bcoe/v8-coverage';
import swcJest from '@swc/jest';
import istanbul from 'istanbul-lib-coverage';
import v8ToIstanbul from 'v8-to-istanbul';

/**
 * @param folder where the processes wrote
 * @param files whose lines count
 * @param transformOptions what Jest compiles them with: V8's places are in the compiled text
 * @returns file → what of its lines and branches was run through; files of types alone are left out
 */
export async function coverageOf(folder, files, transformOptions) {
  const runs = new Map(files.map((file) => [file, []]));
  for (const name of readdirSync(folder)) {
    for (const script of JSON.parse(readFileSync(join(folder, name), 'utf8')).result) {
      if (script.url.startsWith('file:')) runs.get(fileURLToPath(script.url))?.push(script);
    }
  }
  const swc = swcJest.createTransformer(transformOptions);
  const map = istanbul.createCoverageMap();
  for (const [file, scripts] of runs) {
    const { code } = swc.process(readFileSync(file, 'utf8'), file, { supportsStaticESM: false });
    if (TYPES_ALONE.test(code)) continue;
    const converter = v8ToIstanbul(file, 0, { source: code });
    await converter.load();
    converter.applyCoverage((mergeScriptCovs(scripts) ?? neverLoaded(code)).functions);
    map.merge(converter.toIstanbul());
  }
  return map.files().map((file) => ({ file, ...map.fileCoverageFor(file).toSummary().data }));
}

const TYPES_ALONE =
  /^"use strict";\s*Object\.defineProperty\(exports, "__esModule", \{\s*value: true\s*\}\);\s*\/\/#/;

function neverLoaded(code) {
  const ranges = [{ startOffset: 0, endOffset: code.length, count: 0 }];
  return { functions: [{ functionName: '', ranges, isBlockCoverage: true }] };
}

/** Of several files together: covered of all, per cent. */
export function percentOf(summaries, what) {
  const sum = (part) => summaries.reduce((total, summary) => total + summary[what][part], 0);
  return ((100 * sum('covered')) / sum('total')).toFixed(1);
}
