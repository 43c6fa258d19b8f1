import { formOf, type Saying } from '../../../describe';
import { capital } from '../../../words';
import { pressureOf_bar } from '../../../hydraulics';
import { fig, figureWithUnit, parseFigure } from '../../../units';
import { driveDutySchema } from '../wire/duty';

/** The pressure at the sensor that what is typed so far asks for. */
function setSaid(say: Saying<string>): string {
  const read = (key: string, q: 'pressure' | 'length') => parseFigure(say.at(`holds.${key}`), q);
  const [tap, above, pipe] = [
    read('tap_bar', 'pressure'),
    read('above_m', 'length'),
    read('pipe_bar', 'pressure'),
  ];
  if (!tap.ok || !above.ok || !pipe.ok) return '';
  const set = tap.value + pressureOf_bar(above.value) + pipe.value;
  return `: ${figureWithUnit(fig('pressure', set), say.reader)} at the sensor`;
}

/** What a drive or a set of them is to do, in the order of work. */
export const DUTY_FORM = formOf(driveDutySchema, {
  parts: [
    {
      name: 'holds',
      title: 'What it holds',
      fault: 'curve',
      asks: ['holds'],
      says: (say) =>
        say.at('holds.kind') === 'pressure'
          ? `${say.of('holds.tap_bar')} at a tap ${say.of('holds.above_m')} above the sensor${setSaid(say)}.`
          : `${capital(say.of('holds.kind'))}.`,
    },
    {
      name: 'draw',
      title: 'Draw and inlet',
      fault: 'greatest_m3h',
      asks: ['draw', 'inlet', 'water', 'main_L', 'surprise'],
      says: (say) =>
        `${say.of('draw.least_m3h')} to ${say.of('draw.greatest_m3h')}, ${say.of('draw.day')}; inlet ${say.of('inlet.least_bar')} to ${say.of('inlet.greatest_bar')}; ${say.at('surprise') === '' ? 'a start surprises nobody' : `a start may surprise: ${say.at('surprise')}`}.`,
    },
    {
      name: 'pump',
      title: 'Pumps',
      asks: ['pump'],
      says: (say) =>
        `${say.at('pump.count') || '?'} of them${say.at('pump.oneOut') === 'yes' ? ', one may be out' : ''}; ${say.counted('pump.curve', 'point')} of the curve, ${say.counted('pump.power', 'power')}, at ${say.of('pump.rated_hz')}.`,
    },
    {
      name: 'plant',
      title: 'Sensor, vessel and ratings',
      asks: ['sensor', 'vessel', 'rating', 'others'],
      says: (say) =>
        `${say.isOn('sensor') ? `Sensor ${say.of('sensor.range_bar')}` : 'No sensor'}; ${say.isOn('vessel') ? `vessel ${say.of('vessel.volume_L')}` : 'no vessel'}; lowest rating ${say.of('rating.lowest_bar')}.`,
    },
    {
      name: 'choices',
      title: 'Price and choices',
      asks: ['price_kWh', 'currency', 'choices'],
      says: (say) => `${say.at('price_kWh') || '?'} ${say.at('currency')} a kWh.`,
    },
  ],
  start: {
    holds: { kind: 'pressure' },
    draw: { day: 'peaks' },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}], rated_hz: 50, count: 1 },
    sensor: {},
    vessel: null,
    others: [],
    surprise: '',
    choices: {},
  },
});
