import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { loopOf } from '../effect/loop';
import { closed_hz, stopsUnder_m3h } from '../effect/pump';
import { enoughAtNil_bar, heldAt_bar, holdsPressure, startsAt_bar, stopsAt_bar } from '../effect/set';
import { startsInWords, startsMost, usableOf_L } from '../effect/vessel';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** When it stops for no demand, and when it starts again. */
export function checkStop(input: CheckInput): Finding[] {
  if (!holdsPressure(input.context.duty) || input.context.duty.holds.kind !== 'pressure') return [];
  return eachOf(input, frequency, runsOn, cutIn, vessel, loop);
}

/** DRV-04, DRV-12: "never stops" is judged at the least pressure at the inlet, what it gives up at the greatest. */
function frequency({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { stop_hz, least_hz, most_hz } = settings;
  if (stop_hz === null || !context.profile.behaviours.stopsByFrequency) return [];
  const { least_bar, greatest_bar } = context.inlet;
  const stop = fig('frequency', stop_hz);
  const places = [at('stop.frequency')];
  const closed = closed_hz(context, pump, settings, least_bar);
  if (closed !== null && stop_hz <= 0)
    return [finding('DRV-04.off', subject, { closed: fig('frequency', closed) }, places)];
  if (closed !== null && stop_hz <= closed)
    return [finding('DRV-04', subject, { stop, closed: fig('frequency', closed) }, places)];
  if (most_hz !== null && stop_hz > most_hz)
    return [
      finding('DRV-04.above', subject, { stop, most: fig('frequency', most_hz) }, [
        ...places,
        at('frequency.greatest'),
      ]),
    ];
  if (least_hz !== null && least_hz >= stop_hz)
    return [
      finding('DRV-04.least', subject, { stop, least: fig('frequency', least_hz) }, [
        ...places,
        at('frequency.least'),
      ]),
    ];
  const found: Finding[] = [];
  const { least_m3h, leak_m3h } = context.duty.draw;
  const under = stopsUnder_m3h(context, pump, settings, greatest_bar);
  if (under !== null && under >= least_m3h)
    found.push(
      finding(
        'DRV-12',
        subject,
        {
          stop,
          under: fig('waterFlow', under),
          least: fig('waterFlow', least_m3h),
          closed: fig('frequency', closed ?? 0),
        },
        places,
      ),
    );
  const surely = stopsUnder_m3h(context, pump, settings, least_bar);
  if (leak_m3h !== null && leak_m3h > 0 && surely !== null && surely <= leak_m3h)
    found.push(
      finding(
        'DRV-12.leak',
        subject,
        { under: fig('waterFlow', surely), leak: fig('waterFlow', leak_m3h) },
        places,
      ),
    );
  return found;
}

/** A loop that answers with more than this multiple hunts where nothing softens it. */
const HUNTS_gain = 8;
/** Who opens a tap feels it when this passes before the pressure is back, s. */
const LAGS_s = 20;

/** DRV-16: gain and reset against what the pump makes of them. A vessel softens what a bare pipe hunts on. */
function loop({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const of = loopOf(context, pump, settings);
  if (of === null) return [];
  if (context.duty.vessel === null && of.gain > HUNTS_gain)
    return [
      finding('DRV-16.gain', subject, { answer: of.gain.toFixed(1), most: `${HUNTS_gain}` }, [at('gain')]),
    ];
  if (of.settles_s <= LAGS_s) return [];
  return [
    finding('DRV-16.slow', subject, { takes: fig('seconds', of.settles_s), most: fig('seconds', LAGS_s) }, [
      at('gain'),
      at('reset'),
    ]),
  ];
}

/** Longer than this a pump churns its own water, s. */
const CHURNS_s = 60;

/** DRV-12: how long it runs on for nothing before it stops. */
function runsOn({ context, subject, settings, at }: CheckInput): Finding[] {
  const { stopDelay_s } = settings;
  if (stopDelay_s === null || stopDelay_s <= CHURNS_s || !context.profile.behaviours.stopsByFrequency)
    return [];
  const values = { delay: fig('seconds', stopDelay_s), most: fig('seconds', CHURNS_s) };
  return [finding('DRV-12.churns', subject, values, [at('stop.delay')])];
}

/** DRV-08: the cut-in pressure against what is held and what the taps need, and how often it starts. */
function cutIn({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const [start, stop] = [startsAt_bar(context, settings), stopsAt_bar(context, settings)];
  const nil = enoughAtNil_bar(context.duty);
  if (start === null || stop === null || nil === null) return [];
  const places = [at('cut-in'), at('cut-in.below'), at('set')];
  const needs = fig('pressure', nil);
  // it starts again below what it controls to, whatever it is filled up to before it stops
  const held = heldAt_bar(context, settings, 0) ?? stop;
  if (start >= held - 1e-9)
    return [
      finding(
        'DRV-08',
        subject,
        { start: fig('pressure', start), set: fig('pressure', held), nil: needs },
        places,
      ),
    ];
  const found: Finding[] = [];
  // a hundredth of a bar is a controller's step
  if (start < nil - 0.01)
    found.push(
      finding('DRV-08.low', subject, { start: fig('pressure', start), nil: needs }, [
        at('cut-in'),
        at('cut-in.below'),
      ]),
    );
  const worst = startsMost(context, pump, settings);
  const { starts_h } = context.duty.pump;
  if (worst !== null && starts_h !== null && worst.starts_h > starts_h)
    found.push(
      finding(
        'DRV-08.often',
        subject,
        {
          draw: fig('waterFlow', worst.draw_m3h),
          starts: startsInWords(worst.starts_h, 0),
          usable: fig('volume', worst.usable_L),
          most: `${starts_h}`,
        },
        [at('cut-in'), at('stop.delay')],
      ),
    );
  return found;
}

/** Gas so far under the cut-in pressure leaves water that is never used, bar. */
const FAR_UNDER_bar = 0.8;

/** DRV-10: the vessel's gas, measured empty of water, against the cut-in pressure. */
function vessel({ context, subject, settings, at }: CheckInput): Finding[] {
  const own = context.duty.vessel;
  if (own === null) return [];
  const volume = fig('volume', own.volume_L);
  const gas = context.precharge_bar;
  if (gas === null) return [finding('DRV-10.unmeasured', subject, { volume })];
  const start = startsAt_bar(context, settings);
  if (start === null) return [];
  const values = { gas: fig('pressure', gas), start: fig('pressure', start) };
  if (gas > start) return [finding('DRV-10', subject, values, [at('cut-in')])];
  if (start - gas <= FAR_UNDER_bar + 1e-9) return [];
  const usable = usableOf_L(context, settings);
  return [
    finding('DRV-10.low', subject, {
      ...values,
      volume,
      usable: usable === null ? 'little' : fig('volume', usable),
    }),
  ];
}
