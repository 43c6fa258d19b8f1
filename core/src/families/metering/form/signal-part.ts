import type { Quantity } from '../../../units';
import {
  aChoice,
  aFigure,
  beside,
  type Look,
  numeral,
  onlyIf,
  type Option,
  said,
  type Saying,
  together,
} from '../../../describe';

const PACED = ['pulse', 'contact'];

const TRANSMITTER = { value: 'flow', label: 'Flow transmitter' };

function sources(look: Look): Option[] {
  return look.at('mode') === 'analog'
    ? [TRANSMITTER, { value: 'controller', label: 'Controller' }]
    : [TRANSMITTER, { value: 'meter', label: 'Pulse meter' }];
}

const METER = [
  aChoice('litresAs', 'The plate of the meter states', [
    { value: 'litres', label: 'Litres a pulse' },
    { value: 'pulses', label: 'Pulses a litre' },
  ]),
  onlyIf(
    (here) => here('litresAs') === 'pulses',
    [aFigure('pulsesPerLitre', 'Pulses for each litre', 'plain', { unit: 'pulses/L' })],
  ),
  onlyIf(
    (here) => here('litresAs') !== 'pulses',
    [aFigure('litresPerPulse', 'Water for each pulse', 'volume')],
  ),
  aChoice(
    'contact',
    'Contact of the meter',
    [
      { value: 'mechanical', label: 'Mechanical' },
      { value: 'electronic', label: 'Electronic' },
    ],
    { hint: 'Mechanical contacts bounce; a longer recognition time rejects it.' },
  ),
  aFigure('closedShare', 'Share of the time closed', 'plain', {
    unit: '0 to 1',
    hint: '0.5 when not known',
  }),
];

const CONTROLLER = [
  aChoice('measures', 'It controls', [
    { value: 'residual', label: 'Residual' },
    { value: 'pH', label: 'pH' },
    { value: 'redox', label: 'Redox' },
    { value: 'conductivity', label: 'Conductivity' },
    { value: 'stated', label: 'Something else: two points' },
  ]),
  aFigure('greatestFeed_lph', 'Maximum useful feed', 'pumpFlow'),
  aFigure('leastFeed_lph', 'Feed at the other end', 'pumpFlow', {
    blank: 'left-out',
    hint: 'Where the site states it; empty: none',
  }),
  beside(
    aFigure('from_mA', 'From', 'current', { blank: 'left-out', hint: 'Empty: the low end' }),
    aFigure('to_mA', 'to', 'current', { blank: 'left-out', hint: 'Empty: 20 mA' }),
  ),
  aChoice('action', 'More feed at', [
    { value: 'rising', label: 'More current' },
    { value: 'falling', label: 'Less current' },
  ]),
  aChoice('onLostSignal', 'On a lost signal', [
    { value: 'stop', label: 'Stop' },
    { value: 'hold', label: 'Keep the rate' },
  ]),
];

/** Where what paces the pump comes from. A choice here depends on the mode, and a meter may be stated either way. */
export const SIGNAL_FIELDS = together('signal', [
  aChoice(
    'source',
    (look) => (look.at('mode') === 'analog' ? 'The signal comes from a' : 'The water is measured by a'),
    (look) => (PACED.includes(look.at('mode')) ? [{ value: 'meter', label: 'Pulse meter' }] : sources(look)),
  ),
  onlyIf(
    (here) => here('source') !== 'meter',
    [
      aChoice(
        'low_mA',
        'It sends',
        [
          { value: '4', label: '4–20 mA' },
          { value: '0', label: '0–20 mA' },
        ],
        { hint: '4–20 mA detects a broken wire.', place: numeral },
      ),
    ],
  ),
  onlyIf(
    (here) => here('source') === 'flow',
    [aFigure('span_m3h', 'Water flow at 20 mA (span)', 'waterFlow')],
  ),
  onlyIf((here) => here('source') === 'meter', METER),
  onlyIf((here) => here('source') === 'controller', CONTROLLER),
]);

export const MODE_SAID: Readonly<Record<string, string>> = {
  manual: 'Manual; ',
  pulse: 'Pulses; ',
  contact: 'Contacts; ',
  batch: 'Batches; ',
  timer: 'Timer; ',
};

/** Where it comes from, in words. */
export function signalSaid(say: Saying<string>): string {
  const at = (key: string) => say.at(`signal.${key}`);
  const figure = (key: string, quantity: Quantity) => said(say.look, `signal.${key}`, quantity);
  switch (at('source')) {
    case 'flow':
      return `transmitter ${at('low_mA')}–20 mA, 20 mA = ${figure('span_m3h', 'waterFlow')}`;
    case 'meter':
      return `meter with ${at('litresAs') === 'pulses' ? `${at('pulsesPerLitre')} pulses a litre` : `${figure('litresPerPulse', 'volume')} a pulse`}, ${at('contact')} contact`;
    default:
      return `${at('measures') === 'stated' ? '' : `${at('measures')} `}controller ${at('low_mA')}–20 mA ${at('action')}, ${at('leastFeed_lph') ? `from ${figure('leastFeed_lph', 'pumpFlow')} ` : ''}up to ${figure('greatestFeed_lph', 'pumpFlow')}`;
  }
}
