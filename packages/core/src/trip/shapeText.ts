/** Shapes as people write them in a table: "block 24 × 15 × 9 cm", "roll 52 × 13 cm", "pouch", "stuff 14 L loose". */
import { SHAPE_KINDS, type Shape } from './model.js';

export type ParsedShape =
  | { readonly ok: true; readonly shape: Shape }
  | { readonly ok: false; readonly error: string };

export function formatShape(shape: Shape): string {
  switch (shape.kind) {
    case 'block':
    case 'flat':
      return `${shape.kind} ${shape.lengthCm} × ${shape.widthCm} × ${shape.heightCm} cm`;
    case 'cylinder':
    case 'roll':
    case 'long':
      return `${shape.kind} ${shape.lengthCm} × ${shape.diameterCm} cm`;
    case 'pouch':
      return 'pouch';
    case 'stuff':
      return `stuff ${shape.looseVolumeL} L loose`;
  }
}

/** Read what `formatShape` writes; "x" or "*" may stand for "×", units may be left out. */
export function parseShape(text: string): ParsedShape {
  const error = `expected "block 24 x 15 x 9", "flat 20 x 12 x 2", "cylinder 24 x 8", "roll 52 x 13", "long 45 x 6", "pouch" or "stuff 6 L", got "${text}"`;
  const fail: ParsedShape = { ok: false, error };
  const word = text
    .trim()
    .toLowerCase()
    .split(/[\s\d]/)[0];
  const kind = SHAPE_KINDS.find((k) => k === word);
  if (kind === undefined) return fail;
  const rest = text
    .trim()
    .slice(kind.length)
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/\b(cm|l|loose)\b/gi, '');
  const parts = rest.split(/[x×*\s]+/i).filter((part) => part !== '');
  const numbers = parts.map(Number);
  if (numbers.some((n) => !(n > 0))) return fail;
  const [a, b, c] = numbers;
  switch (kind) {
    case 'block':
    case 'flat':
      return numbers.length === 3
        ? { ok: true, shape: { kind, lengthCm: a!, widthCm: b!, heightCm: c! } }
        : fail;
    case 'cylinder':
    case 'roll':
    case 'long':
      return numbers.length === 2 ? { ok: true, shape: { kind, lengthCm: a!, diameterCm: b! } } : fail;
    case 'pouch':
      return numbers.length === 0 ? { ok: true, shape: { kind } } : fail;
    case 'stuff':
      return numbers.length === 1 ? { ok: true, shape: { kind, looseVolumeL: a! } } : fail;
  }
}
