/**
 * How a date is written, told apart into its parts: kept on the device it stands for the formatter, which takes a slow
 * phone a tenth of a second to make when it is the first of a page. Nothing of a trip is in it.
 */
export interface DateWay {
  /** From Sunday; empty where none is written. */
  readonly weekdays: readonly string[];
  /** From January. */
  readonly months: readonly string[];
  /** What is written, in order: the kind of a part, or the text between two. */
  readonly parts: readonly (readonly [kind: string, text: string])[];
}

const DAY_MS = 86_400_000;
/** A Sunday that begins a year; years of the last century and of this are written alike. */
const SUNDAY = Date.UTC(2023, 0, 1);

/**
 * @param formatter of calendar days in UTC
 * @returns undefined where days or years are not written in plain digits: that formatter is then needed
 */
export function wayOf(formatter: Intl.DateTimeFormat): DateWay | undefined {
  const partOf = (time: number, kind: string): string =>
    formatter.formatToParts(time).find((p) => p.type === kind)?.value ?? '';
  const way: DateWay = {
    weekdays: Array.from({ length: 7 }, (_v, i) => partOf(SUNDAY + i * DAY_MS, 'weekday')),
    months: Array.from({ length: 12 }, (_v, i) => partOf(Date.UTC(2023, i, 1), 'month')),
    parts: formatter.formatToParts(SUNDAY).map(({ type, value }) => [type, value]),
  };
  return written(way, new Date(SUNDAY)) === formatter.format(SUNDAY) ? way : undefined;
}

/** A calendar day in UTC as a formatter of that way writes it. */
export function written({ weekdays, months, parts }: DateWay, date: Date): string {
  return parts
    .map(([kind, text]) => {
      if (kind === 'weekday') return weekdays[date.getUTCDay()]!;
      if (kind === 'month') return months[date.getUTCMonth()]!;
      if (kind === 'day') return String(date.getUTCDate());
      return kind === 'year' ? String(date.getUTCFullYear()) : text;
    })
    .join('');
}
