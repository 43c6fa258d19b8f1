import type { RecordBody, Refusal } from '../../../visit';
import type { Family } from '../../family';
import { ISOLATED, STOPPED } from '../../make-safe';
import type { PoolKind } from '../kind';

/** What is done and read before anything is set on a pool pump. */
export const arrival: Family<PoolKind>['arrival'] = {
  makeSafe: [
    STOPPED,
    {
      key: 'people',
      words: 'Nobody in the water while pump and valves are tried; suction covers seen, whole and fast.',
    },
    ISOLATED,
    {
      key: 'pressure',
      words: 'Filter vented before a lid is opened; flooded suction shut. Heater and roof cooled down.',
    },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
  plate: [
    { key: 'greatest_rpm', label: 'Full speed', quantity: 'speed' },
    { key: 'rated_W', label: 'Rated power', quantity: 'power' },
    { key: 'kind', label: 'Kind of pump, as its controller names it', quantity: null },
  ],
  plateCode: 'POO-20',
  readings: 'pool-now',
};

/** Salt without a kit's reading, and valves whose pipes nobody followed, are not written down: the work would be done blind. */
export function refuse(record: RecordBody): Refusal | null {
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
