import { closed_hz } from '../effect/pump';
import { offFrequency_hz, SETTLES_s } from '../effect/sharing';
import { enoughAtNil_bar } from '../effect/set';
import { fig } from '../../../units';
import type { Finding } from '../../../findings';
import { repeatedAddresses } from '../../../link';
import { unitPlaces } from '../settings/understand';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** Several on one cable: addresses (DRV-06), units seen, set-up finished (DRV-11). */
export function checkSet(input: CheckInput): Finding[] {
  const { context, subject, settings, at } = input;
  const found: Finding[] = [];
  const twice = repeatedAddresses([
    // a place for a unit that is not fitted says nothing
    ...settings.addresses.slice(0, context.duty.pump.count),
    ...context.duty.others,
  ]);
  if (twice.length > 0) {
    const places = Array.from({ length: unitPlaces(context.profile) }, (_, i) => at('address', i + 1));
    found.push(finding('DRV-06', subject, { address: twice.join(', ') }, places));
  }
  const { units, setUp } = settings;
  const fitted = context.duty.pump.count;
  if (units !== null && units !== fitted)
    found.push(finding('DRV-11', subject, { seen: `${units}`, fitted: `${fitted}` }, [at('units')]));
  found.push(...cascade(input), ...comesNext(input));
  if (setUp === 'open') found.push(finding('DRV-11.set-up', subject, {}, [at('set-up')]));
  return found;
}

/** A pump that stands for longer than a week, in water that people drink, is found seized or stale, h. */
const STANDS_h = 168;
/** Changed oftener than this, each change is one more start and dip for nothing, h. */
const TURNS_h = 2;

/** Somebody at a tap waits no longer than this for the next pump, s. */
const WAITS_s = 45;

/** DRV-13: when the next pump starts, against what the taps need meanwhile. */
function comesNext({ context, subject, settings, at }: CheckInput): Finding[] {
  const { below_bar, delay_s } = settings.next;
  const nil = enoughAtNil_bar(context.duty);
  if (context.duty.pump.count === 1) return [];
  const found: Finding[] = [];
  if (
    below_bar !== null &&
    nil !== null &&
    settings.set_bar !== null &&
    settings.set_bar - below_bar < nil - NEAR_bar
  )
    found.push(
      finding(
        'DRV-13.next',
        subject,
        {
          below: fig('pressure', below_bar),
          at: fig('pressure', settings.set_bar - below_bar),
          nil: fig('pressure', nil),
        },
        [at('next.below')],
      ),
    );
  found.push(...turns());
  if (delay_s !== null && delay_s > WAITS_s)
    found.push(
      finding('DRV-13.wait', subject, { delay: fig('seconds', delay_s), most: fig('seconds', WAITS_s) }, [
        at('next.delay'),
      ]),
    );
  return found;

  /** How long each of them stands, or how often they change. */
  function turns(): Finding[] {
    const { hours_h } = settings.next;
    if (hours_h === null) return [];
    const places = [at('next.hours')];
    if (hours_h > STANDS_h) {
      const values = { hours: fig('hours', hours_h), most: fig('hours', STANDS_h) };
      return [finding('DRV-11.idle', subject, values, places)];
    }
    if (hours_h >= TURNS_h) return [];
    const values = { hours: fig('hours', hours_h), least: fig('hours', TURNS_h) };
    return [finding('DRV-08.turns', subject, values, places)];
  }
}
/** What a display rounds away, bar. */
const NEAR_bar = 0.01;

/** DRV-08: the next pump stops while it is needed, again and again; or nothing ever stops it. */
function cascade({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { off_hz, delay_s } = settings.next;
  if (context.duty.pump.count === 1 || off_hz === null) return [];
  if (settings.sharing === 'one-varies' && delay_s !== null && delay_s < SETTLES_s)
    return [
      finding(
        'DRV-08.soon',
        subject,
        { delay: fig('seconds', delay_s), settles: fig('seconds', SETTLES_s) },
        [at('next.delay')],
      ),
    ];
  const highest = offFrequency_hz(context, pump, settings);
  const off = fig('frequency', off_hz);
  if (highest !== null && off_hz > highest + 1e-6)
    return [finding('DRV-08.next', subject, { off, highest: fig('frequency', highest) }, [at('next.off')])];
  // with least pressure at the inlet it turns fastest for nothing
  const closed = closed_hz(context, pump, settings, context.inlet.least_bar);
  const slowest = Math.max(settings.sharing === 'one-varies' ? 0 : (closed ?? 0), settings.least_hz ?? 0);
  if (off_hz > slowest) return [];
  return [finding('DRV-08.stays', subject, { off, slowest: fig('frequency', slowest) }, [at('next.off')])];
}
