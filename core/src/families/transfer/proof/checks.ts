import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS, supplyCut, words } from '../../parts/proof-checks';
import { runSession } from '../bench/run-session';
import { flowAt_m3h, pumpOf } from '../effect/pump';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';

/** The checks that this pump with these settings needs, in the order of work. */
export function proofChecks(context: TransferContext, settings: TransferSettings): ProofCheck[] {
  return [
    direction(),
    ...startsAndStops(settings),
    ...holdsBack(context),
    ...greatestFlow(context, settings),
    ...delivered(context, settings),
    ...emptying(settings),
    ...alarm(settings),
    ...supplyCut(
      settings.afterCut,
      slip(
        'ANY-12',
        'standing',
        'Waits after a power cut',
        'Product goes on coming: set it to go on, or have somebody told.',
      ),
    ),
    float(),
  ];
}

function direction(): ProofCheck {
  return stateCheck(
    {
      key: 'direction',
      title: 'Direction',
      method: 'Some seconds, slowly, with liquid in the vessel.',
      expected: 'it turns as the arrow, and the level falls',
      caution: 'Wrong: isolate, wait the discharge time, prove dead, swap two leads, and try again.',
    },
    {
      right: 'As the arrow',
      wrong: wrong(
        'The other way',
        'LEV-06',
        'wiring',
        'It turns the wrong way',
        'Isolate, wait the discharge time, prove dead, swap two leads, and try again.',
      ),
      unclear: wrong(
        'It cannot be told',
        'LEV-06',
        'wiring',
        'Direction cannot be told so',
        'By the flow: the right way gives clearly more.',
      ),
    },
    'right',
  );
}

/** LEV-08: the last of the tests on the level, once everything that hangs on it is set. */
function float(): ProofCheck {
  return {
    ...stateCheck(
      {
        key: 'float',
        about: { kind: 'float' },
        title: 'The float over its whole way',
        method: 'Move it by hand from its low end to its high end, and watch the display.',
        expected: 'the reading rises evenly from zero to its maximum',
        caution: STARTS,
      },
      {
        rises: 'It rises evenly',
        stands: wrong(
          'It stands still',
          'LEV-08',
          'sensor',
          'The float stands still',
          'Stuck, its magnet lost, or its wire off.',
        ),
        falls: wrong(
          'It reads its minimum when lifted',
          'LEV-08',
          'swapped',
          'It reads its minimum when lifted',
          'The float is mounted upside down, or two wires are swapped.',
        ),
        jumps: wrong(
          'It jumps',
          'LEV-08',
          'sensor',
          'Its reading jumps',
          'A contact of its chain is dead: change it.',
        ),
      },
      'rises',
    ),
    // no setting moves it
    voidedBy: [],
  };
}

function startsAndStops({ runOn_s }: TransferSettings): ProofCheck[] {
  const wait = runOn_s === null ? 'its run-on' : words('seconds', runOn_s);
  return [
    stateCheck(
      {
        key: 'starts-stops',
        title: 'Starts, and stops when empty',
        method: `Let the vessel fill until it starts; then shut the inlets and wait for ${wait} after it is empty.`,
        expected: `it starts, and stops ${wait} after the bottom level`,
        ...(runOn_s === null ? {} : { wait: { words: 'Time the run-on', lasts_s: runOn_s } }),
        caution: STARTS,
      },
      {
        both: 'Starts, and stops',
        late: wrong(
          'Keeps running and sends air',
          'LEV-09',
          'standing',
          'Keeps running and sends air',
          'A shorter run-on.',
        ),
        never: wrong(
          'Does not stop',
          'LEV-03',
          'standing',
          'Does not stop',
          'The bottom level, the float, or another input that keeps it running.',
        ),
        not: wrong(
          'Does not start',
          'LEV-08',
          'standing',
          'Does not start',
          'Float, levels, and whether it waits or is in fault.',
        ),
      },
      'both',
    ),
  ];
}

/** LEV-13. */
function holdsBack({ duty }: TransferContext): ProofCheck[] {
  if (!duty.vessel.checkValve) return [];
  return [
    {
      ...stateCheck(
        {
          key: 'holds-back',
          title: 'The check valve holds',
          method: 'Pump at rest, inlets shut: watch the level for two minutes.',
          expected: 'the level stands',
          wait: { words: 'Watch the level', lasts_s: 120 },
        },
        {
          stands: 'It stands',
          rises: wrong(
            'It rises',
            'LEV-13',
            'standing',
            'The check valve leaks back',
            'Clean the valve and its seat; else change it.',
          ),
        },
        'stands',
      ),
      voidedBy: [],
    },
  ];
}

/** What a bucket or a meter in a pipe, and curve and lift of the day, are off by together. */
const FLOW_SHARE = 0.15;

function greatestFlow(
  { duty }: TransferContext,
  { most_rpm, cleaning, cleaning_rpm }: TransferSettings,
): ProofCheck[] {
  const rpm = cleaning === 'used' ? (cleaning_rpm ?? most_rpm) : most_rpm;
  if (rpm === null) return [];
  const flow = flowAt_m3h(pumpOf(duty), rpm);
  if (flow <= 0) return [];
  return [
    {
      key: 'greatest-flow',
      about: { kind: 'flow', at: flow },
      title: 'Flow at cleaning',
      method: `Let it run at ${words('speed', rpm)} with the vessel full: bucket or meter.`,
      expected: words('waterFlow', flow),
      tolerance: `${FLOW_SHARE * 100} %: curve, lift and pipe of the day`,
      caution: 'Hot cleaning liquor.',
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'flow_m3h', label: 'Flow', quantity: 'waterFlow' },
        // never less than what comes: within a meter's error it would flood all the same
        least: Math.max(flow * (1 - FLOW_SHARE), Math.min(flow, duty.inflow.cleaning_m3h)),
        greatest: flow * (1 + FLOW_SHARE),
        below: slip(
          'LEV-01',
          'speed',
          'Less than its curve gives',
          'Direction first: the wrong way moves a little. Then strainer, suction, and what is really lifted.',
        ),
        above: slip(
          'LEV-01',
          'speed',
          'More than its curve gives',
          'Less is lifted than calculated, or the meter counts air.',
        ),
      },
    },
  ];
}

/** A session is never quite as regular as it was reckoned. */
const WARM_C = 1;

function delivered(context: TransferContext, settings: TransferSettings): ProofCheck[] {
  const { cooler } = context.duty;
  if (!cooler || settings.least_rpm === null || settings.most_rpm === null) return [];
  const { delivered_C, sent_m3 } = runSession(context, settings, 'regular').sums;
  if (sent_m3 === 0) return [];
  return [
    {
      key: 'delivered',
      about: { kind: 'delivered', at: delivered_C },
      title: 'Delivered over a session',
      method:
        'Read the product behind the cooler every few minutes over a session, while it flows; take the mean.',
      expected: words('temperature', delivered_C),
      tolerance: words('difference', WARM_C),
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'delivered_C', label: 'Mean', quantity: 'temperature' },
        least: delivered_C - WARM_C,
        greatest: delivered_C + WARM_C,
        above: slip(
          'LEV-11',
          'standing',
          'Delivered too warm',
          'Coolant flow and its temperature; a fouled cooler; then whether it runs as evenly as it was set.',
        ),
        below: slip(
          'LEV-11',
          'sensor',
          'Cooler than it can be',
          'Less product than calculated, or the thermometer sits on the coolant’s side.',
        ),
      },
    },
  ];
}

function emptying({ control, emptying_min }: TransferSettings): ProofCheck[] {
  if (control !== 'even' || emptying_min === null || emptying_min === 0) return [];
  return [
    stateCheck(
      {
        key: 'empties',
        title: 'The timed emptying',
        method: `Watch the level over ${words('minutes', emptying_min)} and a little more.`,
        expected: 'it falls to the bottom, and the pump stops',
        wait: { words: 'Wait until it is empty', lasts_s: emptying_min * 60 },
      },
      {
        empties: 'It empties',
        not: wrong(
          'Does not',
          'LEV-03',
          'standing',
          'Does not empty',
          'The timer is stored and not enabled, or the mean inflow is too high for it.',
        ),
      },
      'empties',
    ),
  ];
}

function alarm({ alarm_mm }: TransferSettings): ProofCheck[] {
  if (alarm_mm === null) return [];
  return [
    stateCheck(
      {
        key: 'alarm',
        title: 'The alarm of a high level',
        method: `Lift the float above ${words('level', alarm_mm)}.`,
        expected: 'it alarms',
        caution: STARTS,
      },
      {
        alarms: 'It alarms',
        silent: wrong(
          'Nothing',
          'LEV-08',
          'wiring',
          'No alarm',
          'Its level, its output, and what hangs on it.',
        ),
      },
      'alarms',
    ),
  ];
}
