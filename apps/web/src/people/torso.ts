import type { Pack } from '@graft/core/trip';
import { inUnits, parseQuantity, unitShown, type MassUnit } from '@graft/core/units';

/** Whom a pack's back fits: "42–52 cm", or "any". */
export function torsoText({ torso }: Pack, massUnit: MassUnit): string {
  return torso === undefined ? 'any' : inUnits(`${torso.leastCm}–${torso.mostCm} cm`, massUnit);
}

/** The pack with the torsos that were typed, or what is wrong with them. */
export function withTorso(pack: Pack, text: string, massUnit: MassUnit): Pack | string {
  const { torso: _before, ...rest } = pack;
  if (/^\s*(any)?\s*$/i.test(text)) return rest;
  const [least, most] = text.split(/\s*(?:–|-|\bto\b)\s*/);
  const { bare } = unitShown('length', massUnit);
  const to = parseQuantity(most ?? '', 'length', bare);
  // "40–52 cm": the unit stands once, at the end.
  const unit = (most ?? '').replace(/[\d\s.,]/g, '');
  const from = parseQuantity(/[a-z]/i.test(least ?? '') ? least! : `${least ?? ''} ${unit}`, 'length', bare);
  if (!from.ok || !to.ok || to.value < from.value)
    return `expected torsos from and to, such as "42–52 cm", or "any", got "${text}"`;
  return { ...rest, torso: { leastCm: from.value, mostCm: to.value } };
}
