import { parameterWithRole } from '../../../profile';
import { powerOfShare_W, lineHead_m, shareFor } from '../../../hydraulics';
import { stateCheck, type ProofCheck } from '../../../proof';
import { sensorAtNil, STARTS, supplyCut, words } from '../../proof-checks';
import { lineOf, openFlow_m3h } from '../effect/line';
import { pumpOf, type PumpInSystem } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';
import { MODE_WORDS } from '../checks/head';

/** A circulator's own display and a fitted curve are together no better than this. */
export const FLOW_TOLERANCE = 0.15;
export const POWER_TOLERANCE = 0.15;

/** The checks that this pump with these settings needs, in the order of work. */
export function proofChecks(context: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
  return [
    ...air(),
    ...farEnd(context),
    ...sensorAtRest(context),
    ...modeAfterWiring(context, settings),
    ...atWork(context, settings),
    ...twin(context, settings),
    ...contact(context, settings),
    ...volts(context, settings),
    ...sensorOff(context),
    ...link(context, settings),
    ...menuTaken(context),
    ...alarm(context),
    ...supplyCut(settings.afterCut),
  ];
}

function air(): ProofCheck[] {
  return [
    stateCheck(
      {
        key: 'air',
        title: 'Every loop runs clear',
        method: 'All valves open. Listen at the pump, and at the highest point of each loop.',
        expected: 'nothing is heard',
        caution: 'Air vents spit hot water.',
      },
      { clear: 'Nothing is heard', air: 'Air in a loop', cold: 'One loop stays cold' },
      'clear',
    ),
  ];
}

/** CIR-19: the coldest hour decides. */
function farEnd({ duty: { hotWater } }: CirculatorContext): ProofCheck[] {
  if (!hotWater) return [];
  return [
    {
      key: 'far-end',
      about: { kind: 'return', at: hotWater.coolest_C },
      title: 'The return at the far end, in the coldest hour',
      method:
        'Hold a thermometer to the pipe behind the last tap, in the hour before people get up, and read it.',
      expected: `${words('temperature', hotWater.coolest_C)} at least`,
      tolerance: 'none: what code or operator allow',
      caution: 'Hot pipes scald.',
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'return_C', label: 'Return', quantity: 'temperature' },
        least: hotWater.coolest_C,
        greatest: hotWater.supply_C,
      },
    },
  ];
}

function sensorAtRest({ duty }: CirculatorContext): ProofCheck[] {
  if (duty.control.kind !== 'sensor') return [];
  return [
    sensorAtNil({
      key: 'sensor-rest',
      title: 'The sensor at rest',
      method: 'Join both sides of the differential sensor, and read its current.',
      at: 'at no head',
      caution: 'The sensor’s valves hold hot water under pressure.',
    }),
  ];
}

/** CIR-13: a wired signal may have changed the mode by itself. */
function modeAfterWiring({ profile, duty }: CirculatorContext, { mode }: CirculatorSettings): ProofCheck[] {
  if (!profile.behaviours.wiringChangesMode || duty.control.kind === 'own' || mode === null) return [];
  return [
    stateCheck(
      {
        key: 'mode-after-wiring',
        title: 'The mode, read again after wiring',
        method: 'With every wire on, read the mode that it shows.',
        expected: MODE_WORDS[mode],
      },
      { same: 'As set', changed: 'Another mode' },
      'same',
    ),
  ];
}

/** Flow and power with every valve open: where the line meets the pipes. */
function atWork(context: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
  const pump = pumpOf(context.duty, settings.twin.way);
  const line = lineOf(context, pump, settings);
  if (line === null) return [];
  const flow = openFlow_m3h(pump, line);
  if (flow <= 0) return [];
  const head = lineHead_m(line, pump.curve, flow);
  const power = Math.max(context.duty.pump.least_W, powerAt(pump, flow, head));
  const method = 'Every valve open, let it settle for two minutes, and read';
  return [
    {
      key: 'flow',
      about: { kind: 'flow', at: flow },
      title: 'Flow with every valve open',
      method: `${method} its display, or gauges on both sides against the curve.`,
      expected: `${words('waterFlow', flow)} at ${words('length', head)}`,
      tolerance: `${FLOW_TOLERANCE * 100} %: its display and the fit together`,
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'flow_m3h', label: 'Flow', quantity: 'waterFlow' },
        least: flow * (1 - FLOW_TOLERANCE),
        greatest: flow * (1 + FLOW_TOLERANCE),
      },
    },
    ...headAtWork(settings, head, method),
    {
      key: 'power',
      about: { kind: 'power', at: flow },
      title: 'Power with every valve open',
      method: `${method} the power: on its display, or on a meter of its own.`,
      expected: words('power', power),
      tolerance: `${POWER_TOLERANCE * 100} %: the fit and the meter together`,
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'power_W', label: 'Power', quantity: 'power' },
        least: power * (1 - POWER_TOLERANCE),
        greatest: power * (1 + POWER_TOLERANCE),
      },
    },
  ];
}

/** Two gauges and the fit are together no better than this. */
const HEAD_TOLERANCE = 0.1;

/** A head that is held is read by gauges: off by a ratio it names the range of the sensor. */
function headAtWork({ mode }: CirculatorSettings, head: number, method: string): ProofCheck[] {
  if (mode !== 'constant' && mode !== 'proportional') return [];
  return [
    {
      key: 'head',
      about: { kind: 'head', at: head },
      title: 'Head with every valve open',
      method: `${method} gauges on both sides of the pump, at one height.`,
      expected: words('length', head),
      tolerance: `${HEAD_TOLERANCE * 100} %: two gauges and the fit together`,
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'head_m', label: 'Head', quantity: 'length' },
        least: head * (1 - HEAD_TOLERANCE),
        greatest: head * (1 + HEAD_TOLERANCE),
      },
    },
  ];
}

function powerAt({ curve, power }: PumpInSystem, flow_m3h: number, head_m: number): number {
  return powerOfShare_W(power, flow_m3h, shareFor(curve, flow_m3h, head_m));
}

function contact({ duty }: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
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
function volts({ duty }: CirculatorContext, { source, volts: set }: CirculatorSettings): ProofCheck[] {
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
function sensorOff({ duty }: CirculatorContext): ProofCheck[] {
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

function link({ duty, profile }: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
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
function menuTaken({ duty, profile }: CirculatorContext): ProofCheck[] {
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

/** The flap is tried both ways round. */
export const FLAPS = ['flap-1', 'flap-2'] as const;

/** CIR-09, CIR-14: change-over when the lead is stopped, and the flap with each of them off. */
function twin({ duty }: CirculatorContext, { twin: { way } }: CirculatorSettings): ProofCheck[] {
  if (!duty.twin) return [];
  const both = way === 'always';
  return [
    stateCheck(
      {
        key: 'twin-runs',
        title: 'Which of the twin runs',
        method: 'Look at both heads with little wanted.',
        expected: both ? 'both run' : 'one runs, the other waits: that is no fault',
      },
      {
        one: 'One runs, one waits',
        both: 'Both run',
        none: 'Neither runs',
        fault: 'The waiting one shows a fault',
      },
      both ? 'both' : 'one',
    ),
    stateCheck(
      {
        key: 'twin-change',
        title: 'Change-over when the lead is stopped',
        method: 'Switch the lead’s head off at its own switch.',
        expected: 'the other takes over within half a minute, and the flow goes on',
        caution: STARTS,
      },
      { takes: 'The other takes over', stands: 'Both stand', late: 'Only after minutes' },
      'takes',
    ),
    ...FLAPS.map((key, i) =>
      stateCheck(
        {
          key,
          title: `Flap with head ${i + 1} off`,
          method: `Head ${i + 1} off: read head and power of the other, and look whether the resting rotor turns.`,
          expected: 'head and power stay on the curve; the resting rotor stands',
        },
        { shuts: 'Stays, rotor stands', turns: 'The resting rotor turns', falls: 'Its head falls' },
        'shuts',
      ),
    ),
  ];
}

/** CIR-10: a fault made on purpose has to arrive where somebody reads it. */
function alarm({ duty: { alarm: wired }, profile }: CirculatorContext): ProofCheck[] {
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
