import { parameterWithRole } from '../../../profile';
import { stateCheck, type ProofCheck } from '../../../proof';
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
      { both: 'It stands, and goes on', runs: 'It runs on', stands: 'It stays standing' },
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
    stateCheck(
      {
        key: 'wire-off',
        title: 'The wire off',
        method: 'Take the signal’s wire off with the pump running.',
        expected: 'it stands, and reports nothing',
        caution: 'It starts by itself once the wire is back.',
      },
      { stands: 'It stands', runs: 'It runs on' },
      'stands',
    ),
  ];
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
      { reports: 'Goes on, reports a fault', full: 'Goes to full speed', stands: 'Stands' },
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
    { answers: 'It answers', silent: 'No answer', other: 'Another pump answers' },
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
      },
      { 'own-mode': 'It goes on in its own mode', stop: 'It stops', last: 'It stays at the last speed' },
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
      { taken: 'As set', before: 'As it was before', closed: 'The menu did not open' },
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
        expected: `it ${wired.onFault}, and the alarm comes; mended, it goes`,
        caution: 'Mains may stand on the contact: a licensed electrician measures there.',
      },
      { comes: 'Comes and goes', always: 'Stands all the time', never: 'Never comes' },
      'comes',
    ),
  ];
}
