import { closedFrequency_hz, shareFor } from '../../../hydraulics';
import { fig } from '../../../units';
import { headFor_m, pumpOf, stopSpan_m3h, type DrivenPump } from '../effect/pump';
import { enoughAtNil_bar, heldAt_bar } from '../effect/set';
import type { DriveReason } from '../texts/reasons';
import type { DriveDraft } from './draft';

/** How far the pressure may fall before it starts again, bar. */
const CUT_IN_UNDER_bar = 0.5;
/** A vessel's gas stands this much under the cut-in pressure. */
const OVER_GAS_bar = 0.25;
/** Held a little away from either end: of the least draw, and above the leak. */
const OF_LEAST = 0.9;
const OF_LEAK = 1.2;
/** What a vessel is filled further before it stops, bar. */
const BOOST_bar = 0.2;
const DELAY_s = 10;
/** Above the frequency of a shut valve by so much at least, so that it is reached for certain, Hz. */
const OVER_CLOSED_hz = 0.3;

/** Cut-in pressure, and when it stops for no demand. */
export function planStop(draft: DriveDraft): void {
  draft.step(['cut-in', 'cut-in.below'], () => planCutIn(draft));
  if (!draft.context.profile.behaviours.stopsByFrequency) return;
  draft.step(['stop.frequency'], () => planFrequency(draft, pumpOf(draft.context.duty)));
  draft.set('stop.delay', DELAY_s, { text: 'stop.delay', values: {} });
  if (draft.context.duty.vessel) draft.set('stop.boost', BOOST_bar, { text: 'stop.boost', values: {} });
  else draft.set('stop.boost', 0, { text: 'stop.boost-none', values: {} });
}

function planCutIn(draft: DriveDraft): void {
  const { context } = draft;
  const { set_bar } = draft.settings();
  const nil = enoughAtNil_bar(context.duty);
  if (set_bar === null || nil === null || context.duty.holds.kind !== 'pressure') return;
  const step = draft.stepOf('cut-in') ?? draft.stepOf('cut-in.below') ?? 0.1;
  const gas = context.precharge_bar;
  const usual = Math.max(nil, set_bar - CUT_IN_UNDER_bar);
  const wanted = gas === null ? usual : Math.max(usual, gas + OVER_GAS_bar);
  // it starts below what it holds, whatever the gas says: the finding says what to do about that
  const cutIn = Math.min(wanted, set_bar - step);
  const byGas = gas !== null && wanted > usual && cutIn === wanted;
  const way = cutIn === wanted ? 'up' : 'down';
  // what is said is what will stand on the display
  const stands = draft.settable('cut-in', cutIn, way);
  const under = (bar: number): DriveReason => ({
    text: 'cut-in.under',
    values: { under: fig('pressure', set_bar - bar), nil: fig('pressure', nil) },
  });
  draft.set(
    'cut-in',
    cutIn,
    byGas
      ? { text: 'cut-in.vessel', values: { gas: fig('pressure', gas) } }
      : cutIn === wanted && stands >= nil - 1e-9
        ? under(stands)
        : { text: 'cut-in.step', values: {} },
    way,
  );
  const below = draft.settable('cut-in.below', set_bar - cutIn, 'down');
  draft.set('cut-in.below', set_bar - cutIn, under(set_bar - below), 'down');
}

/**
 * Between what stops it for certain (least pressure at the inlet, and above the leak) and what leaves every real draw alone (greatest
 * pressure at the inlet). Where nothing lies between them, the problem says so.
 */
function planFrequency(draft: DriveDraft, pump: DrivenPump): void {
  const { context } = draft;
  const held = heldAt_bar(context, draft.settings(), 0);
  if (held === null) return;
  const { leak_m3h, least_m3h } = context.duty.draw;
  const headAt = (inlet: number) => headFor_m(context, held, inlet);
  const [most, least] = [headAt(context.inlet.least_bar), headAt(context.inlet.greatest_bar)];
  // with more at the inlet than is held it has nothing to do, and no frequency tells
  if (least <= 0 || most <= 0) {
    draft.problems.push({
      kind: 'inlet-holds',
      inlet_bar: context.inlet.greatest_bar,
      held_bar: held,
    });
    return;
  }
  const closed = closedFrequency_hz({ ...pump.curve, rated_hz: pump.rated_hz }, most);
  const forFlow = (flow: number, head: number) => pump.rated_hz * shareFor(pump.curve, flow, head);
  const { least_hz, most_hz } = draft.settings();
  const from = Math.max(
    closed + OVER_CLOSED_hz,
    forFlow((leak_m3h ?? 0) * OF_LEAK, most),
    // it never turns slower than its least frequency
    (least_hz ?? 0) + OVER_CLOSED_hz,
  );
  const to = Math.min(forFlow(least_m3h * OF_LEAST, least), (most_hz ?? Infinity) - OVER_CLOSED_hz);
  const step = draft.stepOf('stop.frequency') ?? 0.1;
  const lowest = Math.ceil(from / step - 1e-9) * step;
  if (lowest > to + 1e-9) {
    draft.problems.push({ kind: 'no-stop', above_hz: from, below_hz: to });
    return;
  }
  // nearer to the lower end: what is really drawn is never given up
  const wanted = Math.max(lowest, Math.floor((from + (to - from) / 3) / step) * step);
  const [surely, stops] = stopSpan_m3h(context, pump, { ...draft.settings(), stop_hz: wanted }) ?? [0, 0];
  draft.set('stop.frequency', wanted, {
    text: 'stop.between',
    values: {
      closed: fig('frequency', closed),
      surely: fig('waterFlow', surely),
      stops: fig('waterFlow', stops),
      leak: leak_m3h === null ? 'an unknown amount' : fig('waterFlow', leak_m3h),
      least: fig('waterFlow', least_m3h),
    },
  });
}
