import { EXPONENT_OF_FRICTION, lawThrough, powerAt_W, type FlowPoint } from '../hydraulics';

/** One of two prices, and how long it holds each day. */
export interface PriceHours {
  readonly hours: number;
  /** for each kWh, in the site's own currency */
  readonly price: number;
}

/** The cheapest speeds of a day with two prices. */
export interface TwoPricePlan {
  readonly speedCheap_rpm: number;
  readonly speedDear_rpm: number;
  readonly cost: number;
}

/**
 * The cheapest way to move a volume in a day of two prices, running all the time: power ∝ speed³, any speed, no other
 * limits. The marginal cost of a m³ is then the same in both, so the speeds stand as √(price cheap / price dear). A price
 * of nothing in one of them moves everything there.
 */
export function cheapestTwoPrice(
  volume_m3: number,
  point: FlowPoint,
  cheap: PriceHours,
  dear: PriceHours,
): TwoPricePlan {
  const ratio = cheap.price === 0 ? 0 : Math.sqrt(cheap.price / dear.price);
  const m3PerTurn = point.flow_m3h / point.speed_rpm;
  const speedCheap_rpm = volume_m3 / (m3PerTurn * (cheap.hours + ratio * dear.hours));
  const speedDear_rpm = ratio * speedCheap_rpm;
  const law = lawThrough(point, EXPONENT_OF_FRICTION);
  const cost = ([speed, { hours, price }]: [number, PriceHours]) =>
    (powerAt_W(law, speed) / 1000) * hours * price;
  return {
    speedCheap_rpm,
    speedDear_rpm,
    cost: cost([speedCheap_rpm, cheap]) + cost([speedDear_rpm, dear]),
  };
}
