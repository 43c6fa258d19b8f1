import { own } from '../../../input';
import {
  judgeNamed,
  rangesBehind,
  type CheckBody,
  type CheckVerdict,
  type NamedSlip,
  type ProofCheck,
} from '../../../proof';

/** Judges what was seen against a check, and names the slip that a failing one points to. */
export function judgeCheck(check: ProofCheck, body: CheckBody): CheckVerdict {
  return judgeNamed(check, body, slipOf);
}

function slipOf({ key, about, ask }: ProofCheck, { seen, figures }: CheckBody): NamedSlip | null {
  return (
    own(NAMED, `${key.replace(/-\d+$/, '')}:${seen ?? ''}`) ??
    (about?.kind === 'pressure' && ask.kind === 'figure' ? ratioOf(about.at, figures.pressure_bar) : null) ??
    own(FIGURES, key) ??
    null
  );
}

/** Ratios of the ranges that sensors come with: 4, 6, 10, 16 and 25 bar. */
const RANGES = [4, 6, 10, 16, 25];

/** DRV-01: a pressure that is off by a ratio of ranges. */
function ratioOf(asked: number | undefined, read: number | undefined): NamedSlip | null {
  if (asked === undefined || read === undefined || asked <= 0 || read <= 0) return null;
  const ratio = read / asked;
  const pair = rangesBehind(ratio, RANGES);
  if (!pair) return null;
  return [
    'DRV-01',
    'range',
    'Off by a ratio of ranges',
    `The gauge reads ${ratio.toFixed(2)} times what is set, such as a range of ${pair.set} bar set for a sensor of ${pair.label} bar gives: read the sensor’s label, and the range again.`,
  ];
}

const NAMED: Readonly<Record<string, NamedSlip | undefined>> = {
  'direction:wrong': [
    'DRV-03',
    'wiring',
    'It turns the wrong way',
    'Some pressure and little flow. Turn it by menu; else isolate, wait the discharge time, prove dead, swap two leads, and try again.',
  ],
  'direction:unclear': [
    'DRV-03',
    'wiring',
    'Direction cannot be told so',
    'Try it against a nearly shut valve, or by the flow: the right way gives clearly more.',
  ],
  'steady:swings': [
    'DRV-16',
    'pressure',
    'It hunts',
    'The vessel’s gas first; then less gain or a longer reset, one at a time.',
  ],
  'stops:runs': [
    'DRV-04',
    'standing',
    'It never stops',
    'A leak, or a stop frequency at or below that of the shut valve: read the frequency with the discharge shut.',
  ],
  'stops:restarts': [
    'DRV-10',
    'pressure',
    'It starts every few seconds',
    'The vessel’s gas is lost or too high, or the cut-in lies too near: measure the gas empty of water.',
  ],
  'dry:warn': ['DRV-05', 'manual', 'Dry, it only warns', 'Set its reaction to stop, and try it again.'],
  'dry:runs': [
    'DRV-05',
    'manual',
    'Dry, it runs on',
    'Guard off, threshold too low or delay too long: never past what the seal stands.',
  ],
  'each-answers:fewer': [
    'DRV-06',
    'wiring',
    'One does not answer',
    'Two with one address, a cable or its end: count the units seen again.',
  ],
  'each-answers:wrong': [
    'DRV-06',
    'swapped',
    'Another one starts',
    'Addresses are swapped: mark each drive with the one that it has.',
  ],
  'one-out:stops': [
    'DRV-13',
    'standing',
    'One out takes all with it',
    'The others must go on by themselves: sensor on each, or the lead’s place taken over.',
  ],
  'one-out:short': [
    'DRV-13',
    'pressure',
    'With one out it is short',
    'Agree with the operator what is shut off then, or fit more.',
  ],
  'change-over:dips': [
    'DRV-13',
    'pressure',
    'Pressure falls at the change',
    'A longer overlap, or a slower ramp down of the one that leaves.',
  ],
  'sensor-off:full': [
    'DRV-09',
    'sensor',
    'Without its sensor it goes to full speed',
    'Say so to the operator; a relief valve under the lowest rating, or a lower greatest frequency.',
  ],
  'link-answers:silent': [
    'DRV-06',
    'standing',
    'No answer on the link',
    'Protocol, address in its range, ends terminated, polarity, parity.',
  ],
  'nothing-shut:shut': [
    'DRV-04',
    'standing',
    'A valve was shut',
    'Open it, and try again whatever was tried since it was shut.',
  ],
};

/** Figures that are off, by their check. */
const FIGURES: Readonly<Record<string, NamedSlip | undefined>> = {
  zero: [
    'DRV-01',
    'sensor',
    'Its nil has drifted',
    'Set it, or change the sensor: every pressure is off by as much.',
  ],
  'set-pressure': [
    'DRV-01',
    'sensor',
    'The gauge says otherwise',
    'Nil and range of the sensor, then the gauge itself.',
  ],
  'closed-valve': [
    'DRV-04',
    'standing',
    'Not the frequency of a shut valve',
    'The valve was not shut, or sensor, set point or the pressure at its inlet are not as reckoned.',
  ],
  'stop-flow': [
    'DRV-12',
    'standing',
    'It stops at another draw',
    'Pressure at the inlet of today, and a flat curve: move the stop frequency in small steps.',
  ],
  'cut-in': ['DRV-08', 'pressure', 'It starts elsewhere', 'Cut-in, its difference, and the vessel’s gas.'],
};
