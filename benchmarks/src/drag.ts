import type { Browser } from '@barythm/e2e/browser';

/**
 * Time from a key that moves a chart point to the frame in which the chart is redrawn, at phone size in Chromium:
 * median and worst of many, in ms.
 */
export async function dragToRedraw(
  browser: Browser,
  path: string,
): Promise<{ median: number; worst: number }> {
  await browser.goTo(path);
  await browser.find('grip-2');
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
  const sorted = [...times].sort((a, b) => a - b);
  return { median: sorted[Math.floor(sorted.length / 2)], worst: sorted[sorted.length - 1] };
}
