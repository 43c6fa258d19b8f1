import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { flowForReturn_m3h, pauseOf_min, returnAt_C, standsByTemperature_min } from '../effect/hot-water';
import { leastLineOf, openFlow_m3h } from '../effect/line';
import { finding } from '../texts/texts';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** Rounding of a fit is no matter of health, K. */
const NEAR_K = 0.05;

/** CIR-19: a hot-water return that comes back too cool, or stands too long. */
export function checkReturn(input: CheckInput): Finding[] {
  return eachOf(input, tooLittle, settled, standsByHeat, pauses);
}

function tooLittle({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { hotWater } = context.duty;
  if (!hotWater) return [];
  // what it may come to, at its least: by volts and self-adjusting it is not known beforehand
  const line = leastLineOf(context, pump, settings);
  const back_C = line === null ? null : returnAt_C(hotWater, openFlow_m3h(pump, line));
  if (back_C === null || back_C >= hotWater.coolest_C - NEAR_K) return [];
  return [
    finding(
      'CIR-19.cool',
      subject,
      {
        back: fig('temperature', back_C),
        coolest: fig('temperature', hotWater.coolest_C),
        needed: fig('waterFlow', flowForReturn_m3h(hotWater)),
      },
      [at('speed'), at('head')],
    ),
  ];
}

/** What is set against the coolest that is allowed, and the supply that is never reached. */
function settled({ context, subject, settings, at }: CheckInput): Finding[] {
  const { hotWater } = context.duty;
  if (!hotWater) return [];
  const { mode, temperature_C } = settings;
  const coolest = fig('temperature', hotWater.coolest_C);
  const found: Finding[] = [];
  if (mode === 'temperature' && temperature_C !== null && temperature_C < hotWater.coolest_C)
    found.push(
      finding('CIR-19.set', subject, { set: fig('temperature', temperature_C), coolest }, [
        at('temperature'),
      ]),
    );
  // pipe and water lose something always: what nears the supply is never reached
  if (mode === 'temperature' && temperature_C !== null && temperature_C >= hotWater.supply_C)
    found.push(
      finding(
        'CIR-19.never',
        subject,
        { set: fig('temperature', temperature_C), supply: fig('temperature', hotWater.supply_C) },
        [at('temperature')],
      ),
    );
  if (settings.night === 'on') found.push(finding('CIR-19.night', subject, { coolest }, [at('night')]));
  if (mode === 'temperature' && settings.place === 'flow')
    found.push(finding('CIR-19.place', subject, { coolest }, [at('temperature.place')]));
  return found;
}

/** How long it stands until it is cool enough to be started again. */
function standsByHeat({ context, subject, settings, at }: CheckInput): Finding[] {
  const { hotWater, pipe } = context.duty;
  const { mode, temperature_C } = settings;
  if (!hotWater || mode !== 'temperature' || temperature_C === null) return [];
  const stands = standsByTemperature_min(hotWater, pipe?.bore_mm ?? null, temperature_C);
  if (stands <= hotWater.longestPause_min) return [];
  return [
    finding(
      'CIR-19.stands',
      subject,
      {
        stands: Number.isFinite(stands) ? fig('minutes', Math.ceil(stands)) : 'for good',
        most: fig('minutes', hotWater.longestPause_min),
      },
      [at('mode'), at('temperature')],
    ),
  ];
}

function pauses({ context, subject, settings, at }: CheckInput): Finding[] {
  const { hotWater } = context.duty;
  const { mode, runs, runsKnown } = settings;
  if (!hotWater || mode !== 'clock' || !runsKnown) return [];
  const pause = pauseOf_min(runs);
  if (pause <= hotWater.longestPause_min) return [];
  return [
    finding(
      'CIR-19.pause',
      subject,
      { pause: fig('minutes', pause), most: fig('minutes', hotWater.longestPause_min) },
      [at('run.from'), at('run.to')],
    ),
  ];
}
