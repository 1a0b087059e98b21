/** What a print holds, for tests. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The text of a PDF, page by page, without the spaces that print puts between letters. */
export async function pdfPages(pdf: Buffer): Promise<readonly string[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let n = 1; n <= document.numPages; n += 1) {
    const { items } = await (await document.getPage(n)).getTextContent();
    pages.push(squeezed(items.map((i) => ('str' in i ? i.str : '')).join('')));
  }
  await document.destroy();
  return pages;
}
export const squeezed = (text: string): string => text.replace(/\s/g, '');
