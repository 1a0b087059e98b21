/** Names inside drawn things: where they fit, upright in tall ones, and never over one another. */
import type { PlacedThing } from '@graft/core/stow';

interface Rectangle {
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
  readonly text: string;
  /** The label's middle. */
  readonly x: number;
  readonly y: number;
  readonly upright: boolean;
}

const LETTER_PX = 5.4;
const LINE_PX = 12;
const FEWEST_LETTERS = 4;

/** Label the largest things first; a name that would touch another is left to the list beside the drawing. */
export function placeLabels(things: readonly Drawn[]): readonly Label[] {
  const taken: Rectangle[] = [];
  const labels: Label[] = [];
  for (const thing of [...things].sort((a, b) => b.width * b.height - a.width * a.height)) {
    const upright = thing.height > 1.5 * thing.width && thing.width < 60;
    const [along, across] = upright ? [thing.height, thing.width] : [thing.width, thing.height];
    const letters = Math.floor((along - 6) / LETTER_PX);
    if (across < LINE_PX || letters < FEWEST_LETTERS) continue;
    const name = thing.placed.thing.name;
    const part = name.includes(': ') ? name.slice(name.indexOf(': ') + 2) : name;
    const text = part.length <= letters ? part : `${part.slice(0, letters - 1).trimEnd()}…`;
    const [x, y] = [thing.x + thing.width / 2, thing.y + thing.height / 2];
    const [width, height] = upright ? [LINE_PX, text.length * LETTER_PX] : [text.length * LETTER_PX, LINE_PX];
    const box = { x: x - width / 2, y: y - height / 2, width, height };
    if (taken.some((other) => touches(box, other))) continue;
    taken.push(box);
    labels.push({ placed: thing.placed, text, x, y, upright });
  }
  return labels;
}

function touches(a: Rectangle, b: Rectangle): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}
