import {
  aChoice,
  aFigure,
  beside,
  type Look,
  numeral,
  onlyIf,
  type Option,
  own,
  type Part,
  said,
  textAt,
  type Texts,
  together,
  withText,
} from '../../../describe';

const MODES = [
  { value: 'analog', label: 'Current signal' },
  { value: 'pulse', label: 'Pulses' },
  { value: 'contact', label: 'Contacts' },
  { value: 'batch', label: 'Batch' },
  { value: 'timer', label: 'Timer' },
  { value: 'manual', label: 'Manual' },
] as const;
const PACED = ['pulse', 'contact'];

/** Pulses come from a meter, a current never does. */
function sourceOf(texts: Texts, mode: string): Texts {
  if (PACED.includes(mode)) return withText(texts, 'signal.source', 'meter');
  const meter = textAt(texts, 'signal.source') === 'meter';
  return mode === 'analog' && meter ? withText(texts, 'signal.source', 'flow') : texts;
}

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
  ]),
  aFigure('greatestFeed_lph', 'Greatest useful feed', 'pumpFlow'),
  aChoice('action', 'More feed at', [
    { value: 'rising', label: 'More current' },
    { value: 'falling', label: 'Less current' },
  ]),
  aChoice('onLostSignal', 'On a lost signal', [
    { value: 'stop', label: 'Stop' },
    { value: 'hold', label: 'Keep the rate' },
  ]),
];

/** What paces the pump, and where that comes from. */
export const SIGNAL_PART: Part = {
  name: 'signal',
  title: 'Signal',
  says: (look) => `${MODE_SAID[look.at('mode')] ?? ''}${signalSaid(look)}`,
  fields: [
    aChoice('mode', 'Mode', MODES, { follows: sourceOf }),
    own('ModeSettings'),
    onlyIf(
      (here) => here('mode') === 'batch',
      [
        together('batch', [
          beside(
            aFigure('volume_mL', 'Volume of a batch', 'strokeVolume'),
            aFigure('spacing_s', 'Triggers at least', 'seconds', { hint: 'apart' }),
          ),
        ]),
      ],
      { batch: null },
    ),
    onlyIf(
      (here) => here('mode') === 'timer',
      [together('timer', [aFigure('every_min', 'From run to run', 'minutes')])],
      { timer: null },
    ),
    together('signal', [
      aChoice(
        'source',
        (look) => (look.at('mode') === 'analog' ? 'The signal comes from a' : 'The water is measured by a'),
        (look) =>
          PACED.includes(look.at('mode')) ? [{ value: 'meter', label: 'Pulse meter' }] : sources(look),
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
            { hint: 'With a live zero a broken wire shows.', place: numeral },
          ),
        ],
      ),
      onlyIf(
        (here) => here('source') === 'flow',
        [aFigure('span_m3h', 'Water flow at 20 mA (span)', 'waterFlow')],
      ),
      onlyIf((here) => here('source') === 'meter', METER),
      onlyIf((here) => here('source') === 'controller', CONTROLLER),
    ]),
  ],
};

const MODE_SAID: Record<string, string> = {
  manual: 'Manual; ',
  pulse: 'Pulses; ',
  contact: 'Contacts; ',
  batch: 'Batches; ',
  timer: 'Timer; ',
};

function signalSaid(look: Look): string {
  const at = (key: string) => look.at(`signal.${key}`);
  switch (at('source')) {
    case 'flow':
      return `transmitter ${at('low_mA')}–20 mA, 20 mA = ${said(look, 'signal.span_m3h', 'waterFlow')}`;
    case 'meter':
      return `meter with ${at('litresAs') === 'pulses' ? `${at('pulsesPerLitre')} pulses a litre` : `${said(look, 'signal.litresPerPulse', 'volume')} a pulse`}, ${at('contact')} contact`;
    default:
      return `${at('measures')} controller ${at('low_mA')}–20 mA ${at('action')}, up to ${said(look, 'signal.greatestFeed_lph', 'pumpFlow')}`;
  }
}
