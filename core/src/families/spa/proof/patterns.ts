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
  // a reminder is no fault
  if (check.key === 'no-fault' && body.seen === 'reminder')
    return judgeNamed(check, { ...body, seen: 'none' }, slipOf);
  return judgeNamed(check, body, slipOf);
}

function slipOf({ key, about }: ProofCheck, { seen, figures }: CheckBody): NamedSlip | null {
  if (about?.kind === 'output') return OUTPUTS[seen ?? ''] ?? null;
  if (about?.kind === 'heat' && figures.rise_K !== undefined) return heatSlip(figures.rise_K);
  return own(NAMED, `${key}:${seen ?? ''}`) ?? own(FIGURES, key) ?? null;
}

function heatSlip(rise_K: number): NamedSlip {
  return rise_K < 0.1
    ? [
        'SPA-12',
        'standing',
        'It does not warm',
        'Heating mode, set point and range first; then flow, limiter and element, by a licensed electrician.',
      ]
    : rise_K < 1
      ? [
          'SPA-08',
          'standing',
          'It warms too slowly',
          'A part of the heater is out or scaled, the cover is open, or the loss is greater than was reckoned.',
        ]
      : [
          'SPA-08',
          'sensor',
          'It warms faster than it can',
          'Less water than was entered, or another heater: read plate and litres again.',
        ];
}

const OUTPUTS: Readonly<Record<string, NamedSlip | undefined>> = {
  one: [
    'SPA-01',
    'standing',
    'One speed only',
    'The row gives it one speed: compare number, table, switches and links.',
  ],
  dead: [
    'SPA-01',
    'standing',
    'Nothing runs',
    'No output under this number, no key for it, or a plug in another place.',
  ],
  other: ['SPA-01', 'swapped', 'Another one runs', 'Two plugs are swapped, or the row is another one.'],
  stays: [
    'SPA-05',
    'standing',
    'It does not stop',
    'It may belong to a cycle or the frost guard; else its relay has welded: off, and a licensed electrician.',
  ],
};

const NAMED: Readonly<Record<string, NamedSlip | undefined>> = {
  'page-gone:page': ['SPA-02', 'standing', 'The set-up page comes again', 'The set-up switch is still on.'],
  'cycle-starts:not': [
    'SPA-06',
    'clock',
    'No cycle starts',
    'Clock, start and length: the change of number put them back.',
  ],
  'cycle-starts:late': ['SPA-06', 'clock', 'It starts at another time', 'The clock, or morning for evening.'],
  'rcd:not': [
    'SPA-11',
    'wiring',
    'The protection does not trip',
    'Supply off and locked; nobody bathes; a licensed electrician.',
  ],
  'rcd:again': [
    'SPA-11',
    'wiring',
    'It trips again by itself',
    'Something leaks current: supply off and locked; a licensed electrician finds it.',
  ],
  'no-fault:fault': [
    'ANY-14',
    'standing',
    'A fault stands',
    'Look it up in the maker’s manual, and find its cause before anyone bathes.',
  ],
  'no-fault:unknown': [
    'ANY-14',
    'standing',
    'A message that is not known',
    'Write it down as it stands, and look it up in the maker’s manual.',
  ],
  'supply-cut:wait': [
    'ANY-12',
    'standing',
    'It waits after a cut',
    'Tell the owner: after each cut somebody must switch it on.',
  ],
};

/** Figures that are off, by their check. */
const FIGURES: Readonly<Record<string, NamedSlip | undefined>> = {
  'number-back': [
    'SPA-01',
    'standing',
    'Another number stands',
    'The page was left without storing, or it was turned on: choose it again.',
  ],
  clamp: [
    'SPA-04',
    'standing',
    'Another current than was reckoned',
    'What is connected is not what was listed: plates of pumps and heater again.',
  ],
};
