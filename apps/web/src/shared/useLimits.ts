/**
 * Limits and what is measured by them, as far as they may be seen. A limit is a share of a body weight: while body
 * weights are hidden, limits and percentages of them are hidden too, so that nothing lets a body weight be worked out.
 */
import { useMemo } from 'react';
import { ratioLimitKg } from '@graft/core/load';
import { formatMeasure } from '@graft/core/share';
import type { FairnessSchoolId } from '@graft/core/trip';
import { formatMass, formatPercent, unitShown } from '@graft/core/units';
import { HIDDEN, withoutPercentages } from './hiddenLimits';
import { usePreferences } from './preferences';

export interface Limits {
  readonly hidden: boolean;
  /** A limit. */
  readonly kg: (limitKg: number) => string;
  /** A load by its limit. */
  readonly percent: (ratio: number, decimals?: number) => string;
  /** A load by the trip's own measure; plain kilograms give nothing away. */
  readonly measure: (
    school: FairnessSchoolId,
    ratio: number,
    decimals?: number,
    rounding?: 'nearest' | 'down',
  ) => string;
  /** A sentence whose percentages are of limits or body weights. */
  readonly words: (text: string) => string;
  /** What charts of loads are drawn by: the part of the limit, or the load in the reader's unit while limits are hidden. */
  readonly drawn: (load: { readonly totalKg: number; readonly limitKg: number }) => number;
  /** A value of such a chart. */
  readonly drawnText: (value: number, decimals?: number) => string;
}

export function useLimits(): Limits {
  const { hideWeights: hidden, massUnit } = usePreferences();
  return useMemo((): Limits => {
    const { per: perKg, unit } = unitShown('mass', massUnit);
    const percent = (ratio: number, decimals = 1): string =>
      hidden ? HIDDEN : formatPercent(ratio, decimals);
    return {
      hidden,
      kg: (limitKg) => (hidden ? HIDDEN : formatMass(limitKg, massUnit)),
      percent,
      measure: (school, ratio, decimals = 1, rounding = 'nearest') =>
        hidden && school !== 'plainKg' ? HIDDEN : formatMeasure(school, ratio, massUnit, decimals, rounding),
      words: (text) => (hidden ? withoutPercentages(text) : text),
      drawn: ({ totalKg, limitKg }) => totalKg / (hidden ? perKg : ratioLimitKg(limitKg)),
      drawnText: (value, decimals = 1) =>
        hidden ? `${Number(value.toFixed(1))} ${unit}` : percent(value, decimals),
    };
  }, [hidden, massUnit]);
}
