/** Plain words as a page: escaped, with links to follow. */

export const escaped = (value: string): string =>
  value.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
/** Addresses in a text, which is escaped already, as links. */
export const linked = (value: string): string =>
  value.replace(/https?:\/\/[^\s<]+/g, (url) => `<a href="${url}">${url}</a>`);

/** A mail's words for readers that show pages: a paragraph for each, and nothing that is fetched from anywhere. */
export function htmlOf(text: string): string {
  const paragraphs = text
    .split('\n\n')
    .map((part) => `<p>${linked(escaped(part)).replaceAll('\n', '<br>')}</p>`);
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="referrer" content="no-referrer"></head>
<body style="font: 16px/1.4 sans-serif; color: #152822; max-width: 40rem">
${paragraphs.join('\n')}
</body></html>
`;
}
