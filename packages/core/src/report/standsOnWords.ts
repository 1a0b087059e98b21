/** What a share stands on, in words. */
import { names } from '../lists/cures.js';
import type { Trip } from '../trip/model.js';
import { formatPercent, type MassUnit } from '../units/format.js';
import { formatMeasure } from '../share/fairness.js';
import type { ShareFigures } from '../share/shareFigures.js';
import type { StandsOn } from './standsOn.js';

export interface StandsOnLine {
  /** Where it is put right. */
  readonly at: 'people' | 'kit' | 'shares';
  readonly text: string;
  /** It is missing, not only uncertain. */
  readonly isGap: boolean;
}

/** A range narrower than this rounds to one figure and is none. */
const SAME = 0.0005;

/**
 * What is uncertain and what is missing, what is missing first; nothing where all is weighed and said.
 *
 * @param limitsHidden how far the largest load could move is told by itself, not by limits
 */
export function standsOnLines(
  trip: Trip,
  figures: ShareFigures,
  stands: StandsOn,
  unit: MassUnit = 'kg',
  limitsHidden = false,
): readonly StandsOnLine[] {
  const say = (ratio: number): string => formatMeasure(trip.fairness, ratio, unit, 0);
  const { masses, estimates, unweighed, ownUnknown, bodiesUnsaid, alone, low, high } = stands;
  const lines: StandsOnLine[] = [];
  const gap = (at: StandsOnLine['at'], text: string): number => lines.push({ at, text, isGap: true });
  if (ownUnknown.length > 0)
    gap('people', `Own things of ${names(ownUnknown)} are not known: they count as nothing`);
  if (bodiesUnsaid.length > 0)
    gap(
      'people',
      `Nobody has said what ${names(bodiesUnsaid)} ${bodiesUnsaid.length > 1 ? 'weigh' : 'weighs'}: an average body is counted`,
    );
  if (unweighed.length > 0)
    gap(
      'kit',
      `${counted(unweighed.length, 'thing has', 'things have')} no weight: ${unweighed.slice(0, 3).join(', ')}${unweighed.length > 3 ? ' …' : ''}`,
    );
  if (figures.unshared.length === 0 && (estimates > 0 || high - low > SAME))
    lines.push({
      at: 'kit',
      isGap: false,
      text: `${estimates} of ${counted(masses, 'weight', 'weights')} ${estimates === 1 ? 'is a guess' : 'are guesses'}. ${limitsHidden ? movesWords(figures, stands) : rangeWords(figures, stands, say)}`,
    });
  if (alone.length > 0)
    lines.push({
      at: 'shares',
      isGap: false,
      text: `${alone.join(', ')}: heavy enough to make the largest load, whoever carries ${alone.length > 1 ? 'them' : 'it'}`,
    });
  return lines;
}

/** How far what is not known could move the largest load. */
function rangeWords(
  { largestRatio }: ShareFigures,
  { low, high, ownUnknown, bodiesUnsaid }: StandsOn,
  say: (ratio: number) => string,
): string {
  if (say(low) === say(high)) return `The largest load stays at ${say(high)}`;
  const the = ownUnknown.length + bodiesUnsaid.length > 0 ? 'With what is missing, the' : 'The';
  return `${the} largest load, ${say(largestRatio)} as listed, is likely between ${say(low)} and ${say(high)}`;
}

/** The same by the largest load itself. */
function movesWords({ largestRatio }: ShareFigures, { low, high }: StandsOn): string {
  if (largestRatio <= 0 || high - low <= SAME) return 'The largest load stays as it is';
  const part = (ratio: number): string => formatPercent(Math.abs(ratio / largestRatio - 1), 0);
  return `The largest load is likely from ${part(low)} lower to ${part(high)} higher than listed`;
}

/** "the stove, 40 % of what is not known". */
export function weighFirstWords(stands: StandsOn): readonly string[] {
  return stands.weighFirst.map((w) => `${w.what}: ${formatPercent(w.part, 0)} of what is uncertain`);
}

/** What a proved division is the best of: of what is listed, and of no more. */
export function provenWords({ ownUnknown, unweighed, bodiesUnsaid }: StandsOn): string {
  const missing = [
    ...(ownUnknown.length > 0 ? [`own things of ${names(ownUnknown)}`] : []),
    ...(unweighed.length > 0 ? [`${counted(unweighed.length, 'weight', 'weights')}`] : []),
    ...(bodiesUnsaid.length > 0 ? [`${counted(bodiesUnsaid.length, 'body weight', 'body weights')}`] : []),
  ];
  const best = 'the fairest division of what is listed';
  return missing.length === 0 ? best : `${best}; not listed: ${missing.join(', ')}`;
}

function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`;
}
