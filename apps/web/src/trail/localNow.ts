/** Now by the clocks of a time zone, as YYYY-MM-DDTHH:MM. */
export function localNow(timeZone: string): string {
  // Swedish writes dates as ISO 8601 does.
  const text = new Intl.DateTimeFormat('sv-SE', {
    timeZone,
    dateStyle: 'short',
    timeStyle: 'short',
  }).format(new Date());
  return text.replace(' ', 'T');
}
