import { shareOfVolts, type VoltageInput } from '../../../control';
import { parameterWithRole } from '../../../profile';
import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS, words } from '../../parts/proof-checks';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';

export function contact({ duty }: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
  if (duty.contact !== 'wired' || settings.contact === 'off') return [];
  return [
    stateCheck(
      {
        key: 'contact',
        title: 'Start contact opened and closed',
        method: 'Open the contact with the pump running, and close it again.',
        expected: 'open, it stands; closed, it goes on at its set point',
        caution: STARTS,
      },
      {
        both: 'It stands, and goes on',
        runs: wrong(
          'Keeps running',
          'CIR-04',
          'standing',
          'The contact does otherwise',
          'Look which of its inputs it is wired to, and whether the setting uses it.',
        ),
        stands: wrong(
          'It stays standing',
          'CIR-04',
          'standing',
          'The contact does otherwise',
          'Look which of its inputs it is wired to, and whether the setting uses it.',
        ),
      },
      'both',
    ),
  ];
}

/** Rising and falling through both thresholds, then the wire off. */
export function volts({ duty }: CirculatorContext, { source, volts: set }: CirculatorSettings): ProofCheck[] {
  if (duty.control.kind !== 'volts' || source !== 'volts') return [];
  const on = set.on_V ?? duty.control.on_V;
  const off = set.off_V ?? duty.control.off_V;
  const figure = (key: string, title: string, method: string, at: number): ProofCheck => ({
    key,
    title,
    method,
    expected: words('voltage', at),
    tolerance: words('voltage', VOLT_TOLERANCE),
    caution: STARTS,
    pumps: false,
    off: slip(
      'CIR-05',
      'sensor',
      'Its threshold lies elsewhere',
      'Standing at a low voltage is obedience, not a fault: read both thresholds again.',
    ),
    ask: {
      kind: 'figure',
      figure: { key: 'at_V', label: 'At', quantity: 'voltage' },
      least: at - VOLT_TOLERANCE,
      greatest: at + VOLT_TOLERANCE,
    },
  });
  return [
    figure(
      'volts-up',
      'Rising, it starts',
      'From 0 V raise the voltage slowly, and read it as it starts.',
      on,
    ),
    figure(
      'volts-down',
      'Falling, it stops',
      'From half speed lower the voltage slowly, and read it as it stops.',
      off,
    ),
    ...voltsLine(duty.pump.leastShare, { on_V: on, off_V: off, full_V: set.full_V ?? duty.control.full_V }),
    stateCheck(
      {
        key: 'wire-off',
        title: 'The wire off',
        method: 'Take the signal’s wire off with the pump running.',
        expected: 'it stands, and reports nothing',
        caution: 'The pump starts by itself once the wire is back.',
      },
      {
        stands: 'It stands',
        runs: wrong(
          'Keeps running',
          'CIR-16',
          'manual',
          'Does not follow the voltage',
          'Another source is chosen in its menu, or the mode keeps its own speed.',
        ),
      },
      'stands',
    ),
  ];
}
/** Where the line from minimum to full speed is tried, as shares of it. */
const ON_THE_LINE = [0.25, 0.5, 0.75] as const;
/** What a display's speed may be off by, in parts of a hundred of full speed. */
const SPEED_TOLERANCE_PCT = 3;

/** Speed over voltage between start and full speed, at three points: two alone do not tell a line from a curve. */
function voltsLine(leastShare: number, input: VoltageInput): ProofCheck[] {
  if (input.full_V <= input.on_V) return [];
  return ON_THE_LINE.map((part, i): ProofCheck => {
    const at_V = Number((input.on_V + part * (input.full_V - input.on_V)).toFixed(1));
    const speed = (leastShare + (1 - leastShare) * shareOfVolts(at_V, input)) * 100;
    return {
      key: `volts-line-${i + 1}`,
      title: `Speed at ${words('voltage', at_V)}`,
      method: `Give ${words('voltage', at_V)}, wait until it is steady, and read its speed.`,
      expected: words('percent', speed),
      tolerance: words('percent', SPEED_TOLERANCE_PCT),
      caution: null,
      pumps: false,
      off: slip(
        'CIR-05',
        'sensor',
        'Its line lies elsewhere',
        'Read the voltages of start and full speed again; some pumps follow a curve, which only the maker’s manual shows.',
      ),
      ask: {
        kind: 'figure',
        figure: { key: 'speed_pct', label: 'Speed', quantity: 'percent' },
        least: speed - SPEED_TOLERANCE_PCT,
        greatest: speed + SPEED_TOLERANCE_PCT,
      },
    };
  });
}

/** What a loop calibrator and a pump's input may be apart, V. */
const VOLT_TOLERANCE = 0.2;

/** CIR-21: nobody knows what it does before it is tried. */
export function sensorOff({ duty }: CirculatorContext): ProofCheck[] {
  if (duty.control.kind !== 'sensor') return [];
  return [
    stateCheck(
      {
        key: 'sensor-off',
        title: 'The sensor’s wire off',
        method: 'Take the sensor’s wire off with the pump running, and watch what it does.',
        expected: 'it goes on and reports a fault',
        caution: 'It may go to full speed.',
      },
      {
        reports: 'Goes on, reports a fault',
        full: wrong(
          'Goes to full speed',
          'CIR-21',
          'sensor',
          'Without its sensor it does otherwise',
          'Write it down, tell the operator, and set what it does where that can be set.',
        ),
        stands: wrong(
          'Stands',
          'CIR-21',
          'sensor',
          'Without its sensor it does otherwise',
          'Write it down, tell the operator, and set what it does where that can be set.',
        ),
      },
      'reports',
    ),
  ];
}

export function link({ duty, profile }: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
  const { control } = duty;
  if (control.kind !== 'link') return [];
  const address = settings.address === null ? 'its address' : `address ${settings.address}`;
  const wants = control.silent ?? settings.silence;
  const answers = stateCheck(
    {
      key: 'link-answers',
      title: 'It answers on the link',
      method: `Ask at ${address} from the building’s system, and send a set point.`,
      expected: 'it answers, and takes it up',
    },
    {
      answers: 'It answers',
      silent: wrong(
        'No answer',
        'CIR-08',
        'standing',
        'No answer on the link',
        'Port chosen? Address in its range? Ends terminated, screen at one end, polarity, parity.',
      ),
      other: wrong(
        'Another pump answers',
        'CIR-07',
        'standing',
        'Two with one address',
        'Give this one an address of its own.',
      ),
    },
    'answers',
  );
  if (wants === null || !parameterWithRole(profile, 'link.silence')) return [answers];
  return [
    answers,
    stateCheck(
      {
        key: 'link-silent',
        title: 'The link cut',
        method: 'Take the link’s plug out with the pump running, and wait as long as its manual says.',
        expected: wants === 'stop' ? 'it stops' : 'it goes on in its own mode',
        off: slip(
          'CIR-21',
          'standing',
          'A silent link leaves it otherwise',
          'Set what it is to do, and try it again.',
        ),
      },
      { 'own-mode': 'Carries on in its own mode', stop: 'Stops', last: 'It stays at the last speed' },
      wants,
    ),
  ];
}

const LINK_ROLES = ['port', 'link.protocol', 'link.address'] as const;

/** CIR-17: what was set in a menu that had closed again is not taken. */
export function menuTaken({ duty, profile }: CirculatorContext): ProofCheck[] {
  const atPowerUp = LINK_ROLES.flatMap((role) => parameterWithRole(profile, role) ?? []).filter(
    ({ enterWhen }) => enterWhen === 'power-up',
  );
  if (duty.control.kind !== 'link' || atPowerUp.length === 0) return [];
  return [
    stateCheck(
      {
        key: 'menu-taken',
        title: 'What was set at power-up, read again',
        method: `Supply off and on; in the seconds in which its menu is open, read ${atPowerUp.map(({ label }) => label).join(', ')}.`,
        expected: 'as it was set',
        caution: 'It may start by itself.',
      },
      {
        taken: 'As set',
        before: wrong(
          'As it was before',
          'CIR-17',
          'standing',
          'The menu had closed again',
          'Switch off, wait until its display is dark, on; set it at once, and read it again.',
        ),
        closed: wrong(
          'The menu did not open',
          'CIR-17',
          'standing',
          'The menu had closed again',
          'Switch off, wait until its display is dark, on; set it at once, and read it again.',
        ),
      },
      'taken',
    ),
  ];
}

/** CIR-10: a fault made on purpose has to arrive where somebody reads it. */
export function alarm({ duty: { alarm: wired }, profile }: CirculatorContext): ProofCheck[] {
  if (!wired || profile.behaviours.faultContact === null) return [];
  return [
    stateCheck(
      {
        key: 'fault-contact',
        title: 'Its fault contact, with a fault made on purpose',
        method: 'Make the fault that its manual names for this, and read the alarm where the site shows it.',
        expected: `it ${wired.onFault}, and the alarm comes; with the fault cleared, it goes`,
        caution: 'Mains may stand on the contact: a licensed electrician measures there.',
      },
      {
        comes: 'Comes and goes',
        always: wrong(
          'Stands all the time',
          'CIR-10',
          'manual',
          'Its fault contact works the other way',
          'Set the way of the contact as the site reads it, and make the fault again.',
        ),
        never: wrong(
          'Never comes',
          'CIR-10',
          'standing',
          'No fault is told',
          'Wire, terminals and the contact itself: one that carried too much is welded or burnt.',
        ),
      },
      'comes',
    ),
  ];
}
