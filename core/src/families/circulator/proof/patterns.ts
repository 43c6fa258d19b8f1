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

/** What a failing check points to, by its key and what was seen. */
function slipOf({ key, about, ask }: ProofCheck, { seen, figures }: CheckBody): NamedSlip | null {
  return (
    namedBy(key, seen) ??
    (key === 'far-end' ? COOL : null) ??
    (about?.kind === 'head' ? headSlip(about.at, figures.head_m) : null) ??
    (about?.kind === 'flow' && ask.kind === 'figure' && figures.flow_m3h < ask.least ? SHORT : null)
  );
}

/** Ranges that differential sensors come with, bar. */
const RANGES = [0.4, 0.6, 1, 1.6, 2.5];

/** A head that is off by a ratio of ranges (CIR-06); short by any other share it is air, a shut valve or the wrong direction. */
function headSlip(asked: number | undefined, read: number | undefined): NamedSlip | null {
  if (asked === undefined || read === undefined || asked <= 0) return null;
  const pair = rangesBehind(read / asked, RANGES);
  if (pair === null) return read < asked ? SHORT : null;
  return [
    'CIR-06',
    'range',
    'Off by a ratio of ranges',
    `The gauges read ${(read / asked).toFixed(2)} times what is set, such as a range of ${pair.set} bar set for a sensor of ${pair.label} bar gives: read the sensor’s label, and the range again.`,
  ];
}

const COOL: NamedSlip = [
  'CIR-19',
  'standing',
  'The return comes back too cool',
  'Look for a pause of its clock, a shut loop or a flap that leaks; then more flow. Until then the water is not safe.',
];

const SHORT: NamedSlip = [
  'CIR-03',
  'speed',
  'It moves too little water',
  'Air in the loops, a shut valve or a rotor that turns the wrong way: purge again, and look at the arrow. Then the range of a sensor.',
];

function namedBy(key: string, seen: string | null): NamedSlip | null {
  switch (`${key}:${seen ?? ''}`) {
    case 'air:air':
      return [
        'CIR-03',
        'standing',
        'Air in the loops',
        'Highest fixed speed, loop after loop until nothing is heard; then the mode.',
      ];
    case 'air:cold':
      return [
        'CIR-11',
        'standing',
        'One loop stays cold',
        'That is a matter of balancing: no reason to raise the head.',
      ];
    case 'mode-after-wiring:changed':
      return [
        'CIR-13',
        'manual',
        'The wiring changed the mode',
        'Set the mode again with every wire on, and read it once more.',
      ];
    case 'contact:stands':
    case 'contact:runs':
      return [
        'CIR-04',
        'standing',
        'The contact does otherwise',
        'Look which of its inputs it is wired to, and whether the setting uses it.',
      ];
    case 'wire-off:runs':
      return [
        'CIR-16',
        'manual',
        'It does not go by the voltage',
        'Another source is chosen in its menu, or the mode keeps its own speed.',
      ];
    case 'sensor-off:full':
    case 'sensor-off:stands':
      return [
        'CIR-21',
        'sensor',
        'Without its sensor it does otherwise',
        'Write it down, tell the operator, and set what it does where that can be set.',
      ];
    case 'menu-taken:before':
    case 'menu-taken:closed':
      return [
        'CIR-17',
        'standing',
        'The menu had closed again',
        'Switch off, wait until its display is dark, on; set it at once, and read it again.',
      ];
    case 'twin-runs:fault':
      return [
        'CIR-09',
        'standing',
        'A waiting pump is no fault',
        'Read what its display says: “waits” is as it should be. A real fault has a number; look it up in the maker’s manual.',
      ];
    case 'twin-runs:none':
    case 'twin-runs:both':
    case 'twin-runs:one':
    case 'twin-change:stands':
    case 'twin-change:late':
      return [
        'CIR-09',
        'standing',
        'The twin does not work as set',
        'Exactly one leads? The cable between the heads? The way, set on the lead?',
      ];
    case 'flap-1:turns':
    case 'flap-1:falls':
    case 'flap-2:turns':
    case 'flap-2:falls':
      return [
        'CIR-14',
        'standing',
        'The flap leaks',
        'Water runs back through the resting head: clean or change the flap, and try it both ways round again.',
      ];
    case 'fault-contact:always':
      return [
        'CIR-10',
        'manual',
        'Its fault contact works the other way',
        'Set the way of the contact as the site reads it, and make the fault again.',
      ];
    case 'fault-contact:never':
      return [
        'CIR-10',
        'standing',
        'No fault is told',
        'Wire, terminals and the contact itself: one that carried too much is welded or burnt.',
      ];
    case 'link-answers:silent':
      return [
        'CIR-08',
        'standing',
        'No answer on the link',
        'Port chosen? Address in its range? Ends terminated, screen at one end, polarity, parity.',
      ];
    case 'link-answers:other':
      return ['CIR-07', 'standing', 'Two with one address', 'Give this one an address of its own.'];
    default:
      return key === 'link-silent'
        ? [
            'CIR-21',
            'standing',
            'A silent link leaves it otherwise',
            'Set what it is to do, and try it again.',
          ]
        : key === 'volts-up' || key === 'volts-down'
          ? [
              'CIR-05',
              'sensor',
              'Its threshold lies elsewhere',
              'Standing at a low voltage is obedience, not a fault: read both thresholds again.',
            ]
          : null;
  }
}
