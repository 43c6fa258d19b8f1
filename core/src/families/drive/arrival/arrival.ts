import type { OwnArrival } from '../../family';
import { ISOLATED, STOPPED } from '../../parts/make-safe';
import type { DriveKind } from '../kind';
import { FIRST_STEPS, firstSteps } from '../wire/records';
import { readings } from './readings';
import { WORK } from './work';

/** What is done and read before anything is set on a drive. */
export const arrival: OwnArrival<DriveKind> = {
  makeSafe: [
    STOPPED,
    ISOLATED,
    {
      key: 'let-off',
      words: 'Pressure let off at the vessel and the pipes before anything is opened.',
      hands: true,
    },
    {
      key: 'discharged',
      words: 'Drive switched off, its stated discharge time waited, proved dead before a lead is touched.',
      hands: true,
      power: true,
    },
    {
      key: 'by-itself',
      words: 'The pump starts by itself. No switch is opened between a running drive and its motor.',
    },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
  plate: [
    { key: 'rated_W', label: 'Rated power of one motor', quantity: 'power' },
    { key: 'current_A', label: 'Rated current', quantity: 'motorCurrent' },
    { key: 'speed_rpm', label: 'Rated speed', quantity: 'speed' },
    { key: 'volts_V', label: 'Rated voltage', quantity: 'voltage' },
  ],
  plateCode: 'DRV-02',
  readings,
  work: WORK,
  first: {
    kind: 'drive-first',
    title: 'Order of work',
    steps: FIRST_STEPS,
    of: ({ duty, settings, profile }) =>
      firstSteps(duty?.holds.kind ?? settings.holds ?? 'pressure', profile.behaviours),
    caution: ({ behaviours: { guided } }) =>
      guided &&
      `Its own set-up asks for the ${guided} first. “Back” in it drops what was entered: read each value again.`,
  },
};
