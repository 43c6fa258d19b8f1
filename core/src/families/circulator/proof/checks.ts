import { powerOfShare_W, lineHead_m, shareFor } from '../../../hydraulics';
import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { sensorAtNil, supplyCut, words } from '../../parts/proof-checks';
import { lineOf, openFlow_m3h } from '../effect/line';
import { pumpOf, type PumpInSystem } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';
import { MODE_WORDS } from '../wire/behaviours';
import { alarm, contact, link, menuTaken, sensorOff, volts } from './told-by';
import { twin } from './twin';

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
      {
        clear: 'Nothing is heard',
        air: wrong(
          'Air in a loop',
          'CIR-03',
          'standing',
          'Air in the loops',
          'Highest fixed speed, loop after loop until nothing is heard; then the mode.',
        ),
        cold: wrong(
          'One loop stays cold',
          'CIR-11',
          'standing',
          'One loop stays cold',
          'That is a matter of balancing: no reason to raise the head.',
        ),
      },
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
        off: slip(
          'CIR-19',
          'standing',
          'The return comes back too cool',
          'Look for a pause of its clock, a shut loop or a flap valve that leaks; then more flow. Until then the water is not safe.',
        ),
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
      {
        same: 'As set',
        changed: wrong(
          'Another mode',
          'CIR-13',
          'manual',
          'The wiring changed the mode',
          'Set the mode again with every wire on, and read it once more.',
        ),
      },
      'same',
    ),
  ];
}

/** Whether by flow or by head: it moves too little. */
const SHORT = slip(
  'CIR-03',
  'speed',
  'It moves too little water',
  'Air in the loops, a shut valve or a rotor that turns the wrong way: purge again, and look at the arrow. Then the range of a sensor.',
);

/** Flow and power with every valve open: where the line meets the pipes. */
function atWork(context: CirculatorContext, settings: CirculatorSettings): ProofCheck[] {
  const pump = pumpOf(context.duty, settings.twin.way);
  const line = lineOf(context, pump, settings);
  if (line === null) return [];
  const flow = openFlow_m3h(pump, line);
  if (flow <= 0) return [];
  const head = lineHead_m(line, pump.curve, flow);
  const power = Math.max(context.duty.pump.least_W, powerAt(pump, flow, head));
  // by volts what is expected is that of full speed: the signal for it must be there
  const { control } = context.duty;
  const signal =
    settings.source === 'volts'
      ? `Give ${words('voltage', settings.volts.full_V ?? (control.kind === 'volts' ? control.full_V : 10))}, the signal of full speed. `
      : '';
  const method = `${signal}Every valve open, let it settle for two minutes, and read`;
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
        below: SHORT,
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
function headAtWork({ mode, source }: CirculatorSettings, head: number, method: string): ProofCheck[] {
  if (source === 'volts' || (mode !== 'constant' && mode !== 'proportional')) return [];
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
        figure: { key: 'head_m', label: 'Head', quantity: 'head' },
        least: head * (1 - HEAD_TOLERANCE),
        greatest: head * (1 + HEAD_TOLERANCE),
        below: SHORT,
      },
    },
  ];
}

function powerAt({ curve, power }: PumpInSystem, flow_m3h: number, head_m: number): number {
  return powerOfShare_W(power, flow_m3h, shareFor(curve, flow_m3h, head_m));
}
