import { keptInstrumentSchema, MEASURES, type KeptInstrumentBody } from '@barythm/contract/resources';
import { aChoice, aDate, aWord, makeForm, maybe, word } from '@barythm/core/describe';

/** What is asked of an instrument. */
export const INSTRUMENT_FORM = makeForm<KeptInstrumentBody>({
  parts: [
    {
      name: 'instrument',
      title: 'Instrument',
      says: () => '',
      fields: [
        aWord('name', 'What it is called'),
        aWord('serial', 'Serial'),
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
          { place: maybe(word), hint: 'Offered where that is read' },
        ),
      ],
    },
  ],
  schema: keptInstrumentSchema,
  start: {},
});
