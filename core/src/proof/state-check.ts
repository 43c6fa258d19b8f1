import type { About, ProofCheck } from './check';
import type { WrongState } from './named-slip';

/** What a check says of itself; what is left out is the usual: no caution, nothing pumped. */
interface Said<Key extends string> {
  readonly key: Key;
  readonly about?: About;
  readonly title: string;
  readonly method: string;
  /** what is expected, in words */
  readonly expected: string;
  readonly caution?: string | null;
  readonly pumps?: boolean;
  readonly off?: ProofCheck['off'];
  readonly wait?: ProofCheck['wait'];
}

/**
 * A check by eye: one of some states is seen, and one of them is right. There is no tolerance between states.
 *
 * @param states what may be seen: value, and label on its button; a wrong one with the slip that it points to
 * @param right the value that passes; it must be one of the states
 */
export function stateCheck<Key extends string>(
  said: Said<Key>,
  states: Readonly<Record<string, string | WrongState>>,
  right: string,
): ProofCheck<Key> {
  if (!(right in states))
    throw new Error(`The check “${said.key}” expects “${right}”, which is not offered.`);
  return {
    caution: null,
    pumps: false,
    ...said,
    tolerance: 'none',
    ask: {
      kind: 'state',
      states: Object.entries(states).map(([value, state]) => ({
        value,
        ...(typeof state === 'string' ? { label: state } : state),
      })),
      expected: right,
    },
  };
}
