import { MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';

/** Pixels the pointer travels before a press becomes a drag, so that a click stays a click. */
const DRAG_AFTER_PX = 5;
/** A finger that stays for so long drags; one that moves before scrolls. */
const LONG_PRESS = { delay: 300, tolerance: 8 };

/** Dragging by mouse, or by a long press; keys and taps have their own ways at each board. */
export function useDragSensors() {
  return useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(TouchSensor, { activationConstraint: LONG_PRESS }),
  );
}
