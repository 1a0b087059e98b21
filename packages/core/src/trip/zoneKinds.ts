/** Which zones are parts of the main compartment. */
import type { ZoneKind } from './model.js';

const MAIN_KINDS: readonly ZoneKind[] = ['bottom', 'core', 'outer', 'top'];

/** Whether a zone is part of the main compartment, where things can lie left, right or across. */
export function isMainZone(kind: ZoneKind): boolean {
  return MAIN_KINDS.includes(kind);
}
