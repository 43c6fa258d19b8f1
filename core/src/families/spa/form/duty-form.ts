import { formOf, textAt, type Saying } from '../../../describe';
import { counted } from '../../../words';
import { spaDutySchema } from '../wire/duty';

/** “1 phase”, “3 phases”. */
function phasesSaid(say: Saying<string>): string {
  const phases = Number(say.at('supply.phases'));
  return phases > 0 ? counted(phases, 'phase') : '? phases';
}

/** Stretches of the day in words. */
function timesSaid(say: Saying<string>, path: string, what: string, none: string): string {
  const times = say.rows(path).map((row) => `${textAt(row, 'from') || '?'} to ${textAt(row, 'to') || '?'}`);
  return times.length === 0 ? none : `${what} ${times.join(', ')}`;
}

/** What hangs on a pack and what is wanted of it, in the order of work. */
export const DUTY_FORM = formOf(spaDutySchema, {
  parts: [
    {
      name: 'connected',
      title: 'What is connected',
      asks: ['pumps', 'blower', 'circulation', 'ozone', 'lights', 'heater'],
      says: (say) =>
        `${say.counted('pumps', 'pump')}${say.isOn('blower') ? ', blower' : ''}${say.isOn('circulation') ? ', circulation pump' : ''}${say.isOn('ozone') ? ', ozone' : ''}${say.isOn('lights') ? ', lights' : ''}; heater ${say.of('heater.power_kW')}.`,
    },
    {
      name: 'supply',
      title: 'Supply',
      asks: ['supply'],
      says: (say) =>
        `${say.of('supply.volts_V')}, ${phasesSaid(say)}, breaker ${say.of('supply.breaker_A')}.`,
    },
    {
      name: 'tub',
      title: 'The tub',
      asks: ['tub', 'code'],
      says: (say) =>
        `${say.of('tub.volume_L')}; air ${say.of('tub.air_C')}, at its coldest ${say.of('tub.coldest_C')}; ${say.isOn('code') ? 'several households' : 'one household'}.`,
    },
    {
      name: 'wanted',
      title: 'What is required',
      asks: ['wanted', 'baths', 'quiet'],
      says: (say) =>
        `${say.of('wanted.temperature_C')}, local limit ${say.of('wanted.limit_C')}; ${say.at('wanted.turnovers') || '?'} turnovers; ${timesSaid(say, 'baths', 'bathing', 'no times of bathing')}; ${timesSaid(say, 'quiet', 'quiet', 'no quiet hours')}.`,
    },
    {
      name: 'prices',
      title: 'Prices and choices',
      fault: 'prices',
      asks: ['currency', 'prices', 'choices'],
      says: (say) => `${say.counted('prices', 'price')} in ${say.at('currency') || '?'}.`,
    },
  ],
  start: {
    pumps: [{ phase: 1 }],
    blower: null,
    circulation: null,
    ozone: null,
    lights: null,
    heater: { phases: 1, phase: 1 },
    supply: { phases: 1 },
    tub: { loss: { kind: 'cool-down' } },
    code: null,
    baths: [],
    quiet: [],
    prices: [{ from: 0, to: 1440 }],
    choices: {},
  },
});
