/** Addresses of the memory that the kernel and the loader share, as text that is both AssemblyScript and TypeScript. */
const BYTES = { f64: 8, i32: 4 };
const capital = (name) => name[0].toUpperCase() + name.slice(1);
const constant = (...names) => names.map((name) => name.replace(/([A-Z])/g, '_$1').toUpperCase()).join('_');
const told = (text) => (text === undefined ? '' : `/** ${capital(text)}. */\n`);

/**
 * @param blocks see `packages/core/assembly/memoryLayout.mjs`
 * @param isAssembly for the kernel, whose compiler knows the type `usize`
 */
export function memoryText(blocks, isAssembly) {
  const text = [
    '/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */\n',
  ];
  if (!isAssembly) text.push('type usize = number;\n');
  for (const block of blocks) text.push(...blockText(block));
  return text.join('\n');
}

function* blockText({ name, tells, head, lists }) {
  yield `// ${tells}`;
  let at = 0;
  for (const [field, type, tell] of head) {
    if (at % BYTES[type] !== 0) throw new Error(`${name}.${field} lies across its bounds`);
    yield `${told(tell)}export const ${constant(name, field)}: usize = ${at};`;
    at += BYTES[type];
  }
  const headBytes = 8 * Math.ceil(at / 8);
  // Bytes before a list, by what it is counted by.
  const before = new Map();
  let isNarrow = false;
  for (const [field, type, by, each = 1, tell] of lists) {
    if (type === 'i32') isNarrow = true;
    else if (isNarrow) throw new Error(`${name}.${field} lies across its bounds`);
    yield `${told(tell)}${signature(`${name}${capital(field)}`, ['at', ...before.keys()])}
  return ${['at', headBytes, ...terms(before)].join(' + ')};
}`;
    before.set(by, (before.get(by) ?? 0) + BYTES[type] * each);
    if (each > 1) yield `export const ${constant(name, field)}_EACH: usize = ${BYTES[type] * each};`;
  }
  yield `${signature(`${name}Bytes`, [...before.keys()])}
  return ${[headBytes, ...terms(before)].join(' + ')};
}
`;
}

/** The formatter's longest line. */
const LONGEST = 110;

function signature(name, args) {
  const typed = args.map((arg) => `${arg}: usize`);
  const line = `export function ${name}(${typed.join(', ')}): usize {`;
  return line.length <= LONGEST
    ? line
    : `export function ${name}(\n${typed.map((arg) => `  ${arg},\n`).join('')}): usize {`;
}

const terms = (before) => [...before].map(([by, bytes]) => `${bytes} * ${by}`);
