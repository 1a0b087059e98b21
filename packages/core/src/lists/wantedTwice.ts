/** Doubles that are wanted, for the reader of the checks (common practice, no source). */
export const WANTED_TWICE: readonly string[] = [
  'two independent water carriers each',
  'paper map and phone, a second navigation device',
  'two beacons, if the party splits',
  'filter and tablets',
  'two lighters',
  'a mini first aid on everyone beside the group’s kit',
];
