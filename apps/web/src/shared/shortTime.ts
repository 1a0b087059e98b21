import { LOCALE } from './locale';

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

/** "5 min ago", "3 h ago"; the time itself where that is longer than a day. */
export function ago(iso: string, now = Date.now()): string {
  const minutes = Math.floor((now - Date.parse(iso)) / 60_000);
  if (minutes < 1) return 'just now';
  if (minutes < 60) return `${minutes} min ago`;
  return minutes < 24 * 60 ? `${Math.floor(minutes / 60)} h ago` : shortTime(iso);
}
