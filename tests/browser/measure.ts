import type { Page } from 'puppeteer-core';

/** What a place asks of the one who reads it. */
export interface Measured {
  /** px; the whole page, what lies off the screen included. */
  readonly height: number;
  /** Fields in sight: what is folded away is not asked. */
  readonly fields: number;
  /** px it is wider than the screen. */
  readonly over: number;
  /** px; the smallest text in sight, and which. */
  readonly smallest: number;
  readonly smallestText: string;
  /** px; the lowest edge of the instrument's first lines, where the place has one. */
  readonly instrument?: number;
  /** px; where the caution that stops stands, where there is one. */
  readonly safety?: number;
}

/** Measures the page as it stands in its window. */
export function measure(page: Page): Promise<Measured> {
  return page.evaluate(() => {
    const inSight = (each: Element) =>
      each.getClientRects().length > 0 && getComputedStyle(each).visibility !== 'hidden';
    // Turned text keeps its size.
    const scaleOf = (matrix: DOMMatrix | null) => (matrix ? Math.hypot(matrix.c, matrix.d) : 1);
    const fields = [
      ...document.querySelectorAll(
        'input:not([type="hidden"]):not([type="file"]):not([type="radio"]), select, textarea, [role="radiogroup"], [role="checkbox"], [role="switch"], [role="slider"]',
      ),
    ].filter(inSight);
    let smallest = Infinity;
    let smallestText = '';
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const text = walker.currentNode.textContent?.trim();
      const holder = walker.currentNode.parentElement;
      if (
        !text ||
        !holder ||
        holder.closest('.sr-only, script, style, [aria-hidden="true"].sr-only') ||
        !inSight(holder)
      )
        continue;
      const own = Number.parseFloat(getComputedStyle(holder).fontSize);
      // Text in a drawing is scaled with it.
      const scale = holder instanceof SVGGraphicsElement ? scaleOf(holder.getScreenCTM()) : 1;
      const size = own * Math.abs(scale);
      const clipped = holder.getBoundingClientRect();
      if (clipped.width <= 1 || clipped.height <= 1) continue;
      if (size < smallest) {
        smallest = size;
        smallestText = text.slice(0, 40);
      }
    }
    const top = (selector: string) => {
      const found = [...document.querySelectorAll(selector)].find(inSight);
      return found ? found.getBoundingClientRect().top + window.scrollY : undefined;
    };
    const instrument = top('[data-instrument]');
    const safety = top('[data-caution-stop]');
    return {
      height: document.documentElement.scrollHeight,
      fields: fields.length,
      over: document.documentElement.scrollWidth - window.innerWidth,
      smallest: Math.round(smallest * 10) / 10,
      smallestText,
      ...(instrument === undefined ? {} : { instrument }),
      ...(safety === undefined ? {} : { safety }),
    };
  });
}
