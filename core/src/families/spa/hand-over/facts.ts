import { timeOfDay } from '../../../time';
import { lastRecord, type HandoverFact } from '../../../visit';
import { arrivalFacts, shown } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import { coveredLoss_WK } from '../effect/tub';
import type { SpaView } from '../kind';
import { copiedTable } from '../settings/context';
import type { SpaDuty } from '../wire/duty';

/** Everything that is connected, in a line. */
export function connectedSaid({ pumps, blower, circulation, ozone, lights, heater }: SpaDuty): string {
  const twoSpeed = pumps.map(({ low }, i) => `pump ${i + 1} with ${low ? 'two speeds' : 'one speed'}`);
  return [
    ...twoSpeed,
    ...(blower ? ['blower'] : []),
    ...(circulation ? ['circulation pump'] : []),
    ...(ozone ? ['ozone'] : []),
    ...(lights ? ['lights'] : []),
    `heater ${shown('heat', heater.power_kW)}`,
  ].join(', ');
}

/** Stretches of the day in words. */
export function timesSaid(times: readonly { readonly from: number; readonly to: number }[]): string {
  return times.map(({ from, to }) => `${timeOfDay(from)} to ${timeOfDay(to)}`).join(', ');
}

/** What the settings rest on, and what was read on arrival. */
export function factsOf({ document, duty }: SpaView): HandoverFact[] {
  const change = lastRecord(document, 'number-change')?.body;
  const read = [
    ...arrivalFacts(document, readings),
    ...(change
      ? [
          {
            label: 'Change of number',
            words: `${change.from === null ? 'none was shown' : `from ${change.from}`}, read back ${change.readBack}; the switch was moved ${change.moved === 'dead' ? 'with the supply off and proved dead' : 'on a live board'}${change.shows === '' ? '' : `; it showed “${change.shows}”`}`,
          },
        ]
      : []),
  ];
  if (!duty) return read;
  const { supply, tub, wanted, code, baths } = duty;
  return [
    { label: 'Connected', words: connectedSaid(duty) },
    {
      label: 'Table',
      words: copiedTable(document) ? 'copied from inside this pack' : 'as its profile has it',
    },
    {
      label: 'Supply',
      words: `${shown('voltage', supply.volts_V)}, ${supply.phases === 1 ? 'one phase' : `${supply.phases} phases`}, breaker ${shown('motorCurrent', supply.breaker_A)}`,
    },
    {
      label: 'Tub',
      words: `${shown('volume', tub.volume_L)}, loses ${shown('heatLoss', coveredLoss_WK(duty))} under its cover${tub.loss.kind === 'cool-down' ? ', from a cool-down' : ', as stated'}; air ${shown('temperature', tub.air_C)}, at its coldest ${shown('temperature', tub.coldest_C)}`,
    },
    {
      label: 'Required',
      words: `${shown('temperature', wanted.temperature_C)}, local limit ${shown('temperature', wanted.limit_C)}; ${baths.length === 0 ? 'no times of bathing' : `bathing ${timesSaid(baths)}`}; ${wanted.turnovers} turnovers a day`,
    },
    { label: 'Used by', words: code ? 'several households, under the code' : 'one household' },
    ...read,
  ];
}
