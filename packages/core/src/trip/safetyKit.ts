/** What is never left behind to save weight, whatever weather, record or a load says. */
import type { Purpose, Thing } from './model.js';

const SAFETY_PURPOSES: readonly Purpose[] = [
  'firstAid',
  'beacon',
  'navigation',
  'light',
  'signal',
  'fire',
  'filter',
  'emergencyShelter',
  'animalSpray',
  'repair',
  'waterContainer',
];

export function isSafetyKit(thing: Pick<Thing, 'name' | 'purpose'>): boolean {
  return (
    SAFETY_PURPOSES.includes(thing.purpose) ||
    /rain jacket|avalanche|probe|shovel|helmet|harness|rope|crampon|ice axe/i.test(thing.name)
  );
}
