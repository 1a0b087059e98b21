/** What a thing needs to be of use, in words. */
import type { Companion } from '../trip/model.js';

export const COMPANION_WORDS: Readonly<Record<Companion, string>> = {
  gas: 'gas',
  liquidFuel: 'liquid fuel',
  tentPoles: 'tent poles',
  tentPegs: 'tent pegs',
  walkingPoles: 'walking poles',
  cells: 'spare cells or a power bank',
  lighter: 'a lighter',
  stove: 'a stove',
  pot: 'a pot',
};
