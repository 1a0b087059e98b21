/** What a print holds, for tests. */
import { extractTextItems, getDocumentProxy } from 'unpdf';

/** The text of a PDF, page by page, without the spaces that print puts between letters. */
export async function pdfPages(pdf: Buffer): Promise<readonly string[]> {
  const { items } = await extractTextItems(await getDocumentProxy(new Uint8Array(pdf)));
  return items.map((page) => squeezed(page.map((item) => item.str).join('')));
}
export const squeezed = (text: string): string => text.replace(/\s/g, '');
