import { own } from '../../../input';
import {
  judgeNamed,
  type CheckBody,
  type CheckVerdict,
  type NamedSlip,
  type ProofCheck,
} from '../../../proof';

/** Judges what was seen against a check, and names the slip that a failing one points to. */
export function judgeCheck(check: ProofCheck, body: CheckBody): CheckVerdict {
  return judgeNamed(check, body, slipOf);
}

function slipOf({ key, ask }: ProofCheck, { seen, figures }: CheckBody): NamedSlip | null {
  if (key === 'greatest-flow' && ask.kind === 'figure' && figures.flow_m3h < ask.least) return TOO_LITTLE;
  if (key === 'delivered' && ask.kind === 'figure')
    return figures.delivered_C > ask.greatest ? TOO_WARM : TOO_COOL;
  return own(NAMED, `${key}:${seen ?? ''}`) ?? own(FIGURES, key) ?? null;
}

const TOO_LITTLE: NamedSlip = [
  'LEV-01',
  'speed',
  'Less than its curve gives',
  'Direction first: the wrong way moves a little. Then strainer, suction, and what is really lifted.',
];
const TOO_WARM: NamedSlip = [
  'LEV-11',
  'standing',
  'Delivered too warm',
  'Coolant flow and its temperature; a fouled cooler; then whether it runs as evenly as it was set.',
];
const TOO_COOL: NamedSlip = [
  'LEV-11',
  'sensor',
  'Cooler than it can be',
  'Less product than was reckoned, or the thermometer sits on the coolant’s side.',
];

const NAMED: Readonly<Record<string, NamedSlip | undefined>> = {
  'direction:wrong': [
    'LEV-06',
    'wiring',
    'It turns the wrong way',
    'Isolate, wait the discharge time, prove dead, swap two leads, and try again.',
  ],
  'direction:unclear': [
    'LEV-06',
    'wiring',
    'Direction cannot be told so',
    'By the flow: the right way gives clearly more.',
  ],
  'float:stands': ['LEV-08', 'sensor', 'The float stands still', 'Stuck, its magnet lost, or its wire off.'],
  'float:falls': [
    'LEV-08',
    'swapped',
    'It reads its least when lifted',
    'It is mounted upside down, or two wires are swapped.',
  ],
  'float:jumps': ['LEV-08', 'sensor', 'Its reading jumps', 'A contact of its chain is dead: change it.'],
  'starts-stops:late': ['LEV-09', 'standing', 'It runs on and sends air', 'A shorter run-on.'],
  'starts-stops:never': [
    'LEV-03',
    'standing',
    'It does not stop',
    'The bottom level, the float, or another input that keeps it running.',
  ],
  'starts-stops:not': [
    'LEV-08',
    'standing',
    'It does not start',
    'Float, levels, and whether it waits or is in fault.',
  ],
  'holds-back:rises': [
    'LEV-13',
    'standing',
    'The check valve leaks back',
    'Clean the valve and its seat; else change it.',
  ],
  'empties:not': [
    'LEV-03',
    'standing',
    'It does not empty',
    'The timer is stored and not enabled, or the mean inflow is too high for it.',
  ],
  'alarm:silent': ['LEV-08', 'wiring', 'No alarm', 'Its level, its output, and what hangs on it.'],
  'supply-cut:wait': [
    'ANY-12',
    'standing',
    'It waits after a cut',
    'Product goes on coming: set it to go on, or have somebody told.',
  ],
};

/** Figures that are off, by their check. */
const FIGURES: Readonly<Record<string, NamedSlip | undefined>> = {
  'greatest-flow': [
    'LEV-01',
    'speed',
    'More than its curve gives',
    'Less is lifted than was reckoned, or the meter counts air.',
  ],
};
