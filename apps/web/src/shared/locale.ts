/**
 * The page speaks English: dates, numbers and plurals are written as that English is that its reader prefers. A German
 * date in an English sentence, or a comma for a point in half of the figures, would help nobody.
 */
const ENGLISH = /^en\b/i;

/** @param preferred languages that a reader prefers, the first first */
export function englishOf(preferred: readonly string[]): string {
  return preferred.find((language) => ENGLISH.test(language)) ?? 'en-GB';
}

/** Tests without a page have no reader. */
export const LOCALE = englishOf(typeof navigator === 'undefined' ? [] : navigator.languages);

let thousands: Intl.NumberFormat | undefined;
/** A number without decimals, its thousands told apart: "1,689". */
export function whole(value: number): string {
  const near = Math.round(value);
  // The first formatter takes a slow phone tens of milliseconds to make.
  if (near >= 0 && near < 1000) return String(near);
  thousands ??= new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 0 });
  return thousands.format(value);
}
