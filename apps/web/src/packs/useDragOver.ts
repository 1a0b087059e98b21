import type { Plane } from '@graft/core/stow';
import { useState, useEffect, useEffectEvent } from 'react';
import type { Frame } from './packFrame';

/** Where a thing in hand is, cm: one of x and y is the plane's. */
export interface PointCm {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

interface Held {
  readonly thingId: string;
  readonly svg: SVGSVGElement;
}

/**
 * A thing that is dragged over a cut of the pack.
 *
 * @param onDrag the thing is over a spot, or let go there
 * @param onCancel it is let go without being put anywhere
 * @returns takes a thing in hand
 */
export function useDragOver(
  frame: Frame,
  plane: Plane,
  onDrag: ((thingId: string, at: PointCm, dropped: boolean) => void) | undefined,
  onCancel: () => void,
): (held: Held) => void {
  // A drag is heard on the window: the thing in hand may leave this cut, and its outline with it.
  const drag = useEffectEvent((thingId: string, at: PointCm, dropped: boolean) =>
    onDrag?.(thingId, at, dropped),
  );
  const cancel = useEffectEvent(onCancel);
  const [held, setHeld] = useState<Held | undefined>();
  const spotOf = useEffectEvent(
    (svg: SVGSVGElement, event: { clientX: number; clientY: number }): PointCm => {
      const box = svg.getBoundingClientRect();
      const h = frame.cmAcross(event.clientX - box.left);
      const z = frame.cmUp(event.clientY - box.top);
      return plane.axis === 'x' ? { x: plane.at, y: h, z } : { x: h, y: plane.at, z };
    },
  );
  useEffect(() => {
    if (held === undefined) return;
    let moved = false;
    let frameId = 0;
    const move = (event: globalThis.PointerEvent): void => {
      moved = true;
      cancelAnimationFrame(frameId);
      // Once a frame is enough: each move loads the pack anew.
      frameId = requestAnimationFrame(() => drag(held.thingId, spotOf(held.svg, event), false));
    };
    const up = (event: globalThis.PointerEvent): void => {
      cancelAnimationFrame(frameId);
      setHeld(undefined);
      if (moved) drag(held.thingId, spotOf(held.svg, event), true);
    };
    const leave = (): void => {
      cancelAnimationFrame(frameId);
      setHeld(undefined);
      cancel();
    };
    const key = (event: globalThis.KeyboardEvent): void => {
      if (event.key === 'Escape') leave();
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', leave);
    window.addEventListener('keydown', key);
    return () => {
      cancelAnimationFrame(frameId);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', leave);
      window.removeEventListener('keydown', key);
    };
  }, [held]);
  return setHeld;
}
