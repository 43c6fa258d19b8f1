import { orElse } from '../../../input';
import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS, words } from '../../parts/proof-checks';
import { closed_hz, CLOSED_NEAR, pumpOf, stopsUnder_m3h } from '../effect/pump';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';

const STOP_SHARE = 0.3;
const CUT_IN_bar = 0.15;

/** Stop after closing: whether, at which frequency, and the draw under which it does. */
export function stopping(context: DriveContext, settings: DriveSettings): ProofCheck[] {
  const { duty, profile } = context;
  if (duty.holds.kind !== 'pressure' || !profile.behaviours.stopsByFrequency || settings.stop_hz === null)
    return [];
  const pump = pumpOf(duty);
  // as it was read today; else over all that may stand at the inlet
  const read = context.inletRead_bar;
  const ends = read === null ? [context.inlet.least_bar, context.inlet.greatest_bar] : [read, read];
  const over = (of: (inlet: number) => number | null): readonly [number, number] | null => {
    const [a, b] = ends.map((inlet) => orElse(() => of(inlet), null));
    return a === null || b === null ? null : [Math.min(a, b), Math.max(a, b)];
  };
  const closed = over((inlet) => closed_hz(context, pump, settings, inlet));
  const under = over((inlet) => stopsUnder_m3h(context, pump, settings, inlet));
  const said = (q: 'frequency' | 'waterFlow', [low, high]: readonly [number, number]) =>
    words(q, low) === words(q, high) ? words(q, low) : `${words(q, low)} to ${words(q, high)}`;
  const today =
    read === null
      ? 'at any inlet pressure: read that on arrival for a narrower figure'
      : `with ${words('pressure', read)} at its inlet, as read today`;
  const delay = settings.stopDelay_s === null ? 'its delay' : words('seconds', settings.stopDelay_s);
  const stops = stateCheck(
    {
      key: 'stops',
      title: 'Stops once every tap is shut',
      method: `Shut every tap, and wait for ${delay} and a little more.`,
      expected: `it falls below ${words('frequency', settings.stop_hz)} and stops`,
      ...(settings.stopDelay_s === null
        ? {}
        : { wait: { words: 'Wait for the stop', lasts_s: settings.stopDelay_s } }),
    },
    {
      stops: 'Stops',
      runs: wrong(
        'Keeps running',
        'DRV-04',
        'standing',
        'The pump never stops',
        'A leak, or a stop frequency at or below that of the shut valve: read the frequency with the discharge shut.',
      ),
      restarts: wrong(
        'Stops and starts again at once',
        'DRV-10',
        'pressure',
        'Starts every few seconds',
        'The vessel’s gas is lost or too high, or the cut-in lies too near: measure the gas empty of water.',
      ),
    },
    'stops',
  );
  const shut: ProofCheck[] =
    closed === null
      ? []
      : [
          {
            key: 'closed-valve',
            title: 'Frequency with the discharge shut',
            method:
              'Shut the discharge while it runs, no longer than the manual allows; read the frequency. Open it again.',
            expected: said('frequency', closed),
            tolerance: `${CLOSED_NEAR * 100} % for the fit; ${today}`,
            caution: 'The water in it heats: open the valve again at once.',
            pumps: false,
            ask: {
              kind: 'figure',
              figure: { key: 'frequency_hz', label: 'Frequency, shut', quantity: 'frequency' },
              least: closed[0] * (1 - CLOSED_NEAR),
              greatest: closed[1] * (1 + CLOSED_NEAR),
              off: slip(
                'DRV-04',
                'standing',
                'Not the frequency of a shut valve',
                'The valve was not shut, or sensor, set point or inlet pressure are not as calculated.',
              ),
            },
          },
        ];
  const draw: ProofCheck[] =
    under === null
      ? []
      : [
          {
            key: 'stop-flow',
            about: { kind: 'flow', at: (under[0] + under[1]) / 2 },
            title: 'Demand below which it stops',
            method:
              'Open a tap a crack and close it slowly until it stops; then measure that flow with a bucket.',
            expected: said('waterFlow', under),
            tolerance: `${STOP_SHARE * 100} %: flat curves tell small draws poorly; ${today}`,
            caution: null,
            pumps: false,
            ask: {
              kind: 'figure',
              figure: { key: 'flow_m3h', label: 'Demand', quantity: 'waterFlow' },
              least: under[0] * (1 - STOP_SHARE),
              greatest: under[1] * (1 + STOP_SHARE),
              off: slip(
                'DRV-12',
                'standing',
                'Stops at another demand',
                'Pressure at the inlet of today, and a flat curve: move the stop frequency in small steps.',
              ),
            },
          },
        ];
  return [...shut, stops, ...draw];
}

export function cutIn({ duty }: DriveContext, { cutIn_bar }: DriveSettings): ProofCheck[] {
  if (duty.holds.kind !== 'pressure' || cutIn_bar === null) return [];
  return [
    {
      key: 'cut-in',
      title: 'Starts again at its cut-in pressure',
      method: 'Stopped at zero demand: open a tap slowly, and read the gauge as it starts.',
      expected: words('pressure', cutIn_bar),
      tolerance: words('pressure', CUT_IN_bar),
      caution: STARTS,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'pressure_bar', label: 'Gauge', quantity: 'pressure' },
        least: cutIn_bar - CUT_IN_bar,
        greatest: cutIn_bar + CUT_IN_bar,
        off: slip(
          'DRV-08',
          'pressure',
          'Starts at another pressure',
          'Cut-in, its difference, and the vessel’s gas.',
        ),
      },
    },
  ];
}
