import { alikeIn, parameterWithRole, settableOver } from '../../../profile';
import type { Finding } from '../../../findings';
import { pressureOf_bar } from '../../../hydraulics';
import { fig } from '../../../units';
import { greatestPressure_bar, isRelieved, mostOf_hz, reaches_bar } from '../effect/pump';
import {
  heldAt_bar,
  holdsPressure,
  measuredByTwo,
  neededSet_bar,
  really_bar,
  stopsAt_bar,
} from '../effect/set';
import { finding } from '../texts/texts';
import { HOLDS_WORDS } from './holds-words';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** Less than this short is rounding. */
const SHORT_SHARE = 0.02;

/** What is held against what is needed, and against what anything downstream is made for. */
export function checkReach(input: CheckInput): Finding[] {
  return eachOf(input, held, holding, greatest, setOver, sensorLost);
}

function held(input: CheckInput): Finding[] {
  if (!holdsPressure(input.context.duty)) return [];
  return eachOf(input, range, secondRange, kind, zero, overRange, secondLow, secondHigh, reached);
}

/** DRV-01: the range that is set is not the sensor's own. */
function range({ context, subject, settings, at }: CheckInput): Finding[] {
  const { sensor } = context.duty;
  const { range_bar } = settings;
  const parameter = parameterWithRole(context.profile, 'sensor.range');
  // a label that the display cannot show to the digit is as right as it can be
  if (
    sensor === null ||
    range_bar === null ||
    !parameter ||
    alikeIn(parameter, 'pressure', range_bar, sensor.range_bar)
  )
    return [];
  const asked = settings.set_bar ?? neededSet_bar(context.duty) ?? 1;
  return [
    finding(
      'DRV-01',
      subject,
      {
        set: fig('pressure', range_bar),
        label: fig('pressure', sensor.range_bar),
        asked: fig('pressure', asked),
        held: fig('pressure', really_bar(context, settings, asked)),
      },
      [at('sensor.range')],
    ),
  ];
}

/** DRV-01: a sensor of the other kind than is held. */
function kind({ context, subject, settings, at }: CheckInput): Finding[] {
  const { holds, sensor } = context.duty;
  if (sensor === null || settings.sensorKind === null) return [];
  const needed = measuredByTwo(context.duty) ? 'two' : holds.kind === 'difference' ? 'differential' : 'plain';
  if (settings.sensorKind === needed) return [];
  return [
    finding(
      'DRV-01.kind',
      subject,
      { set: SENSOR_WORDS[settings.sensorKind], needed: SENSOR_WORDS[needed] },
      [at('sensor.kind')],
    ),
  ];
}

/** DRV-01: the range of the one at the inlet, where two measure a difference. */
function secondRange({ context, subject, settings, at }: CheckInput): Finding[] {
  const { secondRange_bar: set } = settings;
  const label = measuredByTwo(context.duty) ? context.duty.sensor?.second_bar : undefined;
  const parameter = parameterWithRole(context.profile, 'sensor.range.second');
  if (set === null || label === undefined || !parameter || alikeIn(parameter, 'pressure', set, label))
    return [];
  const values = { set: fig('pressure', set), label: fig('pressure', label) };
  return [finding('DRV-01.second', subject, values, [at('sensor.range.second')])];
}

const SENSOR_WORDS = {
  plain: 'a plain sensor',
  differential: 'a differential sensor',
  two: 'two pressure sensors',
} as const;

/** A sensor of 4 to 20 mA begins at 4; so far beside it its zero was shifted for something, mA. */
const ZERO_mA = 4;
const ZERO_NEAR_mA = 0.2;

/** DRV-01: the zero of the sensor was moved so far that it is no zero any more. */
function zero({ subject, settings, at }: CheckInput): Finding[] {
  const { zero_mA } = settings;
  if (zero_mA === null || Math.abs(zero_mA - ZERO_mA) <= ZERO_NEAR_mA + 1e-9) return [];
  return [
    finding('DRV-01.shift', subject, { zero: fig('current', zero_mA), right: fig('current', ZERO_mA) }, [
      at('sensor.zero'),
    ]),
  ];
}

/** DRV-01: what is set lies past the end of the sensor: it can never be seen to be reached. */
function overRange({ context, subject, settings, at }: CheckInput): Finding[] {
  const { sensor } = context.duty;
  const { set_bar, lift_bar, boost_bar } = settings;
  if (sensor === null || set_bar === null) return [];
  const stops = context.duty.holds.kind === 'pressure' ? (boost_bar ?? 0) : 0;
  const top = really_bar(context, settings, set_bar + Math.max(lift_bar ?? 0, stops));
  if (top < sensor.range_bar * (1 - 1e-9)) return [];
  return [
    finding('DRV-01.over', subject, { set: fig('pressure', top), label: fig('pressure', sensor.range_bar) }, [
      at('set'),
      at('lift'),
      at('stop.boost'),
    ]),
  ];
}

/** DRV-13: the second set value, for whenever something switches it on, against the height that it must lift to. */
function secondLow({ context, subject, settings, at }: CheckInput): Finding[] {
  const { second_bar } = settings;
  const { holds } = context.duty;
  if (second_bar === null || holds.kind !== 'pressure') return [];
  const really = really_bar(context, settings, second_bar);
  const height_bar = pressureOf_bar(holds.above_m);
  if (really >= height_bar) return [];
  return [
    finding(
      'DRV-13.second',
      subject,
      { second: fig('pressure', really), height: fig('pressure', height_bar) },
      [at('set.second')],
    ),
  ];
}

/** DRV-09: the same against sensor and rating. */
function secondHigh({ context, subject, settings, at }: CheckInput): Finding[] {
  const { second_bar } = settings;
  const { sensor, rating, holds } = context.duty;
  if (second_bar === null) return [];
  const really = really_bar(context, settings, second_bar);
  const most = Math.min(
    holds.kind === 'pressure' ? rating.lowest_bar : Infinity,
    sensor === null ? Infinity : sensor.range_bar,
  );
  if (really <= most * (1 + 1e-9)) return [];
  return [
    finding('DRV-09.second', subject, { second: fig('pressure', really), most: fig('pressure', most) }, [
      at('set.second'),
    ]),
  ];
}

/** DRV-00: it holds another thing than the duty asks for. */
function holding({ context, subject, settings, at }: CheckInput): Finding[] {
  const { kind: needed } = context.duty.holds;
  if (settings.holds === null || settings.holds === needed) return [];
  return [
    finding('DRV-00.holds', subject, { holds: HOLDS_WORDS[settings.holds], needed: HOLDS_WORDS[needed] }, [
      at('holds'),
    ]),
  ];
}

/** What is not known is taken for the rated frequency, and said. */
function givenOf({ context, settings }: CheckInput): string | undefined {
  return settings.most_hz === null
    ? `Its maximum frequency is not known: the rated ${context.duty.pump.rated_hz} Hz are taken for it.`
    : undefined;
}

/** DRV-13: at the greatest draw, with one out where the duty says so, and as it is set. */
function reached(input: CheckInput): Finding[] {
  const { context, subject, settings, pump, at } = input;
  const { draw, pump: own } = context.duty;
  const needed = neededSet_bar(context.duty);
  if (needed === null) return [];
  // what is needed bursts something: a larger pump is no answer to that
  if (needed > context.duty.rating.lowest_bar && context.duty.holds.kind === 'pressure') return [];
  const most = mostOf_hz(context, settings);
  const draws = fig('waterFlow', draw.greatest_m3h);
  const short = (count: number) => {
    const gives = reaches_bar(context, pump, most, count, draw.greatest_m3h);
    return gives < needed * (1 - SHORT_SHARE) ? gives : null;
  };
  const values = (count: number, gives: number) => ({
    draw: draws,
    count: count === 1 ? 'one pump' : `${count} pumps`,
    most: fig('frequency', most),
    gives: fig('pressure', gives),
    needed: fig('pressure', needed),
  });
  const found: Finding[] = [];
  const all = short(own.count);
  if (all !== null)
    found.push(
      finding(
        'DRV-13',
        subject,
        values(own.count, all),
        [at('frequency.greatest')],
        undefined,
        givenOf(input),
      ),
    );
  const less = own.oneOut && own.count > 1 && all === null ? short(own.count - 1) : null;
  if (less !== null)
    found.push(
      finding(
        'DRV-13.out',
        subject,
        values(own.count - 1, less),
        [at('frequency.greatest')],
        undefined,
        givenOf(input),
      ),
    );
  const held = heldAt_bar(context, settings, draw.greatest_m3h);
  if (held !== null && held < needed * (1 - SHORT_SHARE))
    found.push(
      finding(
        'DRV-13.set',
        subject,
        {
          held: fig('pressure', held),
          draw: draws,
          needed: fig('pressure', needed),
          set: fig('pressure', settableOver(parameterWithRole(context.profile, 'set'), 'pressure', needed)),
        },
        [at('set'), at('lift')],
      ),
    );
  return found;
}

/** What it can come to at its greatest frequency, where that is over the lowest rating and no relief valve guards it; null where it is not. */
function unguardedOver({ context, settings, pump }: CheckInput) {
  const most = mostOf_hz(context, settings);
  const top = greatestPressure_bar(context, pump, most);
  const { lowest_bar } = context.duty.rating;
  if (top <= lowest_bar + 1e-9 || isRelieved(context)) return null;
  return { most, values: { greatest: fig('pressure', top), rating: fig('pressure', lowest_bar) } };
}

/** DRV-09: the greatest pressure against the lowest rating. */
function greatest(input: CheckInput): Finding[] {
  const { context, subject, at } = input;
  const over = unguardedOver(input);
  if (over === null) return [];
  return [
    finding(
      'DRV-09',
      subject,
      {
        ...over.values,
        inlet: fig('pressure', context.inlet.greatest_bar),
        most: fig('frequency', over.most),
      },
      [at('frequency.greatest')],
      undefined,
      givenOf(input),
    ),
  ];
}

/** DRV-09: what is set against the lowest rating and the relief valve. */
function setOver({ context, subject, settings, at }: CheckInput): Finding[] {
  const { lowest_bar, relief_bar } = context.duty.rating;
  const found: Finding[] = [];
  const set =
    settings.set_bar === null || context.duty.holds.kind !== 'pressure'
      ? null
      : stopsAt_bar(context, settings);
  if (set !== null && set > lowest_bar + 1e-9)
    found.push(
      finding('DRV-09.set', subject, { set: fig('pressure', set), rating: fig('pressure', lowest_bar) }, [
        at('set'),
        at('stop.boost'),
      ]),
    );
  if (set !== null && relief_bar !== null && relief_bar < set - 1e-9)
    found.push(
      finding('DRV-09.relief', subject, { set: fig('pressure', set), relief: fig('pressure', relief_bar) }, [
        at('set'),
        at('stop.boost'),
      ]),
    );
  return found;
}

/** DRV-09: what it does once the sensor is lost. */
function sensorLost(input: CheckInput): Finding[] {
  const { context, subject } = input;
  const { sensorFails } = context.profile.behaviours;
  if (context.duty.sensor === null || !holdsPressure(context.duty)) return [];
  if (sensorFails === 'unknown') return [finding('DRV-09.unknown', subject, {})];
  const over = sensorFails === 'full-speed' ? unguardedOver(input) : null;
  if (over === null) return [];
  const { relief_bar } = context.duty.rating;
  const relief = relief_bar === null ? 'there is no relief valve' : 'the relief valve opens above it';
  return [finding('DRV-09.full', subject, { ...over.values, relief })];
}
