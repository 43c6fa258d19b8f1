import { z } from 'zod';
import { headAt_m, lineHead_m, wantedHead_m } from '../../hydraulics';
import { figure, line, notNegative } from '../fields';
import type { Tool } from '../tool';
import { curveOf, lineFields, lineInput, lineOf } from './line-input';

export const modeLineInput = z.object({ ...lineInput, flow_m3h: notNegative('The flow') });

export interface ModeLineOutput {
  head_m: number;
  /** what full speed gives there */
  full_m: number;
  /** the line asks for more than full speed gives */
  ended: boolean;
}

export const modeLineTool: Tool<typeof modeLineInput, ModeLineOutput> = {
  id: 'mode-line',
  group: 'heads',
  name: 'Head along a mode',
  about: 'What a circulator gives at a flow: full speed, constant or proportional head.',
  input: modeLineInput,
  fields: [...lineFields, figure('flow_m3h', 'At a flow of', 'waterFlow', '1.2')],
  run: ({ flow_m3h, ...typed }) => {
    const [held, curve] = [lineOf(typed), curveOf(typed)];
    const full_m = headAt_m(curve, flow_m3h);
    return {
      head_m: lineHead_m(held, curve, flow_m3h),
      full_m,
      ended: wantedHead_m(held, curve, flow_m3h) > full_m + 1e-12,
    };
  },
  answer: ({ head_m, full_m, ended }) => ({
    main: line('Head', head_m, 'm'),
    lines: [line('Full speed gives there', full_m, 'm')],
    verdict: ended
      ? { good: false, words: 'Full speed ends the line here: less than is set.' }
      : { good: true, words: 'Within what full speed gives.' },
  }),
};
