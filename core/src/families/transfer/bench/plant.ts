import { deliveredTable } from '../effect/cooling';
import { flowAt_m3h, pumpOf, suctionCeiling_rpm } from '../effect/pump';
import { meanInflow_m3h } from '../effect/vessel';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import type { Control } from '../wire/duty';

/** Everything that the loop needs, worked out once: it uses + − × ÷ and roots only. */
export interface TransferPlant {
  readonly control: Control;
  readonly area_m2: number;
  readonly height_mm: number;
  readonly bottom_mm: number;
  readonly top_mm: number;
  readonly least_rpm: number;
  readonly most_rpm: number;
  /** m³/h for each mm */
  readonly gain: number;
  readonly averaging_s: number;
  readonly runOn_s: number;
  /** nil where it is off */
  readonly emptying_s: number;
  readonly cleaning_m3h: number;
  /** speed while it is cleaned; NaN where that input is not used */
  readonly cleaning_rpm: number;
  readonly rated_rpm: number;
  /** one that displaces; else one that throws */
  readonly displaces: boolean;
  readonly closed_m: number;
  readonly rise: number;
  readonly fall: number;
  /** of one that displaces: flow against nothing, what slips for each metre, and the pipe's metres for each (m³/h)² */
  readonly atNoHead_m3h: number;
  readonly slip_m3hm: number;
  readonly pipe: number;
  readonly lift_m: number;
  readonly power0_W: number;
  readonly powerPerFlow: number;
  readonly outlet_L: number;
  /** faster than this the head at its inlet is too little */
  readonly cavitatesAbove_rpm: number;
  /** delivered temperature over the flow, and the flow of its last point */
  readonly table: Float64Array;
  readonly tableTo_m3h: number;
  readonly in_C: number;
  readonly wanted_C: number;
  readonly mean_m3h: number;
  readonly resumes: boolean;
  readonly price_kWh: number;
  readonly known: boolean;
}

/** What the bench takes where a controller's own figure is not known: it runs, and says so. */
const USUAL = { averaging_min: 5, runOn_s: 0 } as const;

/** What the bench takes for granted, in words. */
export function unknownToBench({ duty }: TransferContext, settings: TransferSettings): string[] {
  const levels = settings.bottom_mm === null || settings.top_mm === null;
  const speeds = settings.least_rpm === null || settings.most_rpm === null;
  return [
    ...(settings.control === null ? ['The control is not known: it is taken to follow the level.'] : []),
    ...(levels ? ['Its levels are not known: the whole way of the float is taken.'] : []),
    ...(speeds ? ['Its speeds are not known: it stands.'] : []),
    ...(settings.control === 'even' && settings.gain === null
      ? ['What it adds for the level is not known: half of the mean inflow over half of the way is taken.']
      : []),
    ...(settings.runOn_s === null ? ['Its run-on is not known: none is taken.'] : []),
    ...(settings.emptying_min === null ? ['Its timed emptying is not known: none is taken.'] : []),
    ...(duty.cooler && duty.cooler.side === null
      ? ['The product side’s share of the cooler’s resistance is not known: a half is taken.']
      : []),
  ];
}

/** The plant with these settings; another control than theirs where two are compared. */
export function transferPlant(
  { duty }: Pick<TransferContext, 'duty'>,
  settings: TransferSettings,
  control: Control = settings.control ?? 'level',
): TransferPlant {
  const pump = pumpOf(duty);
  const { vessel, inflow, product } = duty;
  const [bottom_mm, top_mm] = [settings.bottom_mm ?? 0, settings.top_mm ?? vessel.height_mm];
  const mean_m3h = meanInflow_m3h(duty);
  const most_rpm = settings.most_rpm ?? 0;
  const tableTo_m3h = Math.max(1e-3, flowAt_m3h(pump, most_rpm) * 1.05);
  const half_mm = Math.max(1, (top_mm - bottom_mm) / 2);
  return {
    control,
    area_m2: vessel.area_m2,
    height_mm: vessel.height_mm,
    bottom_mm,
    top_mm: Math.max(bottom_mm + 1, top_mm),
    least_rpm: settings.least_rpm ?? 0,
    most_rpm,
    gain: settings.gain === null ? (mean_m3h * 0.5) / half_mm : settings.gain / 1000,
    averaging_s: (settings.averaging_min ?? USUAL.averaging_min) * 60,
    runOn_s: settings.runOn_s ?? USUAL.runOn_s,
    emptying_s: (settings.emptying_min ?? 0) * 60,
    cleaning_m3h: inflow.cleaning_m3h,
    cleaning_rpm:
      settings.cleaning === 'used' && inflow.cleaningInput !== false
        ? (settings.cleaning_rpm ?? most_rpm)
        : NaN,
    rated_rpm: pump.rated_rpm,
    displaces: pump.kind === 'displaces',
    ...(pump.kind === 'throws'
      ? { closed_m: pump.curve.closed_m, rise: pump.curve.rise, fall: pump.curve.fall }
      : { closed_m: NaN, rise: NaN, fall: NaN }),
    ...(pump.kind === 'displaces'
      ? { ...pump.displacement, pipe: pump.pipe }
      : { atNoHead_m3h: NaN, slip_m3hm: NaN, pipe: NaN }),
    lift_m: pump.lift_m,
    power0_W: pump.power.atNoFlow_W,
    powerPerFlow: pump.power.perFlow,
    outlet_L: duty.pump.outlet_L,
    cavitatesAbove_rpm: suctionCeiling_rpm({ duty }) ?? Infinity,
    table: deliveredTable(duty, tableTo_m3h),
    tableTo_m3h,
    in_C: product.in_C,
    wanted_C: product.wanted_C,
    mean_m3h,
    resumes: settings.afterCut !== 'wait',
    price_kWh: duty.price_kWh,
    known: settings.least_rpm !== null && settings.most_rpm !== null,
  };
}
