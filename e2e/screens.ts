/** Every screen of a trip, and what can be seen of it: texts, what is cut off, what lies over what. */
import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { atRest, baseUrl, openStation } from './support';

/** A station and the groups of choices that change what it shows. */
const STATIONS: readonly (readonly [station: string, choices: readonly string[]])[] = [
  ['start', []],
  ['brief', ['tabs']],
  ['people', ['tabs']],
  ['kit', ['Columns', 'Beside the table']],
  ['larder', ['Food figures']],
  ['shares', ['View', 'What is shown of the share']],
  ['packs', ['What is shown of the stow', 'More of the stow']],
  ['sheets', []],
  ['sheets/print', []],
  ['trail', ['Trail', 'The day']],
  ['trail/print?day=1', []],
  ['debrief', ['Debrief']],
];

/** Goes through all screens of a trip, and looks at each. */
export async function eachScreen(
  page: Page,
  id: string,
  look: (screen: string) => Promise<void>,
): Promise<void> {
  for (const [station, choices] of STATIONS) {
    if (station.includes('print')) await page.goto(`${baseUrl()}/trips/${id}/${station}`);
    else await openStation(page, id, station);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await atRest(page);
    await look(station);
    for (const choice of choices) {
      const all =
        choice === 'tabs'
          ? page.getByRole('tab')
          : page.getByRole('radiogroup', { name: choice, exact: true }).locator('label');
      for (const one of await all.all()) {
        if (!(await one.isVisible()) || (await one.getAttribute('data-on')) !== null) continue;
        await one.click();
        await atRest(page);
        await look(`${station}, ${(await one.innerText()).trim()}`);
      }
    }
  }
}

/** The texts on a page, in the order in which they are read. */
export function textsOf(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const texts = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      if (node instanceof Element) {
        for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
          texts.add(node.getAttribute(name) ?? '');
      } else if (!/^(SCRIPT|STYLE)$/.test(node.parentElement?.tagName ?? ''))
        texts.add(node.textContent ?? '');
    }
    return [...texts].map((t) => t.replace(/\s+/g, ' ').trim()).filter((t) => /\p{L}{2}/u.test(t));
  });
}

/** Texts that are cut off, and texts that lie over each other, in what can be seen just now. */
export function faultsOf(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    interface Seen {
      readonly text: string;
      readonly element: Element;
      readonly box: DOMRect;
    }
    /** What is left of a box where scrolling or cutting elements about it end. */
    const insideOf = (whole: DOMRect, from: Element): DOMRect => {
      let { left, right, top, bottom } = whole;
      for (let at: Element | null = from; at !== null; at = at.parentElement) {
        if (getComputedStyle(at).overflowX === 'visible' || at === document.body) continue;
        const edge = at.getBoundingClientRect();
        left = Math.max(left, edge.left);
        right = Math.min(right, edge.right);
        top = Math.max(top, edge.top);
        bottom = Math.min(bottom, edge.bottom);
      }
      return new DOMRect(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    };
    const faults: string[] = [];
    const seen: Seen[] = [];
    const { clientWidth, scrollWidth } = document.documentElement;
    if (scrollWidth > clientWidth + 1)
      faults.push(`the page is ${scrollWidth - clientWidth} px wider than the window`);
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      const text = (node.textContent ?? '').trim();
      const element = node.parentElement;
      if (
        text === '' ||
        element === null ||
        element.closest('script, style, option, [aria-hidden=true] svg') !== null
      )
        continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
      for (const whole of range.getClientRects()) {
        const box = insideOf(whole, element);
        if (box.width < 2 || box.height < 2) continue;
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
        if (x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) continue;
        if (getComputedStyle(element).clipPath !== 'none') continue;
        // What is scrolled away under something else is not seen.
        const at = document.elementFromPoint(x, y);
        const isSvg = element instanceof SVGElement;
        if (!isSvg && (at === null || !(at === element || element.contains(at) || at.contains(element))))
          continue;
        seen.push({ text, element, box });
      }
      // Cut off, with neither dots nor a title that holds the whole.
      for (
        let over: Element | null = element;
        over !== null && over !== element.parentElement;
        over = over.parentElement
      ) {
        const style = getComputedStyle(over);
        // What only a screen reader reads.
        if (style.clip !== 'auto' || style.clipPath !== 'none') break;
        const isCut = style.overflowX === 'hidden' || style.overflowX === 'clip';
        if (
          isCut &&
          style.textOverflow !== 'ellipsis' &&
          over.scrollWidth > over.clientWidth + 1 &&
          over.clientWidth > 1
        )
          faults.push(`cut: “${text}”`);
      }
    }
    const ROOM = 2;
    for (const [i, a] of seen.entries())
      for (const b of seen.slice(i + 1)) {
        if (a.element === b.element || a.element.contains(b.element) || b.element.contains(a.element))
          continue;
        const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const down = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        // A line's box is higher than its letters.
        if (across > ROOM && down > Math.min(a.box.height, b.box.height) * 0.35)
          faults.push(`“${a.text}” over “${b.text}”`);
      }
    return [...new Set(faults)];
  });
}
