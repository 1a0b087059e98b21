/** Names of points in a chart, none over another. */
const LABEL_LINE = 12;
/** Width of a letter of the chart's labels, about, px. */
const LETTER = 5.8;
const MARKER = 7;
/** Steps up and down that are tried, nearest first, on either side of the point. */
const STEPS = [0, 1, -1, 2, -2, 3, -3, 4, -4];

interface Label {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'end';
}

/** Names beside their points, where they lie on no other name and on no other point. */
export function apartLabels(
  points: readonly { readonly name: string; readonly x: number; readonly y: number }[],
  width: number,
): readonly Label[] {
  const placed: Label[] = [];
  const span = ({ name, x, anchor }: Label): readonly [number, number] =>
    anchor === 'start' ? [x, x + LETTER * name.length] : [x - LETTER * name.length, x];
  const isFree = (label: Label): boolean => {
    const [left, right] = span(label);
    if (left < 0 || right > width) return false;
    const onName = placed.some((other) => {
      const [l, r] = span(other);
      return left < r && l < right && Math.abs(other.y - label.y) < LABEL_LINE;
    });
    const onPoint = points.some(
      (p) => p.x + MARKER > left && p.x - MARKER < right && Math.abs(p.y + 4 - label.y) < LABEL_LINE,
    );
    return !onName && !onPoint;
  };
  for (const { name, x, y } of points) {
    const tried = STEPS.flatMap((step): readonly Label[] => [
      { name, x: x + MARKER + 4, y: y + 4 + step * LABEL_LINE, anchor: 'start' },
      { name, x: x - MARKER - 4, y: y + 4 + step * LABEL_LINE, anchor: 'end' },
    ]);
    placed.push(tried.find(isFree) ?? tried[0]!);
  }
  return placed;
}
