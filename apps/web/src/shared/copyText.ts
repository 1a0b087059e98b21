/** Put a text on the clipboard. Browsers offer theirs on secure addresses only: elsewhere a field is copied, as by hand. */
export async function copyText(text: string): Promise<void> {
  const clipboard = navigator.clipboard as Clipboard | undefined;
  if (clipboard !== undefined) {
    await clipboard.writeText(text);
    return;
  }
  const field = document.createElement('textarea');
  field.value = text;
  field.style.position = 'fixed';
  const before = document.activeElement;
  // Dialogs keep the focus within: the field stands where it is now.
  (before?.parentElement ?? document.body).append(field);
  field.focus();
  field.select();
  document.execCommand('copy');
  field.remove();
  if (before instanceof HTMLElement) before.focus();
}
