interface KeyEvent {
  readonly key: string;
  readonly currentTarget?: unknown;
  preventDefault(): void;
}

const GROUPS = '[role="radiogroup"],[role="group"],[role="tablist"]';
const ITEMS = '[role="radio"],[role="checkbox"],[role="tab"]';

/** How far each key goes within its group; Home and End to its ends. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
};

/**
 * Keys of a box, a radio or a tab: Space presses it, arrows go to its neighbours in the group. Going there presses nothing: what is
 * chosen here is often recorded at once.
 */
export function groupKeys(press: () => void): object {
  return {
    // before the pressable's own handling, which knows Enter alone
    onKeyDownCapture: (event: KeyEvent) => {
      if (event.key === ' ') {
        event.preventDefault();
        press();
        return;
      }
      const item = event.currentTarget as HTMLElement | undefined;
      const items = [...(item?.closest?.(GROUPS)?.querySelectorAll<HTMLElement>(ITEMS) ?? [])];
      const at = item ? items.indexOf(item) : -1;
      const to = goesTo(event.key, at, items.length);
      if (at < 0 || to === null) return;
      event.preventDefault();
      items[to].focus();
    },
  };
}

/** The place that a key goes to among some, round the ends; null for a key that goes nowhere. */
export function goesTo(key: string, at: number, count: number): number | null {
  if (key === 'Home') return 0;
  if (key === 'End') return count - 1;
  const step = STEPS[key];
  return step === undefined || count === 0 ? null : (at + step + count) % count;
}
