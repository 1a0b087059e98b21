import type { OutlinePoint, SheetThing, SheetView } from '@graft/core/sheet';

interface Props {
  readonly view: SheetView;
  readonly things: readonly SheetThing[];
  readonly chosenIds: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
  readonly title: string;
  readonly note: string;
}

/** A closed outline in a picture whose upper left corner is the origin, cm. */
export function outlinePath({ h: [h0], z: [, z1] }: SheetView, points: readonly OutlinePoint[]): string {
  return `M${points.map(([h, z]) => `${(h - h0).toFixed(1)} ${(z1 - z).toFixed(1)}`).join('L')}Z`;
}

/** What a picture shows that holds these points and so much about them, in the picture's own coordinates, cm. */
export function viewBoxOf(view: SheetView, points: readonly OutlinePoint[], aboutCm: number): string {
  const [hs, zs] = [points.map(([h]) => h - view.h[0]), points.map(([, z]) => view.z[1] - z)];
  const [left, top] = [Math.min(...hs) - aboutCm, Math.min(...zs) - aboutCm];
  const [right, bottom] = [Math.max(...hs) + aboutCm, Math.max(...zs) + aboutCm];
  return [left, top, right - left, bottom - top].map((cm) => cm.toFixed(1)).join(' ');
}

/** A stowed pack from one side, every thing by its outline; those that are chosen lie over the others, with their names. */
export function SheetPicture({ view, things, chosenIds, onChoose, title, note }: Props) {
  const [h0, h1] = view.h;
  const [z0, z1] = view.z;
  const names = new Map(things.map((t) => [t.id, t.name]));
  const path = (points: readonly OutlinePoint[]): string => outlinePath(view, points);
  const chosen = view.things.filter((t) => chosenIds.includes(t.thingId));
  const called = chosen.map((t) => names.get(t.thingId)).join(', ');
  return (
    <figure>
      <figcaption>
        <b>{title}</b> <span className="muted">{note}</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${(h1 - h0).toFixed(1)} ${(z1 - z0).toFixed(1)}`}
        role="img"
        aria-label={`${title}: ${chosen.length === 0 ? 'the stowed pack; the list below says where each thing goes' : `marked: ${called}`}`}
      >
        {view.zones.map((zone, i) => (
          <path key={i} className="zone" d={path(zone.outline)} />
        ))}
        {view.things.map((t) => (
          <path
            key={t.thingId}
            className="thing"
            d={t.outlines.map(path).join('')}
            onClick={() => onChoose(chosenIds.includes(t.thingId) ? [] : [t.thingId])}
          >
            <title>{names.get(t.thingId)}</title>
          </path>
        ))}
        {chosen.map((t) => (
          <path key={t.thingId} className="thing chosen" d={t.outlines.map(path).join('')} />
        ))}
        <circle className="centre" cx={view.centre[0] - h0} cy={z1 - view.centre[1]} r="1.3">
          <title>centre of gravity</title>
        </circle>
      </svg>
      <p className="picture-name">{called === '' ? '\u00a0' : called}</p>
    </figure>
  );
}
