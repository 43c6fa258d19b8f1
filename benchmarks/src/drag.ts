import type { Browser } from '@barythm/e2e/browser';

/** Times of many alike things, in ms. */
export interface Spread {
  readonly median: number;
  readonly p95: number;
  readonly worst: number;
}

export function spread(times: readonly number[]): Spread {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
  return { median: at(0.5), p95: at(0.95), worst: at(1) };
}

/** Slows the processor of the page so many times. */
export async function slowed<T>(browser: Browser, times: number, work: () => Promise<T>): Promise<T> {
  await browser.cdp('Emulation.setCPUThrottlingRate', { rate: times });
  try {
    return await work();
  } finally {
    await browser.cdp('Emulation.setCPUThrottlingRate', { rate: 1 });
  }
}

/** Time from a key that moves a chart point to the chart redrawn, at phone size in Chromium, frame by frame. */
export async function dragToRedraw(browser: Browser): Promise<Spread> {
  const times = await browser.driver.executeAsyncScript<number[]>(`
    const done = arguments[0];
    const grip = document.querySelector('[data-testid="grip-2"]');
    const svg = document.querySelector('[data-testid="signal-card"] svg[role="img"]');
    const times = [];
    let start = 0;
    // the chart's own change is the end of it, not the next frame
    new MutationObserver(() => { if (start) { times.push(performance.now() - start); start = 0; } })
      .observe(svg, { attributes: true, childList: true, subtree: true });
    grip.focus();
    let i = 0;
    const step = () => {
      if (i++ >= 60) { setTimeout(() => done(times), 100); return; }
      start = performance.now();
      grip.dispatchEvent(new KeyboardEvent('keydown', { key: i % 2 ? 'ArrowDown' : 'ArrowUp', bubbles: true }));
      requestAnimationFrame(() => requestAnimationFrame(step));
    };
    step();
  `);
  if (times.length < 50) throw new Error(`Only ${times.length} of 60 moves redrew the chart.`);
  return spread(times);
}

/**
 * A digit typed in a field of a plan: how long until it stands in the field, and until what follows from it stands in another place.
 *
 * @param texts what is typed in turn: both are taken
 * @param follows test id of what changes with it
 */
export async function digitToConsequence(
  browser: Browser,
  field: string,
  texts: readonly [string, string],
  follows: string,
): Promise<{ readonly shown: Spread; readonly follows: Spread }> {
  const [shown, after] = await browser.driver.executeAsyncScript<[number[], number[]]>(
    `
    const [field, texts, follows, done] = arguments;
    const input = document.querySelector('[data-testid="' + field + '"]');
    const place = document.querySelector('[data-testid="' + follows + '"]');
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const shown = [];
    const after = [];
    let start = 0;
    let resolve = () => {};
    new MutationObserver(() => { if (start) { after.push(performance.now() - start); start = 0; resolve(); } })
      .observe(place, { attributes: true, childList: true, characterData: true, subtree: true });
    const frame = () => new Promise((next) => requestAnimationFrame(next));
    const type = async (text) => {
      const changed = new Promise((next) => { resolve = next; });
      start = performance.now();
      const began = start;
      write.call(input, text);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      await frame();
      shown.push(performance.now() - began);
      await Promise.race([changed, new Promise((next) => setTimeout(next, 3000))]);
      await frame();
      await frame();
    };
    (async () => {
      input.focus();
      for (let i = 0; i < 30; i++) await type(texts[i % 2]);
      done([shown, after]);
    })();
    `,
    field,
    texts,
    follows,
  );
  if (after.length < 25) throw new Error(`Only ${after.length} of 30 digits led to anything.`);
  return { shown: spread(shown), follows: spread(after) };
}
