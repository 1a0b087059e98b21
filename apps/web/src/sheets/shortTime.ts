import { LOCALE } from '../shared/locale';

/** "27 Nov, 16:55", in the reader's own way of writing it in English. */
export function shortTime(iso: string): string {
  return new Date(iso).toLocaleString(LOCALE, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
}
