import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { SUCTION_MARGIN_m } from '../../../hydraulics';
import { alikeIn, parameterWithRole } from '../../../profile';
import { fig, type Quantity } from '../../../units';
import { greatestPower_W, mostOf_hz, suctionHead_m } from '../effect/pump';
import { heldAt_bar } from '../effect/set';
import type { DriveRole } from '../settings/roles';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** Motor, its frequencies, and the head at its inlet. */
export function checkMotor(input: CheckInput): Finding[] {
  return eachOf(input, plate, power, fast, slow, ramps, limits, suction);
}

const kW = (watts: number | null) => (watts === null ? null : watts / 1000);

/** What a display rounds a plate to. */
const NEAR = 0.03;

/** DRV-02: what the drive takes its motor for. */
function plate({ context, subject, settings, values, at }: CheckInput): Finding[] {
  const { motor } = settings;
  const rows: readonly [string, DriveRole, Quantity, number | null, number | null][] = [
    ['current', 'motor.current', 'motorCurrent', motor.current_A, context.plate.current_A],
    ['speed', 'motor.speed', 'speed', motor.speed_rpm, context.plate.speed_rpm],
    ['voltage', 'motor.volts', 'voltage', motor.volts_V, context.plate.volts_V],
    ['power', 'motor.power', 'motorPower', motor.power_kW, kW(context.plate.rated_W)],
  ];
  const found = rows.flatMap(([what, role, q, set, stands]): Finding[] => {
    if (set === null) return [];
    const shows = parameterWithRole(context.profile, role);
    if (stands !== null)
      return Math.abs(set - stands) <= NEAR * stands || (shows && alikeIn(shows, q, set, stands))
        ? []
        : [finding('DRV-02', subject, { what, set: fig(q, set), plate: fig(q, stands) }, [at(role)])];
    return shows?.default !== undefined && shows.default === values[shows.key]
      ? [finding('DRV-02.default', subject, { what, set: fig(q, set) }, [at(role)])]
      : [];
  });
  if (motor.thermal === 'off') found.push(finding('DRV-02.thermal', subject, {}, [at('motor.thermal')]));
  return found;
}

/** DRV-14: the motor over its plate, anywhere along the draw, at the greatest frequency. */
function power({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { rated_W } = context.plate;
  if (rated_W === null) return [];
  const most = mostOf_hz(context, settings);
  const takes = greatestPower_W(context, pump, most, heldAt_bar(context, settings, 0));
  if (takes.power_W <= rated_W * (1 + 1e-9)) return [];
  return [
    finding(
      'DRV-14.plate',
      subject,
      {
        most: fig('frequency', most),
        flow: fig('waterFlow', takes.flow_m3h),
        power: fig('power', takes.power_W),
        plate: fig('power', rated_W),
      },
      [at('frequency.greatest')],
      undefined,
      settings.most_hz === null
        ? `Its maximum frequency is not known: the rated ${most} Hz are taken for it.`
        : undefined,
    ),
  ];
}

/** DRV-14: faster than the motor is rated for. */
function fast({ context, subject, settings, at }: CheckInput): Finding[] {
  const { rated_hz } = context.duty.pump;
  const { most_hz } = settings;
  if (most_hz === null || most_hz <= rated_hz + 1e-9) return [];
  const values = { most: fig('frequency', most_hz), rated: fig('frequency', rated_hz) };
  return [finding('DRV-14.over', subject, values, [at('frequency.greatest')])];
}

/** Nobody waits longer than this at a tap, s; a large pump takes three times its shortest ramp. */
const SLOW_s = 20;

/** DRV-14: slower than bearings and cooling allow. */
function slow({ context, subject, settings, at }: CheckInput): Finding[] {
  const { least_hz } = context.duty.pump;
  const found: Finding[] = [];
  if (settings.least_hz !== null && settings.least_hz < least_hz - 1e-9)
    found.push(
      finding(
        'DRV-14.least',
        subject,
        { set: fig('frequency', settings.least_hz), needed: fig('frequency', least_hz) },
        [at('frequency.least')],
      ),
    );
  const { holds } = context.duty;
  if (holds.kind === 'speed' && settings.set_hz !== null && settings.set_hz < least_hz - 1e-9)
    found.push(
      finding(
        'DRV-14.least',
        subject,
        { set: fig('frequency', settings.set_hz), needed: fig('frequency', least_hz) },
        [at('set.frequency')],
      ),
    );
  return found;
}

/** DRV-14: faster from standing, or back to it, than bearings and cooling allow; or so slow that taps wait. */
function ramps({ context, subject, settings, at }: CheckInput): Finding[] {
  const { ramp_s, rated_hz } = context.duty.pump;
  const found: Finding[] = [];
  const ways = [
    ['DRV-14.ramp', settings.rampUp_s, 'ramp.up'],
    ['DRV-14.ramp-down', settings.rampDown_s, 'ramp.down'],
  ] as const;
  for (const [text, set_s, role] of ways) {
    if (set_s !== null && set_s > Math.max(SLOW_s, 3 * ramp_s)) {
      const what = role === 'ramp.up' ? 'come up to speed' : 'slow down';
      const long = { what, set: fig('seconds', set_s), needed: fig('seconds', ramp_s) };
      found.push(finding('DRV-14.slow', subject, long, [at(role)]));
    }
    if (set_s === null || set_s >= ramp_s - 1e-9) continue;
    const values = {
      rated: fig('frequency', rated_hz),
      set: fig('seconds', set_s),
      needed: fig('seconds', ramp_s),
    };
    found.push(finding(text, subject, values, [at(role)]));
  }
  return found;
}

/** ANY-10: the least frequency above the greatest, or one that is set outside them. */
function limits({ context, subject, settings, at }: CheckInput): Finding[] {
  const { least_hz, most_hz, set_hz } = settings;
  if (least_hz === null || most_hz === null) return [];
  const values = { least: fig('frequency', least_hz), greatest: fig('frequency', most_hz) };
  const places = [at('frequency.least'), at('frequency.greatest')];
  if (least_hz >= most_hz) return [finding('ANY-10.limits', subject, values, places)];
  // a frequency that is set counts only where that is what it holds
  if (context.duty.holds.kind !== 'speed' || set_hz === null) return [];
  if (set_hz >= least_hz && set_hz <= most_hz) return [];
  const outside = { ...values, what: 'The set frequency', value: fig('frequency', set_hz) };
  return [finding('ANY-10.outside', subject, outside, [at('set.frequency'), ...places])];
}

/** DRV-15: judged at the greatest flow and the least pressure at the inlet. */
function suction({ context, subject }: CheckInput): Finding[] {
  const needed = context.duty.pump.npsh_m;
  if (needed === null) return [];
  const there = suctionHead_m(context);
  if (there >= needed + SUCTION_MARGIN_m) return [];
  return [
    finding('DRV-15', subject, {
      inlet: fig('pressure', context.inlet.least_bar),
      there: fig('length', there),
      needed: fig('length', needed),
    }),
  ];
}
