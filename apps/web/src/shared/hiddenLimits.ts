/** Sentences without the figures that would tell a limit, and with it a body weight. */

/** Stands for a figure that is hidden. */
export const HIDDEN = '···';

const FIGURES = String.raw`\d[\d.,]*(?: ?(?:–|-|→|to) ?\d[\d.,]*)* ?`;
const PERCENTAGES = new RegExp(`${FIGURES}%`, 'g');
const MASSES = new RegExp(String.raw`${FIGURES}(?:kg|lb|oz|g)\b`, 'g');
const ABOUT_LIMITS = /\blimits?\b|carries at most|body weight/i;

export const withoutPercentages = (text: string): string => text.replace(PERCENTAGES, HIDDEN);

/** A sentence of the computation without the figures that would tell a limit, where it speaks of limits. */
export const withoutLimits = (text: string): string =>
  ABOUT_LIMITS.test(text) ? withoutPercentages(text).replace(MASSES, HIDDEN) : text;
