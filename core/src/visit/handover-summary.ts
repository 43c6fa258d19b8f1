import type { UnitsWanted } from '../units';
/** A drawn signature: strokes as SVG path data in a box of `width` × `height`. */
export interface Signature {
  readonly width: number;
  readonly height: number;
  readonly paths: readonly string[];
}

/** Frozen when the job is handed over; shown and printed from this alone, never worked out again. */
export interface Handover {
  readonly id: string;
  readonly recordedAt: string;
  readonly actor: string;
  readonly signedAs: string;
  readonly signature: Signature;
  readonly nextDue: string | null;
  /** the units that the paper is read in; metric where left out */
  readonly units?: UnitsWanted;
  readonly summary: HandoverSummary;
}

export interface HandoverDose {
  readonly column: 'found' | 'left';
  readonly atLeast_mgl: number | null;
  readonly atUsual_mgl: number | null;
  readonly atGreatest_mgl: number | null;
  readonly inBand: boolean | null;
}

export interface HandoverFinding {
  readonly code: string;
  readonly severity: string;
  readonly title: string;
  readonly so: string;
  readonly will: string;
  readonly todo: string;
  readonly decision: string | null;
  readonly reason: string | null;
  readonly whoActs: 'technician' | 'customer';
}

export interface HandoverSetting {
  readonly address: string;
  readonly label: string;
  readonly unit: string;
  readonly found: string | null;
  readonly target: string | null;
  /** what is in force when it is handed over */
  readonly left: string | null;
  /** how that is known; left out on sheets frozen before it was asked, null where nothing is known */
  readonly leftBy?: 'read back' | 'as found' | 'last visit' | null;
  readonly changed: boolean;
  readonly reason: string | null;
}

export interface HandoverReading {
  readonly injected_mA: number;
  readonly shown_mA: number | null;
  readonly measured_spm: number | null;
  readonly flow_lph: number | null;
  readonly expected_spm: number;
  readonly tolerance_spm: number | null;
  readonly ok: boolean;
  /** read before a setting changed: proves nothing any more */
  readonly voided: boolean;
  /** the same point was read again later */
  readonly superseded: boolean;
  readonly recordedAt: string;
  readonly instrument: string | null;
}

/** One check tried at the pump, as it is handed over. */
export interface HandoverCheck {
  readonly title: string;
  readonly method: string;
  readonly expected: string;
  readonly tolerance: string;
  readonly seen: string;
  readonly ok: boolean;
  readonly voided: boolean;
  /** why it proves nothing any more; null while it stands */
  readonly voidedWhy?: string | null;
  readonly superseded: boolean;
  readonly recordedAt: string;
}

/** The drawdown that stands, as it is handed over. */
export interface HandoverCalibration {
  readonly date: string;
  readonly stroke_mL: number;
  readonly factor: number;
  readonly spread: number;
  readonly uncertainty: number;
  readonly accepted: boolean;
  readonly why: string;
  readonly runs: number;
  /** how it was made: volumes, strokes or time, stroke length, pressure, product */
  readonly method?: string;
}

/** One thing that the settings rest on, as it was known on the visit. */
export interface HandoverFact {
  readonly label: string;
  readonly words: string;
}

/** One reset made on the visit. */
export interface HandoverReset {
  readonly what: string;
  readonly why: string;
  readonly seen: string | null;
  readonly recordedAt: string;
}

/** One simulated day of a column, in sums; the same water for both. */
export interface HandoverDay {
  readonly column: 'found' | 'left';
  readonly given_L: number;
  readonly wanted_L: number;
  /** share of the time with water flowing that the dose was in its band, 0 to 1 */
  readonly inBand: number;
  readonly strokes: number;
  /** least and greatest strokes/min of each hour, for the strip */
  readonly hourly_spm: readonly number[];
}

/** One column's week as it truly runs. */
export interface HandoverWeek {
  readonly column: 'found' | 'left';
  readonly daily_m3: readonly number[];
  readonly energy_kWh: number;
  readonly costMonth: number;
  readonly costYear: number;
  /** share of the cost in the dearest hours, 0 to 1 */
  readonly dearShare: number;
  readonly longestPause_min: number;
  /** speed by quarter of an hour of each day, Monday first, rev/min */
  readonly days_rpm: readonly (readonly number[])[];
  /** what keeps the programs from running; null when nothing does */
  readonly held: string | null;
}

/** What a pool pump's customer gets: water moved and money, before and after. */
export interface HandoverPool {
  readonly currency: string;
  readonly needed_m3: number;
  readonly fullSpeed_rpm: number;
  readonly weeks: readonly HandoverWeek[];
}

export interface HandoverSummary {
  readonly formatVersion: 1;
  readonly siteDate: string;
  /** why nothing was read, set or proved; left out where something was */
  readonly lookedAtOnly?: string;
  readonly dose: readonly HandoverDose[];
  readonly wanted: {
    readonly low_mgl: number;
    readonly wanted_mgl: number;
    readonly high_mgl: number;
  } | null;
  readonly water: {
    readonly least_m3h: number;
    readonly usual_m3h: number;
    readonly greatest_m3h: number;
  } | null;
  readonly proof: {
    /** signal points that stand, and those of them as expected */
    readonly points: number;
    readonly passed: number;
    readonly volume:
      | 'flow measured'
      | 'volume measured by drawdown'
      | 'volume not measured: plate value'
      | 'volume not measured: earlier calibration'
      | 'flow not measured: points of the plan';
    readonly automatic: boolean;
    readonly live: string | null;
  };
  /** what a technician accepted in writing; stands first */
  readonly accepted: readonly HandoverFinding[];
  readonly open: readonly HandoverFinding[];
  readonly settings: readonly HandoverSetting[];
  readonly readings: readonly HandoverReading[];
  readonly checks?: readonly HandoverCheck[];
  /** titles of checks that were offered and not tried */
  readonly notTried?: readonly string[];
  /** product, strength, transmitter or meter, readings on arrival */
  readonly facts?: readonly HandoverFact[];
  /** earlier drawdowns of the visit, made again or rejected */
  readonly earlierDrawdowns?: readonly HandoverCalibration[];
  readonly calibration?: HandoverCalibration | null;
  /** what the display showed on arrival, the list of last faults, and what was reset */
  readonly messages?: string | null;
  readonly resets?: readonly HandoverReset[];
  /** a pool pump's week, before and after */
  readonly pool?: HandoverPool | null;
  /** before and after over the same simulated day */
  readonly days?: readonly HandoverDay[];
  readonly clock: string | null;
  /** the lines of the signal chart, so that paper draws what was agreed */
  readonly lines: readonly {
    readonly column: 'found' | 'target' | 'left';
    readonly map: { x1_mA: number; y1: number; x2_mA: number; y2: number; below: 'hold' | 'stop' };
    readonly watch: { low_mA: number | null; high_mA: number | null; reaction: 'stop' | 'hold' } | null;
    readonly limits: { least_spm: number; greatest_spm: number; step_spm?: number };
  }[];
}
