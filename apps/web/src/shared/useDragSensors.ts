import { PointerSensor, useSensor, useSensors } from '@dnd-kit/core';

/** Pixels the pointer travels before a press becomes a drag, so that a click stays a click. */
const DRAG_AFTER_PX = 5;

/** Dragging by pointer; keys have their own ways at each board. */
export function useDragSensors() {
  return useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }));
}
