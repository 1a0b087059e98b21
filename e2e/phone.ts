/** What a thumb and an eye need of a page on a phone, measured in the page: boxes, not pictures. */
import type { Page } from '@playwright/test';

interface Found {
  /** How far the page can be scrolled sideways, px. */
  readonly sideways: number;
  /** What is touched and is smaller than a fingertip. */
  readonly small: readonly string[];
  /** Words that stand on other words. */
  readonly overlaps: readonly string[];
}

/** @param leastPx side of the smallest target */
export const measure = (page: Page, leastPx = 44): Promise<Found> =>
  page.evaluate((least) => {
    const isSeen = (element: Element): boolean =>
      element.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
      element.getBoundingClientRect().width > 1;
    const named = (element: Element): string => {
      const { width, height } = element.getBoundingClientRect();
      const name = element.getAttribute('aria-label') ?? element.textContent ?? '';
      return `${element.tagName.toLowerCase()} “${name.trim().slice(0, 40)}” ${Math.round(width)}×${Math.round(height)}`;
    };
    /** What is touched for a thing: a tick box's label is touched for it. */
    const touched = (element: Element): Element =>
      element instanceof HTMLInputElement && /checkbox|radio/.test(element.type)
        ? (element.closest('label') ?? element)
        : element;
    // In a sentence a link is as high as its line; blocks of a beam have their names in the list below.
    const isExempt = (element: Element): boolean =>
      element.matches('[data-piece], .skip, svg *') ||
      (element instanceof HTMLAnchorElement && getComputedStyle(element).display === 'inline');
    const targets = new Set(
      [...document.querySelectorAll('a[href], button, select, input, textarea, summary, [role=tab], .tab')]
        .filter((e) => isSeen(e) && !isExempt(e))
        .map(touched),
    );
    const small = [...targets]
      .filter((e) => {
        const { width, height } = e.getBoundingClientRect();
        return height < least - 0.5 || width < least - 0.5;
      })
      .map(named);

    /** What of a box can be seen of it within all that clips it. */
    const clipped = (rect: DOMRect, of: Element): DOMRect | undefined => {
      let { left, top, right, bottom } = rect;
      for (let e: Element | null = of; e !== null; e = e.parentElement) {
        if (getComputedStyle(e).overflow === 'visible') continue;
        const box = e.getBoundingClientRect();
        [left, top] = [Math.max(left, box.left), Math.max(top, box.top)];
        [right, bottom] = [Math.min(right, box.right), Math.min(bottom, box.bottom)];
      }
      return right - left > 1 && bottom - top > 1
        ? new DOMRect(left, top, right - left, bottom - top)
        : undefined;
    };
    const words: { text: string; of: Element; rect: DOMRect }[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      const of = node.parentElement!;
      if ((node.textContent ?? '').trim() === '' || of.closest('svg, option, script, style') !== null)
        continue;
      if (!isSeen(of)) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      for (const each of range.getClientRects()) {
        const rect = clipped(each, of);
        if (rect !== undefined) words.push({ text: node.textContent!.trim().slice(0, 30), of, rect });
      }
    }
    const overlaps = new Set<string>();
    for (const [i, a] of words.entries())
      for (const b of words.slice(i + 1)) {
        const across = Math.min(a.rect.right, b.rect.right) - Math.max(a.rect.left, b.rect.left);
        const down = Math.min(a.rect.bottom, b.rect.bottom) - Math.max(a.rect.top, b.rect.top);
        // Lines may touch; letters do not.
        if (a.of !== b.of && across > 2 && down > 6) overlaps.add(`“${a.text}” on “${b.text}”`);
      }
    const { scrollWidth, clientWidth } = document.documentElement;
    return { sideways: scrollWidth - clientWidth, small, overlaps: [...overlaps] };
  }, leastPx);
