import { memo, type ReactNode } from 'react';

/**
 * What is painted anew only when what it shows is: a hand that moves a point moves the chart, and the rest of the page follows a moment
 * later, once.
 *
 * @example
 * <Still on={calm}>{() => <DoseCard work={calm} />}</Still>
 */
export const Still = memo(
  function Still({ children }: { readonly on: unknown; readonly children: () => ReactNode }) {
    return children();
  },
  (before, after) => before.on === after.on,
);
