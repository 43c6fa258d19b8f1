import { flowOnPipes_m3h, lineHead_m, loadsOf, seasonEnergy_kWh, type HeadLine } from '../../../hydraulics';
import { trueValue } from '../../../signal';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';
import type { Mode } from '../wire/behaviours';
import type { CirculatorDuty } from '../wire/duty';
import { designFlow_m3h } from './design-flow';
import type { PumpInSystem } from './pump';

/** What a differential sensor makes of a set head whose range is set otherwise than its label says; as set without one. */
export function heldHead_m(
  { duty }: CirculatorContext,
  { source, range_bar }: CirculatorSettings,
  set_m: number,
): number {
  if (source !== 'sensor' || duty.control.kind !== 'sensor' || range_bar === null || range_bar <= 0)
    return set_m;
  return trueValue(set_m, range_bar, duty.control.range_bar);
}

/** The line of a mode at a set head or speed; null where its figure is not known, or where it finds its own (self-adjusting). */
export function lineOfMode(
  { profile }: CirculatorContext,
  pump: PumpInSystem,
  mode: Mode,
  { head_m, share }: { readonly head_m: number | null; readonly share: number | null },
): HeadLine | null {
  switch (mode) {
    case 'fixed':
    case 'clock':
    case 'temperature':
      return share === null ? null : { kind: 'fixed', share };
    case 'constant':
      return head_m === null ? null : { kind: 'constant', set_m: head_m };
    case 'proportional': {
      const { proportional } = profile.behaviours;
      if (head_m === null || proportional === null) return null;
      const design_m3h = designFlow_m3h(proportional, pump, head_m);
      return { kind: 'proportional', set_m: head_m, zeroShare: proportional.zeroShare, design_m3h };
    }
    case 'self':
      return null;
  }
}

/** What the settings hold while the flow varies; null where that is not known. A voltage holds a speed from moment to moment. */
export function lineOf(
  context: CirculatorContext,
  pump: PumpInSystem,
  settings: CirculatorSettings,
): HeadLine | null {
  const { mode, head_m, share, source } = settings;
  if (mode === null) return null;
  // a signal of volts asks for its speed whatever mode is set: full volts are what it can give
  if (source === 'volts') return { kind: 'fixed', share: 1 };
  const held = head_m === null ? null : heldHead_m(context, settings, head_m);
  return lineOfMode(context, pump, mode, { head_m: held, share });
}

/** The lowest and the highest line that self-adjusting moves between; null on a controller without it. */
export function selfSpan({ profile }: CirculatorContext): readonly [HeadLine, HeadLine] | null {
  const { self } = profile.behaviours;
  if (self === null) return null;
  return [
    { kind: 'constant', set_m: self.lowest_m },
    { kind: 'constant', set_m: self.highest_m },
  ];
}

/** Head that a line gives at the flow of the duty, m. */
export function atDuty_m(pump: PumpInSystem, line: HeadLine): number {
  return lineHead_m(line, pump.curve, pump.flow_m3h);
}

/** Flow with every valve open, m³/h. */
export function openFlow_m3h(pump: PumpInSystem, line: HeadLine): number {
  return flowOnPipes_m3h(line, pump.curve, pump.loss);
}

/** Whether the second of a twin joins at a flow on demand: one alone gives less there than the line asks for. */
export function secondJoins({ runs, alone, curve }: PumpInSystem, line: HeadLine, flow_m3h: number): boolean {
  if (runs !== 'on-demand') return runs === 'both';
  return lineHead_m(line, alone.curve, flow_m3h) < lineHead_m(line, curve, flow_m3h) - 1e-9;
}

/** Energy of a year along a line, kWh: a season of varying heating, or the whole time at the duty where nothing varies. */
export function yearEnergy_kWh({ duty }: CirculatorContext, pump: PumpInSystem, line: HeadLine): number {
  const of = ({ curve, power }: Pick<PumpInSystem, 'curve' | 'power'>) =>
    loadsOf(line, curve, power, pump.flow_m3h, duty.pump.least_W, duty.pump.leastShare);
  const [all, alone] = [of(pump), of(pump.alone)];
  const loads = all.map((load, i) => (secondJoins(pump, line, load.flow_m3h) ? load : alone[i]));
  if (varies(duty)) return seasonEnergy_kWh(loads, duty.season_h);
  return (loads[0].power_W / 1000) * duty.season_h;
}

/** What a year of it costs. */
export function yearCost(context: CirculatorContext, pump: PumpInSystem, line: HeadLine): number {
  return yearEnergy_kWh(context, pump, line) * context.duty.price_kWh;
}

/** Whether valves vary the flow: a primary circuit, a solar one and a hot-water return keep theirs. */
export function varies({ system }: Pick<CirculatorDuty, 'system'>): boolean {
  return system !== 'primary' && system !== 'hot-water' && system !== 'solar';
}

/** Valves whistle from about this much head on, at part load. */
export const LOUD_m = 2;
const PART_LOAD = 0.25;

/** Share of the loss that lies before the first branch where nobody said: underfloor loops have most of it in themselves. */
const BEFORE_IN_LOOPS = 0.2;

/** Share of the index circuit's loss that falls with the flow of all; what a circuit loses in itself stays while it is open. */
export function beforeBranch({ index, system }: Pick<CirculatorDuty, 'index' | 'system'>): number {
  return index.before ?? (system === 'underfloor' ? BEFORE_IN_LOOPS : 1);
}

/** Head that valves must take up at a quarter of the flow, m: what the line gives there less what pipes and the open circuit lose. */
export function valveHead_m(duty: CirculatorDuty, pump: PumpInSystem, line: HeadLine): number {
  const flow = PART_LOAD * pump.flow_m3h;
  const before = beforeBranch(duty);
  const lost = before * pump.loss * flow * flow + (1 - before) * duty.index.head_m;
  return lineHead_m(line, pump.curve, flow) - lost;
}

/** The line with which it gives least, of all that its settings may come to: the lowest of self-adjusting, the least speed by volts. */
export function leastLineOf(
  context: CirculatorContext,
  pump: PumpInSystem,
  settings: CirculatorSettings,
): HeadLine | null {
  if (settings.mode === null) return null;
  if (settings.source === 'volts') return { kind: 'fixed', share: context.duty.pump.leastShare };
  if (settings.mode === 'self') return selfSpan(context)?.[0] ?? null;
  return lineOf(context, pump, settings);
}
