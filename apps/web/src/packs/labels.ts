/**
 * Names in a drawing: inside what they name where they fit, on one line or more, upright in tall things; else beside the
 * pack with a line to it. None is cut, and none touches another.
 */
import type { PlacedThing } from '@graft/core/stow';
import { partName } from '../shared/partName';
import { wrapped } from '../shared/wrapped';

export interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
export interface Drawn extends Rectangle {
  readonly placed: PlacedThing;
}
export interface Label {
  readonly placed: PlacedThing;
  readonly lines: readonly string[];
  /** The label's middle. */
  readonly x: number;
  readonly y: number;
  readonly upright: boolean;
  /** What a name beside the pack points to; undefined for one inside of its thing. */
  readonly to: { readonly x: number; readonly y: number } | undefined;
}

/** Size of a label's letters, px. */
export const LABEL_PX = 11;
/** A letter's width on average, rather wide than narrow; and a line's height. */
export const LETTER_PX = 5.9;
export const LINE_PX = 12.5;
/** Between a name and the edge of its thing. */
const INSET_PX = 3;
const MOST_LINES = 3;
/** Names beside the pack are looked for on a grid of this step, and so many of them are read at once. */
const STEP_PX = 6;
const MOST_BESIDE = 8;

/** A thing's name in a drawing, the full one first: of a kit's part the part, and what comes before a comma. */
export function shortNames(name: string): readonly string[] {
  const part = partName(name);
  const [head] = part.split(/,| \(/);
  return head === part || head === undefined || head === '' ? [part] : [part, head];
}

const sizeOf = (lines: readonly string[]): Pick<Rectangle, 'width' | 'height'> => ({
  width: Math.max(...lines.map((l) => l.length)) * LETTER_PX,
  height: lines.length * LINE_PX,
});

/** How a name goes into its thing; undefined when it does not. */
function inside({ placed, width, height }: Drawn): Pick<Label, 'lines' | 'upright'> | undefined {
  const [w, h] = [width - 2 * INSET_PX, height - INSET_PX];
  const names = shortNames(placed.thing.name);
  const fits = (name: string, across: number, up: number, most: number): readonly string[] | undefined => {
    const lines = wrapped(name, Math.floor(across / LETTER_PX));
    return lines !== undefined && lines.length <= most && lines.length * LINE_PX <= up ? lines : undefined;
  };
  for (const most of [1, MOST_LINES])
    for (const name of names) {
      const lines = fits(name, w, h, most);
      if (lines !== undefined) return { lines, upright: false };
    }
  for (const name of names) {
    const lines = fits(name, h, w, 1);
    if (lines !== undefined) return { lines, upright: true };
  }
  return undefined;
}

/** A drawing, px. */
export interface Room {
  readonly width: number;
  readonly height: number;
  /** What no name beside the pack may lie on. */
  readonly taken: readonly Rectangle[];
  /** What no name at all may lie on. */
  readonly marked: Rectangle;
}

/** @param things as they are drawn, px */
export function placeLabels(things: readonly Drawn[], room: Room): readonly Label[] {
  const taken: Rectangle[] = [room.marked];
  const labels: Label[] = [];
  const beside: Drawn[] = [];
  for (const thing of [...things].sort((a, b) => b.width * b.height - a.width * a.height)) {
    const way = inside(thing);
    const box = way === undefined ? undefined : freeInside(thing, way, taken);
    if (way === undefined || box === undefined) {
      beside.push(thing);
      continue;
    }
    taken.push(box);
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    labels.push({ placed: thing.placed, ...way, x, y, to: undefined });
  }
  const full = [...taken, ...room.taken, ...things];
  for (const thing of beside.slice(0, MOST_BESIDE)) {
    const to = { x: thing.x + thing.width / 2, y: thing.y + thing.height / 2 };
    const found = besideThePack(shortNames(thing.placed.thing.name).at(-1)!, to, room, full);
    if (found === undefined) continue;
    full.push(boxAbout(found.x, found.y, sizeOf(found.lines)));
    labels.push({ placed: thing.placed, ...found, upright: false, to });
  }
  return labels;
}

/** In the middle of its thing, or else above, below or beside that. */
function freeInside(
  thing: Drawn,
  { lines, upright }: Pick<Label, 'lines' | 'upright'>,
  taken: readonly Rectangle[],
): Rectangle | undefined {
  const { width, height } = sizeOf(lines);
  const size = upright ? { width: height, height: width } : { width, height };
  const [x, y] = [thing.x + thing.width / 2, thing.y + thing.height / 2];
  const [aside, up] = [(thing.width - size.width) / 2 - INSET_PX, (thing.height - size.height) / 2];
  return [
    [0, 0],
    [0, -up],
    [0, up],
    [-aside, 0],
    [aside, 0],
  ]
    .map(([dx, dy]) => boxAbout(x + dx!, y + dy!, size))
    .find((box) => !taken.some((other) => touches(box, other)));
}

/** The free place nearest to a point for a name on one line or two. */
function besideThePack(
  name: string,
  to: { readonly x: number; readonly y: number },
  { width, height }: { readonly width: number; readonly height: number },
  taken: readonly Rectangle[],
): Pick<Label, 'lines' | 'x' | 'y'> | undefined {
  const half = wrapped(name, Math.max(...name.split(' ').map((w) => w.length), Math.ceil(name.length / 2)));
  const ways = [[name], ...(half === undefined || half.length !== 2 ? [] : [half])];
  let best: (Pick<Label, 'lines' | 'x' | 'y'> & { readonly far: number }) | undefined;
  for (const lines of ways) {
    const size = sizeOf(lines);
    for (let x = size.width / 2 + 2; x <= width - size.width / 2 - 2; x += STEP_PX)
      for (let y = size.height / 2 + 2; y <= height - size.height / 2 - 2; y += STEP_PX) {
        const far = Math.hypot(
          Math.max(0, Math.abs(x - to.x) - size.width / 2),
          Math.max(0, Math.abs(y - to.y) - size.height / 2),
        );
        if (best !== undefined && far >= best.far) continue;
        const box = boxAbout(x, y, size);
        if (!taken.some((other) => touches(box, other))) best = { lines, x, y, far };
      }
  }
  return best;
}

function boxAbout(x: number, y: number, { width, height }: Pick<Rectangle, 'width' | 'height'>): Rectangle {
  return { x: x - width / 2, y: y - height / 2, width, height };
}

function touches(a: Rectangle, b: Rectangle): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}
