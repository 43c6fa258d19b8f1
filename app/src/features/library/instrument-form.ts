import { keptInstrumentSchema, MEASURES, type KeptInstrumentBody } from '@barythm/contract/resources';
import { aChoice, aDate, makeForm, maybe, someWords, word } from '@barythm/core/describe';

/** What is asked of an instrument. */
export const INSTRUMENT_FORM = makeForm<KeptInstrumentBody>({
  parts: [
    {
      name: 'instrument',
      title: 'Instrument',
      says: () => '',
      fields: [
        someWords('name', 'What it is called', 'Enter what it is called.'),
        someWords('serial', 'Serial', 'Enter its serial: it is printed with each reading.'),
        aDate('calibratedOn', 'Calibrated on', { hint: 'e.g. 31.5.2026, from its certificate' }),
        aChoice(
          'measures',
          'Measures or sends',
          [
            { value: '', label: 'Not said' },
            ...Object.entries(MEASURES).map(([value, label]) => ({
              value,
              label: label.charAt(0).toUpperCase() + label.slice(1),
            })),
          ],
          { place: maybe(word), hint: 'It is offered where that is read' },
        ),
      ],
    },
  ],
  schema: keptInstrumentSchema,
  start: {},
});
