import type { Thing } from '../trip/model.js';

/** A lighter may be packed with the windshield: then its name tells. */
export function isLighter(thing: Thing): boolean {
  return thing.purpose === 'fire' || /lighter|matches/i.test(thing.name);
}
