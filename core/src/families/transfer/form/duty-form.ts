import { formOf, type Saying } from '../../../describe';
import { fig, figureWithUnit, parseFigure, type Quantity } from '../../../units';
import { meanInflow_m3h } from '../effect/vessel';
import { transferDutySchema } from '../wire/duty';

/** What falls in the mean, of what is typed so far. */
function meanSaid(say: Saying<string>): string {
  const read = (key: string) => {
    const parsed = parseFigure(say.at(`inflow.${key}`), QUANTITIES[key] ?? 'plain');
    return parsed.ok ? parsed.value : NaN;
  };
  const mean = meanInflow_m3h({
    inflow: {
      inlets: read('inlets'),
      gulp_L: read('gulp_L'),
      every_s: read('every_s'),
      together: read('together'),
    },
  });
  return mean > 0 ? `, ${figureWithUnit(fig('waterFlow', mean), say.reader)} in the mean` : '';
}
const QUANTITIES: Readonly<Record<string, Quantity | undefined>> = { gulp_L: 'volume', every_s: 'seconds' };

/** What is asked of such a pump's duty, in the order of work: kinds before speeds. */
export const DUTY_FORM = formOf(transferDutySchema, {
  parts: [
    {
      name: 'kinds',
      title: 'Plant and what falls in',
      asks: ['plant', 'pumpKind', 'inflow'],
      says: (say) =>
        `${say.of('plant')}, ${say.counted('inflow.inlets', 'inlet')}; ${say.of('inflow.gulp_L')} every ${say.of('inflow.every_s')}${meanSaid(say)}; ${say.of('inflow.cleaning_m3h')} at cleaning.`,
    },
    {
      name: 'vessel',
      title: 'Vessel',
      asks: ['vessel'],
      says: (say) => `${say.of('vessel.area_m2')}, ${say.of('vessel.height_mm')} between the float’s ends.`,
    },
    {
      name: 'pump',
      title: 'Pump and pipe',
      fault: 'curve',
      asks: [
        'pump.static_m',
        'pump.rated_rpm',
        'pump.curve',
        'pump.power',
        'pump.pipe',
        'pump.relief',
        'pump.relief_bar',
        'pump.npsh_m',
        'pump.limit_rpm',
        'pump.outlet_L',
      ],
      says: (say) =>
        `${say.counted('pump.curve', 'point')} of the curve, at ${say.of('pump.rated_rpm')}; lifts ${say.of('pump.static_m')}.`,
    },
    {
      name: 'product',
      title: 'Product and cooler',
      fault: 'out_C',
      asks: [
        ...(['in_C', 'wanted_C', 'density_kgm3', 'heat_kJkgK', 'stands_min', 'foams', 'surges'] as const).map(
          (key) => `product.${key}` as const,
        ),
        'cooler',
        'altitude_m',
      ],
      says: (say) =>
        `${say.of('product.in_C')}, wanted ${say.of('product.wanted_C')}; ${say.isOn('cooler') ? `coolant ${say.of('cooler.coolant_C')}` : 'no cooler'}.`,
    },
    {
      name: 'choices',
      title: 'Price and choices',
      asks: ['price_kWh', 'currency', 'choices'],
      says: (say) => `${say.at('price_kWh') || '?'} ${say.at('currency')} a kWh.`,
    },
  ],
  start: {
    inflow: { together: 1 },
    vessel: { vacuum_kPa: 0 },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}], pipe: null },
    cooler: null,
    choices: {},
  },
});
