import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { sensorAtNil, STARTS, supplyCut, words } from '../../parts/proof-checks';
import { holdsPressure, measuredByTwo } from '../effect/set';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import { several } from './several';
import { speed } from './speed';
import { stopping, cutIn } from './stopping';

/** A gauge and a sensor are together no better than this, as a share of the sensor's range. */
const GAUGE_SHARE = 0.02;
const LEAST_bar = 0.1;

/** The checks that this drive with these settings needs, in the order of work. */
export function proofChecks(context: DriveContext, settings: DriveSettings): ProofCheck[] {
  return [
    ...direction(context),
    ...zero(context),
    ...setPressure(context, settings),
    ...speed(context, settings),
    ...steady(context),
    ...stopping(context, settings),
    ...cutIn(context, settings),
    ...dry(context, settings),
    ...supplyCut(settings.afterCut),
    ...several(context, settings),
    ...sensorOff(context),
    ...link(context, settings),
    nothingShut(),
  ];
}

function direction({ duty }: DriveContext): ProofCheck[] {
  const { count } = duty.pump;
  return Array.from({ length: count }, (_, i) =>
    stateCheck(
      {
        key: `direction-${i + 1}`,
        title: count === 1 ? 'Direction' : `Direction of unit ${i + 1}`,
        method:
          'Some seconds at low speed. A shaft that cannot be seen: the pressure against a nearly shut valve, both ways.',
        expected: 'it turns as the arrow; the other way gives less pressure',
        caution: 'Wrong: by menu, or isolate, wait the discharge time, prove dead, then swap two leads.',
      },
      {
        right: 'As the arrow',
        wrong: wrong(
          'The other way',
          'DRV-03',
          'wiring',
          'It turns the wrong way',
          'Some pressure and little flow. Turn it by menu; else isolate, wait the discharge time, prove dead, swap two leads, and try again.',
        ),
        unclear: wrong(
          'Both give the same',
          'DRV-03',
          'wiring',
          'Direction cannot be told so',
          'Try it against a nearly shut valve, or by the flow: the right way gives clearly more.',
        ),
      },
      'right',
    ),
  );
}

function zero({ duty }: DriveContext): ProofCheck[] {
  if (!holdsPressure(duty)) return [];
  const vented = 'Isolate the sensor, vent it, and read its current.';
  if (measuredByTwo(duty))
    return [
      atNil('zero', 'The sensor of the discharge at zero', vented),
      atNil('zero-inlet', 'The sensor of the inlet at zero', vented),
      sides(),
    ];
  const joined = 'Join both sides of the sensor, and read its current.';
  return [atNil('zero', 'The sensor at zero', duty.holds.kind === 'difference' ? joined : vented)];
}

/** DRV-01: two sensors with their sides swapped show the difference as less than nothing. */
function sides(): ProofCheck {
  return stateCheck(
    {
      key: 'sensor-sides',
      title: 'Each sensor on its own side',
      method: 'Run it at its minimum frequency, a tap a little open, and read the difference on its display.',
      expected: 'more than 0',
      caution: STARTS,
    },
    {
      more: 'More than 0',
      swapped: wrong(
        '0, or below',
        'DRV-01',
        'sensor',
        'The two sensors are swapped',
        'Swap their wires, or their inputs in the menu: with the sides swapped it goes to its maximum frequency and stays there.',
      ),
    },
    'more',
  );
}

function atNil(key: string, title: string, method: string): ProofCheck {
  return sensorAtNil({
    key,
    title,
    method,
    at: 'at zero',
    caution: 'The sensor’s valve holds the full pressure.',
    off: slip(
      'DRV-01',
      'sensor',
      'Its zero has drifted',
      'Set it, or change the sensor: every pressure is off by as much.',
    ),
  });
}

/** DRV-01: what the display says is held, by a gauge of its own. */
function setPressure({ duty }: DriveContext, { set_bar }: DriveSettings): ProofCheck[] {
  if (duty.sensor === null || set_bar === null || !holdsPressure(duty)) return [];
  const within = Math.max(LEAST_bar, GAUGE_SHARE * duty.sensor.range_bar);
  return [
    {
      key: 'set-pressure',
      about: { kind: 'pressure', at: set_bar },
      title: 'The set pressure by a gauge of its own',
      method: 'A gauge at the sensor, a small steady demand; read it when the pressure is steady.',
      expected: words('pressure', set_bar),
      tolerance: `${words('pressure', within)}: gauge and sensor together`,
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'pressure_bar', label: 'Gauge', quantity: 'pressure' },
        least: set_bar - within,
        greatest: set_bar + within,
        off: slip(
          'DRV-01',
          'sensor',
          'The gauge says otherwise',
          'Zero and range of the sensor, then the gauge itself.',
        ),
      },
    },
  ];
}

function steady({ duty }: DriveContext): ProofCheck[] {
  if (duty.holds.kind === 'speed' || duty.holds.kind === 'signal') return [];
  return [
    stateCheck(
      {
        key: 'steady',
        title: 'The pressure stands',
        method: 'One tap open as usual: watch the gauge for two minutes.',
        expected: 'it stands within a needle’s width',
      },
      {
        stands: 'It stands',
        swings: wrong(
          'It swings',
          'DRV-16',
          'pressure',
          'It hunts',
          'The vessel’s gas first; then less gain or a longer reset, one at a time.',
        ),
      },
      'stands',
    ),
  ];
}

/** DRV-05: tried on purpose. */
function dry(
  { duty }: DriveContext,
  { dry: { reaction, delay_s, threshold_bar } }: DriveSettings,
): ProofCheck[] {
  if (reaction === null) return [];
  const wait = delay_s === null ? 'its delay' : words('seconds', delay_s);
  const under = threshold_bar === null ? 'its threshold' : words('pressure', threshold_bar);
  const seal =
    duty.pump.dry_s === null
      ? 'How long the seal can run dry is unknown: stop at the first noise.'
      : `The seal stands dry for ${words('seconds', duty.pump.dry_s)}: stop it by hand before that.`;
  return [
    stateCheck(
      {
        key: 'dry',
        title: 'Running dry, on purpose',
        method: `Shut the inlet with a tap wide open, so that the vessel is empty soon. Count from the moment the gauge falls under ${under}; open the inlet again at the end.`,
        expected:
          reaction === 'stop'
            ? `it stops with an error ${wait} after the gauge fell under ${under}`
            : 'it does as set',
        caution: seal,
        ...(duty.pump.dry_s === null
          ? {}
          : {
              wait: {
                words: 'Time it dry',
                lasts_s: duty.pump.dry_s,
                harm: 'Past this the seal is damaged.',
              },
            }),
      },
      {
        stop: 'Stops with an error',
        warn: wrong(
          'It warns and runs on',
          'DRV-05',
          'manual',
          'Dry, it only warns',
          'Set its reaction to stop, and try it again.',
        ),
        runs: wrong(
          'Keeps running',
          'DRV-05',
          'manual',
          'Dry, it runs on',
          'Guard off, threshold too low or delay too long: never past what the seal stands.',
        ),
      },
      reaction === 'stop' ? 'stop' : reaction === 'warn' ? 'warn' : 'runs',
    ),
  ];
}

/** DRV-09: what a lost sensor does, with a gauge in sight. */
function sensorOff({ duty, profile }: DriveContext): ProofCheck[] {
  if (duty.sensor === null || profile.behaviours.sensorFails === 'unknown') return [];
  const stops = profile.behaviours.sensorFails === 'stop';
  return [
    stateCheck(
      {
        key: 'sensor-off',
        title: 'The sensor’s wire off',
        method: 'A gauge in sight and a tap open, take the sensor’s wire off.',
        expected: stops ? 'it stops with an error' : 'it goes to its maximum frequency',
        caution: 'The pressure may rise to the maximum that it can give.',
      },
      {
        stop: 'Stops',
        full: wrong(
          'Goes to full speed',
          'DRV-09',
          'sensor',
          'Without its sensor it goes to full speed',
          'Say so to the operator; a relief valve under the lowest rating, or a lower maximum frequency.',
        ),
      },
      stops ? 'stop' : 'full',
    ),
  ];
}

function link({ profile }: DriveContext, { linkAddress, protocol }: DriveSettings): ProofCheck[] {
  // a link that is off has nobody to answer
  const speaks = profile.behaviours.protocols.some(({ value }) => value === protocol);
  if (!speaks || linkAddress === null) return [];
  return [
    stateCheck(
      {
        key: 'link-answers',
        title: 'It answers on the link',
        method: `Ask at address ${linkAddress} from the building’s system.`,
        expected: 'it answers',
      },
      {
        answers: 'It answers',
        silent: wrong(
          'No answer',
          'DRV-06',
          'standing',
          'No answer on the link',
          'Protocol, address in its range, ends terminated, polarity, parity.',
        ),
      },
      'answers',
    ),
  ];
}

function nothingShut(): ProofCheck {
  return stateCheck(
    {
      key: 'nothing-shut',
      title: 'Nothing left shut',
      method: 'Inlet, discharge, the valve at the sensor and the one at the vessel.',
      expected: 'every one is open',
    },
    {
      open: 'All open',
      shut: wrong(
        'One was shut',
        'DRV-04',
        'standing',
        'A valve was shut',
        'Open it, and try again whatever was tried since it was shut.',
      ),
    },
    'open',
  );
}
