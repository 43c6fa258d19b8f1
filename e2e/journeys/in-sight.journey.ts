import { openStage } from '../src/stage';
import type { Browser } from '../src/browser';

/** What one types for is in sight: upright, on its side, and at twice the size of a small window. */
const SIZES = [
  ['upright', { width: 390, height: 844 }],
  ['on its side', { width: 844, height: 390 }],
  ['at twice the size', { width: 640, height: 400 }],
] as const;

interface Box {
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
}

const boxOf = (browser: Browser, css: string) =>
  browser.driver.executeScript<Box>(
    `const { top, bottom, left, right } = document.querySelector(arguments[0]).getBoundingClientRect();
     return { top, bottom, left, right };`,
    css,
  );
const apart = (a: Box, b: Box) =>
  a.right <= b.left + 1 || b.right <= a.left + 1 || a.bottom <= b.top + 1 || b.bottom <= a.top + 1;

test.each(SIZES)(
  'field, its Record and the pad stand together %s, with name and warning over the keys',
  async (_name, size) => {
    const stage = await openStage(size);
    const { browser } = stage;
    try {
      await browser.walk('in-sight', async () => {
        await browser.goTo('/pump/pump-seal-inlet');
        await browser.tap('start-job');
        await browser.tap('same-gear');
        // what stands still on a job takes little: head and stages above, the way on below
        const scroll = await boxOf(browser, '[data-scroll]');
        expect(scroll.top + (size.height - scroll.bottom)).toBeLessThanOrEqual(130);
        await browser.type('found-input-length', '400');
        await browser.says('pad-about', 'Stroke length, as found');
        await browser.says('pad-about', 'cannot be above 100 %');
        const field = await boxOf(browser, '[data-testid="found-input-length"]');
        const record = await boxOf(browser, '[data-testid="record-length"]');
        const pad = await boxOf(browser, '[data-testid="figure-pad"]');
        for (const box of [field, record, pad]) {
          expect(box.top).toBeGreaterThanOrEqual(0);
          expect(box.bottom).toBeLessThanOrEqual(size.height + 1);
        }
        expect([apart(field, pad), apart(record, pad)]).toEqual([true, true]);
        // on its side the pad is beside the field, and upright under it
        expect(field.right <= pad.left + 1).toBe(size.width > size.height);
        await browser.tap('pad-next');
        await browser.says('found-row-length', '400');
        await browser.tap('take-back-length');
        await browser.find('found-length');
      });
    } finally {
      await stage.close();
    }
  },
  120_000,
);
