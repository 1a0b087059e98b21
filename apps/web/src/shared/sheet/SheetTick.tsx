import { useId } from 'react';
import { markKey, type SheetThing } from '@graft/core/sheet';
import type { Ticking } from './ticking';
import { useSheetView } from './sheetView';

export function Mass({ things }: { things: readonly SheetThing[] }) {
  const { mass } = useSheetView();
  return (
    <span className="mass">
      {things.some((t) => t.estimated) && <span title="estimated, not weighed">~</span>}
      {mass(things.reduce((sum, t) => sum + t.massKg, 0))}
    </span>
  );
}

/** A line with a box to tick, as large as a thumb; on paper a box to tick with a pencil. */
export function Tick(props: {
  ticking: Ticking | undefined;
  kind: 'packed' | 'received';
  /** What the line stands for: ticked together. */
  thingIds: readonly string[];
  label: string;
  chosen?: boolean;
  onPoint?: (() => void) | undefined;
  children: React.ReactNode;
}) {
  const { ticking, kind, thingIds, label, chosen, onPoint, children } = props;
  const id = useId();
  const stands = thingIds.map((thingId) => ticking?.marks.get(markKey({ kind, thingId })));
  const done = stands.every((s) => s?.mark.value === true);
  const conflict = stands.some((s) => (s?.others.length ?? 0) > 0);
  return (
    <li className="sheet-line" data-done={done || undefined} data-chosen={chosen || undefined}>
      {ticking === undefined ? (
        <span className="box" aria-hidden />
      ) : (
        <label className="tick" htmlFor={id}>
          <input
            id={id}
            type="checkbox"
            checked={done}
            aria-label={label}
            onFocus={onPoint}
            onChange={(e) => {
              for (const thingId of thingIds) ticking.tick(kind, e.target.checked, thingId);
            }}
          />
        </label>
      )}
      {/* A tap on the line marks it in the pictures, as does its box when it is reached by keyboard. */}
      <span className="line-text" onClick={onPoint}>
        {children}
        {conflict && (
          <span className="conflict">
            ▲ told differently on another device: {done ? 'not done' : 'done'} there. Tick to settle it.
          </span>
        )}
      </span>
    </li>
  );
}
