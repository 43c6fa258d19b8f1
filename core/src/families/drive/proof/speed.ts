import { stateCheck, wrong, type ProofCheck } from '../../../proof';
import { OUTSIDE_SPANS } from '../../../signal';
import { STARTS, words } from '../../parts/proof-checks';
import { signalEnds_hz, withoutSignal } from '../effect/outside-signal';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';

/** The speed that it turns at: at both ends of an outside signal, without it, or the one that is set. */
export function speed(context: DriveContext, settings: DriveSettings): ProofCheck[] {
  const { holds } = context.duty;
  const { least_hz, most_hz } = settings;
  const span = signalEnds_hz(context, settings);
  // it turns no faster and no slower than its limits, whatever is set
  const set_hz =
    settings.set_hz === null ? null : Math.min(most_hz ?? Infinity, Math.max(least_hz ?? 0, settings.set_hz));
  if (span)
    return [
      stateCheck(
        {
          key: 'signal-ends',
          about: { kind: 'flow' },
          title: 'Speed at both ends of the signal',
          method: `Give ${endsWords(context)}, and read the frequency at each.`,
          expected: `${words('frequency', span[0])} and ${words('frequency', span[1])}`,
          caution: STARTS,
        },
        { both: 'Both as expected', low: 'The minimum is off', high: 'The maximum is off' },
        'both',
      ),
      ...signalOff(settings),
    ];
  if (holds.kind !== 'speed' || set_hz === null) return [];
  return [
    {
      key: 'frequency',
      about: { kind: 'flow', at: set_hz },
      title: 'The frequency that it runs with',
      method: 'Let it run up, and read the frequency.',
      expected: words('frequency', set_hz),
      tolerance: words('frequency', 0.5),
      caution: STARTS,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'frequency_hz', label: 'Frequency', quantity: 'frequency' },
        least: set_hz - 0.5,
        greatest: set_hz + 0.5,
      },
    },
  ];
}

function endsWords({ duty: { holds } }: DriveContext): string {
  if (holds.kind !== 'signal' || !holds.source) return 'the minimum signal and the maximum';
  const { low, high, unit } = OUTSIDE_SPANS[holds.source];
  return `${low} ${unit} and ${high} ${unit}`;
}

/** DRV-09: what a lost signal does, seen with the wire off. */
function signalOff(settings: DriveSettings): ProofCheck[] {
  const does = withoutSignal(settings);
  if (does === null) return [];
  const other = (seen: string) =>
    wrong(
      seen,
      'DRV-09',
      'sensor',
      'Without its signal it does something else',
      'Read what is set for a lost signal, and the range of the signal: without a live zero a broken wire is its minimum.',
    );
  return [
    stateCheck(
      {
        key: 'signal-off',
        title: 'The signal’s wire off',
        method: 'Give half of the signal, wait until it is steady, then take the wire off.',
        expected: SEEN[does],
        caution: 'Frequency and flow may change at once; it starts by itself once the wire is back.',
      },
      {
        stop: does === 'stop' ? 'Stops' : other('Stops'),
        least: does === 'least' ? 'Minimum frequency' : other('Minimum frequency'),
        last: does === 'last' ? 'Stays at its frequency' : other('Stays at its frequency'),
        greatest: does === 'greatest' ? 'Maximum frequency' : other('Maximum frequency'),
      },
      does,
    ),
  ];
}

const SEEN = {
  stop: 'it stops',
  least: 'it goes to its minimum frequency',
  last: 'it stays at the frequency that it has',
  greatest: 'it goes to its maximum frequency',
} as const;
