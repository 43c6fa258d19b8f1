import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { greatestPressure_bar, mostOf_hz, reaches_bar } from '../effect/pump';
import { heldAt_bar, neededSet_bar, really_bar } from '../effect/set';
import { finding } from '../texts/texts';
import type { CheckInput } from './checks';

/** Less than this short is rounding. */
const SHORT_SHARE = 0.02;

/** What is held against what is needed, and against what anything downstream is made for. */
export function checkReach(input: CheckInput): Finding[] {
  return [...range(input), ...reached(input), ...greatest(input)];
}

/** DRV-01: the range that is set is not the sensor's own. */
function range({ context, subject, settings, at }: CheckInput): Finding[] {
  const { sensor } = context.duty;
  const { range_bar } = settings;
  if (
    sensor === null ||
    range_bar === null ||
    Math.abs(range_bar - sensor.range_bar) <= 1e-9 * sensor.range_bar
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

/** What is not known is taken for the rated frequency, and said. */
function givenOf({ context, settings }: CheckInput): string | undefined {
  return settings.most_hz === null
    ? `Its greatest frequency is not known: the rated ${context.duty.pump.rated_hz} Hz are taken for it.`
    : undefined;
}

/** DRV-13: at the greatest draw, with one out where the duty says so, and as it is set. */
function reached(input: CheckInput): Finding[] {
  const { context, subject, settings, pump, at } = input;
  const { draw, pump: own } = context.duty;
  const needed = neededSet_bar(context.duty);
  if (needed === null) return [];
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
        { held: fig('pressure', held), draw: draws, needed: fig('pressure', needed) },
        [at('set'), at('lift')],
      ),
    );
  return found;
}

/** DRV-09: the greatest pressure against the lowest rating, and what a lost sensor does. */
function greatest(input: CheckInput): Finding[] {
  const { context, subject, settings, pump, at } = input;
  const { rating, holds } = context.duty;
  if (holds.kind !== 'pressure') return [];
  const most = mostOf_hz(context, settings);
  const top = greatestPressure_bar(context, pump, most);
  const { lowest_bar, relief_bar } = rating;
  const guarded = relief_bar !== null && relief_bar <= lowest_bar;
  const over = top > lowest_bar + 1e-9;
  const found: Finding[] = [];
  const values = { greatest: fig('pressure', top), rating: fig('pressure', lowest_bar) };
  if (over && !guarded)
    found.push(
      finding(
        'DRV-09',
        subject,
        { ...values, inlet: fig('pressure', context.inlet.greatest_bar), most: fig('frequency', most) },
        [at('frequency.greatest')],
        undefined,
        givenOf(input),
      ),
    );
  const { sensorFails } = context.profile.behaviours;
  if (sensorFails === 'full-speed' && over && !guarded)
    found.push(
      finding('DRV-09.full', subject, {
        ...values,
        relief: relief_bar === null ? 'there is no relief valve' : 'the relief valve opens above it',
      }),
    );
  if (sensorFails === 'unknown') found.push(finding('DRV-09.unknown', subject, {}));
  return found;
}
