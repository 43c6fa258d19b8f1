import { cooled, stream_kWK, uaAt_kWK, uaOfReadings_kWK, type Cooling } from '../../../heat';
import type { TransferDuty } from '../wire/duty';

const SECONDS_PER_HOUR = 3600;
const WATER = { density_kgm3: 1000, heat_kJkgK: 4.19 } as const;
/** Taken where nobody knows the product side's share, and how its resistance falls with the flow. */
const HALF = 0.5;
const EXPONENT = 0.7;

const kWK = (flow_m3h: number, density: number, heat: number) =>
  stream_kWK((flow_m3h * density) / SECONDS_PER_HOUR, heat);

type Cooler = NonNullable<TransferDuty['cooler']>;

/** UA of a cooler with the product's flow that it holds for. Throws an InputError on readings that no cooler gives. */
export function uaOf(product: TransferDuty['product'], { ua }: Cooler): { ua_kWK: number; at_m3h: number } {
  if (ua.kind === 'stated') return { ua_kWK: ua.ua_kWK, at_m3h: ua.at_m3h };
  const streams: Cooling = {
    product_kWK: kWK(ua.product_m3h, product.density_kgm3, product.heat_kJkgK),
    coolant_kWK: kWK(ua.coolant_m3h, WATER.density_kgm3, WATER.heat_kJkgK),
    product_C: ua.in_C,
    coolant_C: ua.coolant_C,
  };
  return { ua_kWK: uaOfReadings_kWK(streams, ua.out_C), at_m3h: ua.product_m3h };
}

/** What is delivered at a flow of the product, °C; as it came where there is no cooler. */
export function delivered_C(
  { product, cooler }: Pick<TransferDuty, 'product' | 'cooler'>,
  flow_m3h: number,
): number {
  if (!cooler || flow_m3h <= 0) return product.in_C;
  const { ua_kWK, at_m3h } = uaOf(product, cooler);
  const ua = uaAt_kWK(ua_kWK, flow_m3h / at_m3h, cooler.side ?? HALF, EXPONENT);
  return cooled(
    {
      product_kWK: kWK(flow_m3h, product.density_kgm3, product.heat_kJkgK),
      coolant_kWK: kWK(cooler.coolant_m3h, WATER.density_kgm3, WATER.heat_kJkgK),
      product_C: product.in_C,
      coolant_C: cooler.coolant_C,
    },
    ua,
  ).delivered_C;
}

/** Points of a table that the bench reads between. */
const POINTS = 256;

/** Delivered temperature over the flow, from nil to the greatest, evenly: the bench reads between the points. */
export function deliveredTable(
  duty: Pick<TransferDuty, 'product' | 'cooler'>,
  most_m3h: number,
): Float64Array {
  return Float64Array.from({ length: POINTS }, (_, i) =>
    Number(delivered_C(duty, (Math.max(most_m3h, 1e-6) * Math.max(i, 0.01)) / (POINTS - 1)).toPrecision(12)),
  );
}

/** What a thermometer in a pipe is worth, °C. */
const NEAR_C = 0.1;

/** Whether what is delivered is as cool as is wanted: the one word that finding, plan and paper have of it. */
export function coolEnough({ product }: Pick<TransferDuty, 'product'>, delivered_C: number): boolean {
  return delivered_C <= product.wanted_C + NEAR_C;
}
