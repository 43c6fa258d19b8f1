import { headAt_m, type HeadLine } from '../../../hydraulics';
import { heatOfFlow_kW, WARM_WATER } from '../../../heat';
import { coolsPerSecond, lossOf_kW, minutesOf, returnVolume_m3 } from '../effect/hot-water';
import { beforeBranch, lineOf, LOUD_m, openFlow_m3h, selfSpan, varies } from '../effect/line';
import { pumpOf } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';

/** What turns: its curve and power at full speed, on the pipes. */
export interface Machine {
  readonly closed_m: number;
  readonly rise: number;
  readonly fall: number;
  readonly power0_W: number;
  readonly powerPerFlow: number;
  readonly loss: number;
  /** flow with every valve open, m³/h */
  readonly open_m3h: number;
}

/** Everything that the loop needs, worked out once: it uses + − × ÷ and roots only. */
export interface CirculatorPlant extends Machine {
  /** head along the line as base + slope·flow; full speed ends it */
  readonly base_m: number;
  readonly slope: number;
  /** of a fixed speed the curve itself is the line */
  readonly fixedShare: number | null;
  /** one of a twin by itself; the same on a single pump */
  readonly alone: Machine;
  readonly runs: 'one' | 'on-demand' | 'both';
  /** there is another head that takes over */
  readonly second: boolean;
  readonly flapLeaks: boolean;
  readonly least_W: number;
  readonly leastShare: number;
  readonly design_m3h: number;
  /** by volts: thresholds, and full speed */
  readonly byVolts: boolean;
  readonly off_V: number;
  readonly on_V: number;
  readonly full_V: number;
  readonly siteOff_V: number;
  readonly siteOn_V: number;
  readonly siteFull_V: number;
  /** goes by a sensor: with its wire off it is taken to go to full speed */
  readonly bySensor: boolean;
  readonly sensorThere: boolean;
  /** a silent link stops it; else it goes on in its own mode */
  readonly silenceStops: boolean;
  readonly contactCounts: boolean;
  readonly contactOpen: boolean;
  readonly leastFlow_m3h: number;
  readonly varies: boolean;
  /** a hot-water return; null on any other system */
  readonly hot: HotPlant | null;
  readonly resumes: boolean;
  readonly price_kWh: number;
  readonly loud_m: number;
  /** lost in the open circuit itself, m; and share of the loss that falls with the flow of all */
  readonly circuit_m: number;
  readonly before: number;
  /** nothing to run is known: it stands */
  readonly known: boolean;
}

/** The pipe of a hot-water return, and what lets its pump run. */
export interface HotPlant {
  readonly supply_C: number;
  readonly coolest_C: number;
  /** K·m³/h: what the pipe takes from the flow */
  readonly drop: number;
  readonly volume_m3: number;
  /** share of the difference to the air around that standing water loses in a second */
  readonly cools: number;
  /** °C below which it starts; NaN where it does not go by it */
  readonly below_C: number;
  /** minute by minute of a day: 1 while the clock lets it run; null where it does not go by one */
  readonly clock: readonly number[] | null;
}

/** What the bench takes for granted, in words. */
export function unknownToBench(settings: CirculatorSettings, hot: boolean): string[] {
  return [
    ...(settings.mode === null ? ['The mode is not known: it stands.'] : []),
    ...(settings.mode === 'self' ? ['Self-adjusting is run at its highest line: it finds its own.'] : []),
    ...(settings.source === 'sensor' ? ['Without its sensor it is taken to go to full speed.'] : []),
    ...(settings.source === 'link' && settings.silence === null
      ? ['When the link falls silent it is taken to go on by itself.']
      : []),
    ...(settings.mode === 'temperature' && !hot
      ? ['By temperature it is run at its speed all the time.']
      : []),
    ...(settings.afterCut === null ? ['After a power cut it is taken to go on.'] : []),
  ];
}

export function circulatorPlant(context: CirculatorContext, settings: CirculatorSettings): CirculatorPlant {
  const { duty, profile } = context;
  const pump = pumpOf(duty, settings.twin.way);
  const span = settings.mode === 'self' ? selfSpan(context) : null;
  const line = lineOf(context, pump, settings) ?? span?.[1] ?? null;
  const site = duty.control.kind === 'volts' ? duty.control : null;
  const used =
    settings.contact === 'used' || (settings.contact === null && profile.behaviours.contact === 'link');
  return {
    ...straight(line),
    closed_m: pump.curve.closed_m,
    rise: pump.curve.rise,
    fall: pump.curve.fall,
    alone: {
      closed_m: pump.alone.curve.closed_m,
      rise: pump.alone.curve.rise,
      fall: pump.alone.curve.fall,
      power0_W: pump.alone.power.atNoFlow_W,
      powerPerFlow: pump.alone.power.perFlow,
      loss: pump.loss,
      open_m3h: line === null ? 0 : openFlow_m3h({ ...pump, curve: pump.alone.curve }, line),
    },
    runs: pump.runs,
    second: duty.twin !== undefined && isLed(settings),
    flapLeaks: duty.twin?.flap === 'leaks' || duty.twin?.flap === 'missing',
    power0_W: pump.power.atNoFlow_W,
    powerPerFlow: pump.power.perFlow,
    least_W: duty.pump.least_W,
    leastShare: duty.pump.leastShare,
    loss: pump.loss,
    design_m3h: pump.flow_m3h,
    open_m3h: line === null || headAt_m(pump.curve, 0) <= 0 ? 0 : openFlow_m3h(pump, line),
    byVolts: settings.source === 'volts',
    off_V: settings.volts.off_V ?? site?.off_V ?? 0,
    on_V: settings.volts.on_V ?? site?.on_V ?? 1,
    full_V: settings.volts.full_V ?? site?.full_V ?? 10,
    // what the site sends is its own, whatever the pump takes it for; nothing where no such wire is there
    siteOff_V: site?.off_V ?? 0,
    siteOn_V: site?.on_V ?? 0,
    siteFull_V: site?.full_V ?? 0,
    bySensor: settings.source === 'sensor',
    sensorThere: duty.control.kind === 'sensor',
    silenceStops: duty.control.kind === 'link' && settings.silence === 'stop',
    contactCounts: used,
    contactOpen: used && duty.contact === 'open',
    leastFlow_m3h: duty.valves.allMayShut ? (duty.valves.leastFlow_m3h ?? 0) : 0,
    varies: varies(duty),
    hot: hotPlant(context, settings),
    resumes: settings.afterCut !== 'wait',
    price_kWh: duty.price_kWh,
    loud_m: LOUD_m,
    circuit_m: (1 - beforeBranch(duty)) * duty.index.head_m,
    before: beforeBranch(duty),
    known: line !== null,
  };
}

/** Exactly one of a twin leads; where that is not known it is taken to. */
function isLed({ twin: { parts, partsKnown } }: CirculatorSettings): boolean {
  return !partsKnown || parts.filter((part) => part === 'lead').length === 1;
}

function straight(line: HeadLine | null): Pick<CirculatorPlant, 'base_m' | 'slope' | 'fixedShare'> {
  switch (line?.kind) {
    case 'constant':
      return { base_m: line.set_m, slope: 0, fixedShare: null };
    case 'proportional':
      return {
        base_m: line.set_m * line.zeroShare,
        slope: (line.set_m * (1 - line.zeroShare)) / line.design_m3h,
        fixedShare: null,
      };
    case 'fixed':
      return { base_m: 0, slope: 0, fixedShare: line.share };
    case undefined:
      return { base_m: 0, slope: 0, fixedShare: 0 };
  }
}

function hotPlant({ duty }: CirculatorContext, settings: CirculatorSettings): HotPlant | null {
  const { hotWater, pipe } = duty;
  if (!hotWater) return null;
  const bore_mm = pipe?.bore_mm ?? null;
  return {
    supply_C: hotWater.supply_C,
    coolest_C: hotWater.coolest_C,
    drop: lossOf_kW(hotWater) / heatOfFlow_kW(1, 1, WARM_WATER),
    volume_m3: returnVolume_m3(hotWater, bore_mm),
    cools: coolsPerSecond(hotWater, bore_mm),
    below_C: settings.mode === 'temperature' ? (settings.temperature_C ?? NaN) : NaN,
    clock: settings.mode === 'clock' ? minutesOf(settings.runs) : null,
  };
}
