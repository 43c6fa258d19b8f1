import { fig, figureWithUnit, presentReader } from '../../../units';
import type { SignalFrom } from '../../../visit';
import type { OwnArrival } from '../../family';
import { ISOLATED, STOPPED } from '../../parts/make-safe';
import type { MeteringKind } from '../kind';
import { gearsOf } from '../wire/plate';
import { readings } from './readings';
import { WORK } from './work';

const SIGNALS: readonly { readonly value: SignalFrom; readonly name: string }[] = [
  { value: 'flow', name: 'flow transmitter' },
  { value: 'controller', name: 'controller' },
  { value: 'meter', name: 'pulse meter' },
];

/** What is done and read before anything is set on a metering pump. */
export const arrival: OwnArrival<MeteringKind> = {
  makeSafe: [
    STOPPED,
    ISOLATED,
    {
      key: 'pressure',
      words: 'Pressure relieved before anything is opened; a relief valve is fitted.',
      hands: true,
    },
    {
      key: 'chemical',
      words:
        'Chemical known, its safety data sheet at hand; goggles, gloves and apron on. Acid and hypochlorite never meet.',
    },
  ],
  plate: [
    {
      key: 'gear',
      role: 'gear',
      label: 'Gear stamped on the plate',
      quantity: null,
      said: 'gear',
      options: (profile) => {
        const gears = gearsOf(profile);
        if (gears.length < 2) return [];
        return gears.map(({ name, greatest_spm }) => ({
          value: name,
          label: `${name}, ${greatest_spm} strokes/min`,
        }));
      },
    },
    {
      key: 'greatest_spm',
      label: 'Maximum rate on the plate',
      quantity: 'strokeRate',
      hint: (profile, { gear }) => {
        const named = gearsOf(profile).find(({ name }) => name === gear);
        if (!named) return null;
        const rate = figureWithUnit(fig('strokeRate', named.greatest_spm), presentReader());
        return `Gear ${named.name} makes ${rate}: only where the plate says another`;
      },
    },
    { key: 'rated_bar', label: 'Maximum pressure on the plate', quantity: 'pressure' },
  ],
  source: {
    label: 'Where the signal cable comes from',
    hint: 'A controller’s signal already is the demand; it must not be scaled by flow.',
    options: SIGNALS.map(({ value, name }) => ({ value, label: `${name[0].toUpperCase()}${name.slice(1)}` })),
    missing: 'Follow the cable and choose.',
    known: ({ pump }) => pump.signalFrom,
    of: ({ signalFrom }) => signalFrom ?? null,
    record: (value) => ({ signalFrom: SIGNALS.find((signal) => signal.value === value)?.value }),
    words: (value) =>
      `Signal from a ${SIGNALS.find((signal) => signal.value === value)?.name ?? 'source not seen'}`,
  },
  plateCode: 'MET-02',
  readings,
  work: WORK,
};
