/** A setting on the walk: where it is read or set, and where the display stands afterwards. */
export interface Stop {
  readonly key: string;
  readonly at: string;
  readonly then: string;
}

/** What of a walk’s order is not free: keys that come before a key. */
export type Before = (key: string) => readonly string[];

/** Up to so many stops every order is looked at, up to so many the nearest is taken and put right; a longer walk goes as it is listed. */
const EXACT = 9;
const SEARCHED = 60;

/**
 * The stops in the order that takes the fewest presses from where the display stands.
 *
 * @param cost presses from one place to another; infinite where no way leads
 * @returns the stops in their order; those that no way leads to stand last, as listed
 */
export function walkOrder(
  start: string,
  stops: readonly Stop[],
  cost: (from: string, to: string) => number,
  before: Before = () => [],
): readonly Stop[] {
  if (stops.length > SEARCHED) return stops;
  const reached = stops.filter(({ at }) => Number.isFinite(cost(start, at)));
  const rest = stops.filter((stop) => !reached.includes(stop));
  const ordered =
    reached.length <= EXACT
      ? exactly(start, reached, cost, before)
      : putRight(start, nearest(start, reached, cost, before), cost, before);
  return [...ordered, ...rest];
}

/** Presses of a walk in this order. */
export function walkCost(
  start: string,
  stops: readonly Stop[],
  cost: (from: string, to: string) => number,
): number {
  let from = start;
  let sum = 0;
  for (const { at, then } of stops) {
    sum += cost(from, at);
    from = then;
  }
  return sum;
}

type Cost = (from: string, to: string) => number;

const waits = (stop: Stop, left: readonly Stop[], before: Before) =>
  before(stop.key).some((key) => left.some((other) => other.key === key && other !== stop));

/** The best order of all, by what is left and where one stands (dynamic programming over subsets). */
function exactly(start: string, stops: readonly Stop[], cost: Cost, before: Before): readonly Stop[] {
  const known = new Map<string, { cost: number; order: readonly Stop[] }>();
  const best = (from: string, left: readonly Stop[]): { cost: number; order: readonly Stop[] } => {
    if (left.length === 0) return { cost: 0, order: [] };
    const name = `${from}|${left.map(({ key }) => key).join('|')}`;
    const had = known.get(name);
    if (had) return had;
    let found = { cost: Infinity, order: left };
    for (const stop of left) {
      if (waits(stop, left, before)) continue;
      const on = best(
        stop.then,
        left.filter((other) => other !== stop),
      );
      const whole = cost(from, stop.at) + on.cost;
      if (whole < found.cost) found = { cost: whole, order: [stop, ...on.order] };
    }
    known.set(name, found);
    return found;
  };
  return best(start, stops).order;
}

function nearest(start: string, stops: readonly Stop[], cost: Cost, before: Before): Stop[] {
  const order: Stop[] = [];
  let left = [...stops];
  let from = start;
  while (left.length > 0) {
    const free = left.filter((stop) => !waits(stop, left, before));
    // a circle of what comes before what is no reason to leave anything out
    const among = free.length > 0 ? free : left;
    const next = among.reduce((a, b) => (cost(from, b.at) < cost(from, a.at) ? b : a));
    order.push(next);
    left = left.filter((stop) => stop !== next);
    from = next.then;
  }
  return order;
}

/** Moves one stop at a time to where it costs less, until none does. */
function putRight(start: string, given: readonly Stop[], cost: Cost, before: Before): readonly Stop[] {
  let order = given;
  let least = walkCost(start, order, cost);
  for (let moved = true; moved;) {
    moved = false;
    for (let i = 0; i < order.length && !moved; i += 1) {
      for (let j = 0; j < order.length && !moved; j += 1) {
        if (i === j) continue;
        const without = [...order.slice(0, i), ...order.slice(i + 1)];
        const tried = [...without.slice(0, j), order[i], ...without.slice(j)];
        if (!keepsTo(tried, before)) continue;
        const whole = walkCost(start, tried, cost);
        if (whole < least - 1e-9) {
          order = tried;
          least = whole;
          moved = true;
        }
      }
    }
  }
  return order;
}

function keepsTo(order: readonly Stop[], before: Before): boolean {
  return order.every((stop, i) => !waits(stop, order.slice(i), before));
}
