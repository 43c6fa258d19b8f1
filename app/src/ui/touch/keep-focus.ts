const FOCUSABLE =
  'a[href], button, input, textarea, select, [tabindex]:not([tabindex="-1"]), [role="button"], [role="radio"], [role="checkbox"]';

let keysLast = false;

/** Whether the person works by keys just now: the last thing that was touched was one. */
export const isByKeys = (): boolean => keysLast;

/**
 * Whoever works by keys stays where he was: what takes the focus with it as it goes (a decision that is written, a row that is recorded)
 * hands it on to what follows in its place. By thumb nothing is focused: a field would bring its pad.
 *
 * @returns what ends it
 */
export function keepFocus(page: Document): () => void {
  const byKeys = () => (keysLast = true);
  const byHand = () => (keysLast = false);
  let held: Element | null = null;
  const onFocus = ({ target }: FocusEvent) => (held = target as Element);
  page.addEventListener('keydown', byKeys, true);
  page.addEventListener('pointerdown', byHand, true);
  page.addEventListener('focusin', onFocus);
  const watch = new MutationObserver((records) => {
    if (!keysLast || held === null || held.isConnected) return;
    if (page.activeElement !== null && page.activeElement !== page.body) return;
    const lost = held;
    const went = records.find(({ removedNodes }) => [...removedNodes].some((node) => node.contains(lost)));
    if (went) focusAfter(page, went.previousSibling, went.target);
  });
  watch.observe(page.body, { childList: true, subtree: true });
  return () => {
    page.removeEventListener('keydown', byKeys, true);
    page.removeEventListener('pointerdown', byHand, true);
    page.removeEventListener('focusin', onFocus);
    watch.disconnect();
  };
}

/** Focuses what comes first after a node, or in a place where nothing stood before it; else the last thing before it. */
export function focusAfter(page: Document, before: Node | null, within: Node): void {
  const all = [...page.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(
    (one) => one.getClientRects().length > 0 && one.ariaDisabled !== 'true',
  );
  const from = before?.isConnected ? before : within;
  const follows = (one: Element) => {
    const where = from.compareDocumentPosition(one);
    const inside = Boolean(where & Node.DOCUMENT_POSITION_CONTAINED_BY);
    return Boolean(where & Node.DOCUMENT_POSITION_FOLLOWING) && (from === within || !inside);
  };
  (all.find(follows) ?? all.at(-1))?.focus();
}
