import type { SheetOutline, SheetView } from '@graft/core/sheet';
import { outlinePath, viewBoxOf } from './SheetPicture';

/** What is further before the wearer's back hangs on shoulder straps or hip belt, cm. */
const FRONT_CM = 3;
const ROOM_CM = 1;

/** Where a step's things go: the pack from the side with what is in by then, theirs dark. */
export function StepPicture({
  view,
  before,
  thingIds,
}: {
  view: SheetView;
  before: ReadonlySet<string>;
  thingIds: readonly string[];
}) {
  const theirs = view.things.filter((t) => thingIds.includes(t.thingId));
  if (theirs.length === 0) return null;
  const all = view.things.flatMap((t) => t.outlines).flat();
  const isOnTheFront = theirs.every((t) => t.outlines.every((points) => points.every(([h]) => h < 0)));
  // What hangs before the wearer makes the pack small: it is in the picture when it is its turn.
  const shown = isOnTheFront ? all : all.filter(([h]) => h > -FRONT_CM);
  const paths = (things: readonly SheetOutline[]): string =>
    things.flatMap((t) => t.outlines.map((points) => outlinePath(view, points))).join('');
  return (
    <svg className="step-picture" viewBox={viewBoxOf(view, shown, ROOM_CM)} aria-hidden>
      <path className="zone" d={view.zones.map(({ outline }) => outlinePath(view, outline)).join('')} />
      <path className="in" d={paths(view.things.filter((t) => before.has(t.thingId)))} />
      <path className="next" d={paths(theirs)} />
    </svg>
  );
}
