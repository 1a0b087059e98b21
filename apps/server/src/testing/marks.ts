import { randomUUID } from 'node:crypto';
import type { SheetMark } from '@graft/core/sheet';

/** A tick as a device would send it. */
export function aMark(more: Partial<SheetMark> = {}): SheetMark {
  return {
    id: randomUUID(),
    kind: 'packed',
    thingId: 'hammer',
    value: true,
    at: new Date().toISOString(),
    replaces: [],
    ...more,
  };
}
