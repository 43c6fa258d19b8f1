import { DAY_MIN } from '../time';

/** A stretch of a week to be drawn: minutes of the week, a height as a share, and why it runs. */
export interface WeekStretch {
  readonly from: number;
  readonly to: number;
  readonly share: number;
  readonly cause: 'program' | 'prime' | 'frost' | 'hand' | 'rest';
  /** how many programs want the pump here and do not get it */
  readonly suppressed: number;
}

/** A window of a day with its price. */
interface PriceBand {
  readonly from: number;
  readonly to: number;
  readonly price: number;
}

export interface WeekBlock {
  readonly x: number;
  readonly width: number;
  readonly y: number;
  readonly height: number;
  readonly cause: WeekStretch['cause'];
}

export interface WeekRow {
  readonly blocks: readonly WeekBlock[];
  /** where some program is suppressed */
  readonly suppressed: readonly { readonly x: number; readonly width: number }[];
  /** the dearest windows of a day that has several prices */
  readonly dear: readonly { readonly x: number; readonly width: number; readonly price: number }[];
}

/** A week as seven rows of a timeline, Monday first. */
export function weekChart(
  size: { readonly width: number; readonly height: number },
  stretches: readonly WeekStretch[],
  prices: readonly (readonly PriceBand[])[],
): WeekRow[] {
  const x = (minute: number) => (minute / DAY_MIN) * size.width;
  const all = prices.flat().map(({ price }) => price);
  const [least, most] = [Math.min(...all), Math.max(...all)];
  return Array.from({ length: 7 }, (_, day) => {
    const begin = day * DAY_MIN;
    const own = stretches.flatMap((stretch) => {
      const from = Math.max(stretch.from, begin) - begin;
      const to = Math.min(stretch.to, begin + DAY_MIN) - begin;
      return to > from ? [{ ...stretch, from, to }] : [];
    });
    return {
      blocks: own
        .filter(({ cause }) => cause !== 'rest')
        .map(({ from, to, share, cause }) => {
          const height = Math.max(3, Math.min(1, share) * size.height);
          return { x: x(from), width: x(to) - x(from), y: size.height - height, height, cause };
        }),
      suppressed: own
        .filter(({ suppressed }) => suppressed > 0)
        .map(({ from, to }) => ({ x: x(from), width: x(to) - x(from) })),
      dear: (prices[day] ?? [])
        .filter(({ price }) => price === most && most > least)
        .map(({ from, to, price }) => ({ x: x(from), width: x(to) - x(from), price })),
    };
  });
}
