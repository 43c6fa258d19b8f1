import { focusAfter, isByKeys } from '../touch/keep-focus';

/** What a field, a card and an entry that records by itself are found by in the page. */
export const FIELD_MARK = { dataSet: { field: '' } };
export const CARD_MARK = { dataSet: { card: '' } };
export const SCROLL_MARK = { dataSet: { scroll: '' } };
export const WHOLE_MARK = { dataSet: { whole: '' } };
export const ENTRY_MARK = { dataSet: { entry: '' } };
export const UNANSWERED_MARK = { dataSet: { unanswered: '' } };

const FIELDS = '[data-field]';

function fieldsIn(root: Element): HTMLElement[] {
  return [...root.querySelectorAll<HTMLElement>(FIELDS)];
}

/** Two frames: what a key press changed has been drawn, and has its place. */
function whenDrawn(act: () => void): void {
  requestAnimationFrame(() => requestAnimationFrame(act));
}

/**
 * Goes on from the field that is being typed in: to the next one of its card, or, where `enter` records it, to the one that takes
 * its place. A field that is still there after it was to be recorded has something to say: it keeps the focus. Without a page to
 * look at (another platform) only `enter` happens.
 */
export function goOn(enter?: () => void): void {
  if (typeof document === 'undefined') {
    enter?.();
    return;
  }
  const current = document.activeElement as HTMLElement | null;
  const entry = current?.closest('[data-entry]');
  const root = current?.closest('[data-card]') ?? document.body;
  const before = fieldsIn(root);
  const at = before.findIndex((field) => (enter && entry ? entry.contains(field) : field === current));
  enter?.();
  whenDrawn(() => {
    if (enter && current?.isConnected) {
      keepInSight(current);
      // what the card has to say must not stand under the pad
      const said = [...root.querySelectorAll('[role="alert"]')].at(-1);
      if (said) whenDrawn(() => said.scrollIntoView?.({ block: 'nearest' }));
      return;
    }
    const next = fieldsIn(root)[enter ? at : at + 1];
    if (at >= 0 && next) next.focus();
    else if (isByKeys()) {
      // what took the field's place has the focus already; a field that is still there hands it on
      if (current?.isConnected) focusAfter(document, current, current);
    } else {
      current?.blur();
      root.querySelector('[data-entry]')?.scrollIntoView?.({ block: 'nearest' });
    }
  });
}

/** Brings a field into sight with all that belongs to it: its limits, its warning and, in an entry, its *Record*. */
export function keepInSight(field: unknown): void {
  const element = field as HTMLElement | null;
  if (!element?.scrollIntoView || typeof requestAnimationFrame === 'undefined') return;
  whenDrawn(() => {
    const entry = element.closest('[data-entry]');
    const room = element.closest('[data-scroll]')?.clientHeight ?? Infinity;
    const whole = entry && entry.clientHeight <= room ? entry : (element.closest('[data-whole]') ?? element);
    whole.scrollIntoView({ block: 'nearest' });
  });
}

/** Goes to the first field of the screen that says something is wrong with it, or to the first word of it elsewhere; else to what waits for an answer. */
export function goToFirstError(): void {
  if (typeof document === 'undefined') return;
  // what is wrong is told from now on: let it be drawn first
  whenDrawn(() => {
    const main = document.querySelector('[role="main"]');
    const field = main?.querySelector<HTMLElement>('[data-field][aria-invalid="true"]');
    field?.focus();
    (
      field ??
      main?.querySelector('[role="alert"]') ??
      main?.querySelector('[data-unanswered]')
    )?.scrollIntoView({ block: 'center' });
  });
}
