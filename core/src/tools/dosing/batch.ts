import { z } from 'zod';
import { batchPicture } from '../../dosing';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const batchInput = z.object({
  volume_ml: positive('The volume of a batch'),
  stroke_ml: positive('The stroke volume'),
  rate_spm: positive('The stroke rate'),
  spacing_s: positive('The time between triggers'),
});

export interface BatchOutput {
  strokes: number;
  error_pct: number;
  time_s: number;
  fits: boolean;
}

export const batchTool: Tool<typeof batchInput, BatchOutput> = {
  id: 'batch',
  group: 'dosing',
  name: 'Batch',
  about:
    'Strokes of a batch, what rounding leaves, how long it takes, and whether it is done before the next trigger.',
  input: batchInput,
  fields: [
    figure('volume_ml', 'Volume of a batch', 'strokeVolume', '25'),
    figure('stroke_ml', 'Stroke volume as set', 'strokeVolume', '0.42'),
    figure('rate_spm', 'Stroke rate', 'strokeRate', '120'),
    figure('spacing_s', 'Minimum time between triggers', 'seconds', '60'),
  ],
  run: ({ volume_ml, stroke_ml, rate_spm, spacing_s }) => {
    const { strokes, error, time_s, fits } = batchPicture(volume_ml, stroke_ml, rate_spm, spacing_s);
    return { strokes, error_pct: error * 100, time_s, fits };
  },
  answer: ({ strokes, error_pct, time_s, fits }) => ({
    main: line('Set', strokes, 'strokes a batch', 0),
    lines: [line('Takes', time_s, 's', 1), line('Rounding leaves', error_pct, '%', 2)],
    verdict: fits
      ? { good: true, words: 'A batch is done before the next trigger.' }
      : { good: false, words: 'Triggers come faster than a batch takes: batches pile up or are lost.' },
  }),
};
