import { parameterWithRole } from '../../../profile';
import type { Command, RecordBodyOf, Refusal } from '../../../visit';
import type { OwnArrival } from '../../family';
import { ISOLATED, STOPPED } from '../../parts/make-safe';
import type { PoolKind } from '../kind';
import { readings } from './readings';
import { WORK } from './work';
import type { PoolJobKind } from '../wire/job';

const COMMANDS: readonly { readonly value: Command; readonly name: string }[] = [
  { value: 'own', name: 'its own programs' },
  { value: 'relay', name: 'relay contacts' },
  { value: 'link', name: 'a data link' },
];

/** What is done and read before anything is set on a pool pump. */
export const arrival: OwnArrival<PoolKind> = {
  makeSafe: [
    STOPPED,
    {
      key: 'people',
      words:
        'Nobody in the water while pump and valves are tried; suction covers checked: intact and secure.',
    },
    ISOLATED,
    {
      key: 'pressure',
      words: 'Filter vented before a lid is opened; flooded suction shut. Heater and roof cooled down.',
      hands: true,
    },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
  plate: [
    { key: 'greatest_rpm', label: 'Full speed', quantity: 'speed' },
    { key: 'rated_W', label: 'Rated power', quantity: 'power' },
    {
      key: 'kind',
      label: 'Kind of pump on the plate, as its controller names it',
      quantity: null,
      said: 'kind',
      // the watts that a controller shows depend on the kind that is set in it
      options: (profile) =>
        parameterWithRole(profile, 'pump.kind')?.options?.map(({ value, label }) => ({ value, label })) ??
        null,
    },
  ],
  source: {
    label: 'What commands it, as seen here',
    options: COMMANDS.map(({ value, name }) => ({
      value,
      label: `${name[0].toUpperCase()}${name.slice(1)}`,
    })),
    missing: 'Look who commands it, and choose.',
    // who commands it is looked at anew each time
    known: () => null,
    of: ({ command }) => command ?? null,
    record: (value) => ({ command: COMMANDS.find((one) => one.value === value)?.value }),
    words: (value) =>
      `Commanded by ${COMMANDS.find((one) => one.value === value)?.name ?? 'an unknown source'}`,
  },
  plateCode: 'POO-20',
  readings,
  work: WORK,
};

/** Salt without a kit's reading, and valves whose pipes nobody followed, are not written down: the work would be done blind. */
export function refuse(record: RecordBodyOf<PoolJobKind>): Refusal | null {
  if (record.kind === 'salt' && record.added_kg > 0 && record.kit_gl === null) {
    return {
      field: 'record.kit_gl',
      code: 'POO-18',
      words: 'Test the water with a kit first: the panel’s reading leans on its temperature sensor.',
    };
  }
  if (record.kind === 'valves' && !record.traced) {
    return {
      field: 'record.traced',
      code: 'POO-21',
      words: 'Follow the pipework first: a wrong valve shuts the suction or empties a raised pool.',
    };
  }
  return null;
}
