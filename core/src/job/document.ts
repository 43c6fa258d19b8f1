import type { Decision } from '../findings';
import type { CheckBody, MeteringDuty, MeteringPlate, SignalReading } from '../families/metering';
import type { Profile, SettingValue } from '../profile';
import type { SheetEntry } from '../sheet';

export const JOB_FORMAT_VERSION = 1;

export type JobState = 'planned' | 'open' | 'part-changed' | 'put-back' | 'handed-over';

/** What every record of a job carries: who wrote it, when by their clock, and the order the job took it in. */
export interface Written {
  readonly id: string;
  readonly recordedAt: string;
  readonly actor: string;
  readonly revision: number;
}

/** What the signal cable was seen to come from. */
export type SignalFrom = 'flow' | 'controller' | 'meter';

/** A drawdown as it was made: volumes over strokes, or over seconds at a shown flow. */
export interface CalibrationBody {
  readonly kind: 'calibration';
  readonly by: 'strokes' | 'time';
  readonly volumes_mL: readonly number[];
  /** strokes, or seconds, of each run */
  readonly amount: number;
  /** flow the pump showed while it was timed, L/h; null when strokes were counted */
  readonly shown_lph: number | null;
  readonly division_mL: number;
  readonly bubbles: boolean;
  /** stroke volume that was believed in until then, mL */
  readonly assumed_mL: number;
  /** null on a pump without a knob */
  readonly length_pct: number | null;
  readonly pressure_bar: number | null;
  readonly product: string;
}

/** Work on the wet end: what was measured of it before no longer holds. */
export interface ServicedBody {
  readonly kind: 'serviced';
  readonly what: string;
  readonly counter: number | null;
}

/** What was put back to its start. */
export type ResetOf = 'faults' | 'reminder' | 'counter' | 'settings' | 'breaker';

/** Confirmed on leaving, apart from automatic: covers and doors closed; set-up marked complete, its switches off. */
export type LeavingCheck = 'covers' | 'set-up';

/** Things done or seen at the pump, apart from settings. They are only added; the last of a kind counts. */
export type RecordBody =
  | { readonly kind: 'make-safe'; readonly steps: readonly string[] }
  | {
      readonly kind: 'identify';
      readonly plate: MeteringPlate;
      readonly serial: string;
      readonly controllerAsProfile: boolean;
      readonly signalFrom: SignalFrom;
      readonly note: string;
    }
  | {
      readonly kind: 'readings-now';
      readonly current_mA: number | null;
      readonly display_m3h: number | null;
      readonly rate_spm: number | null;
      readonly rateBy: 'display' | 'tap' | 'stopwatch' | null;
      readonly pressure_bar: number | null;
      readonly counter: number | null;
      readonly residual_mgl: number | null;
      /** fields that could not be read, and why */
      readonly unreadable: Readonly<Record<string, string>>;
    }
  | {
      readonly kind: 'clock';
      /** controller minus true time; null when there is no reading */
      readonly error_min: number | null;
      readonly setRight: boolean;
      readonly reason: string | null;
    }
  | { readonly kind: 'discharge-safe'; readonly how: string }
  | {
      readonly kind: 'live-reading';
      readonly display_m3h: number | null;
      readonly current_mA: number | null;
      readonly rate_spm: number;
      readonly residual_mgl: number | null;
    }
  | CalibrationBody
  | ServicedBody
  | ({ readonly kind: 'check'; readonly note: string } & CheckBody)
  | {
      /** what the display showed besides figures, and the list of last faults as it was read */
      readonly kind: 'messages';
      /** as displayed; empty when nothing is shown */
      readonly shows: string;
      readonly takenFor: 'nothing' | 'reminder' | 'fault';
      readonly pump: 'runs' | 'stopped';
      /** null when the list was not read; empty when there were none */
      readonly lastFaults: readonly string[] | null;
    }
  | {
      readonly kind: 'reset';
      readonly what: ResetOf;
      readonly why: string;
      /** what was seen afterwards; null when nobody looked */
      readonly seen: string | null;
    }
  | {
      readonly kind: 'automatic';
      readonly seen: string;
      /** what else was confirmed on leaving */
      readonly leaving?: readonly LeavingCheck[];
    }
  | { readonly kind: 'broken-off'; readonly way: 'put-back' | 'part-changed'; readonly reason: string }
  | { readonly kind: 'resumed'; readonly reason: string };

export type RecordKind = RecordBody['kind'];

export interface JobRecord extends Written {
  readonly body: RecordBody;
}

/** A plan as it was agreed: the duty it came from and the targets it led to. */
export interface PlanRevision extends Written {
  readonly duty: MeteringDuty;
}

export interface ProofReading extends Written {
  readonly reading: SignalReading;
  readonly instrumentId: string | null;
  /** revision of the last value entered when this was read: what the reading proved */
  readonly sheetRevision: number;
}

export interface Instrument {
  readonly id: string;
  readonly name: string;
  readonly serial: string;
  readonly calibratedOn: string;
}

/** What the controller is believed to hold: as left by the latest earlier job, or as reported by the site. */
export interface LastLeft {
  readonly source: 'left' | 'reported';
  readonly date: string;
  readonly values: Readonly<Record<string, SettingValue>>;
}

/** What an earlier job measured or did at this unit, that this one stands on. */
export interface EarlierRecord {
  /** site date */
  readonly date: string;
  readonly body: CalibrationBody | ServicedBody;
}

/** One pump within one visit, with all that was written about it: what the screens show and what leaves as JSON. */
export interface JobDocument {
  readonly job: {
    readonly id: string;
    readonly state: JobState;
    /** grows by one with every write taken */
    readonly version: number;
    readonly startedAt: string;
    readonly plannedFor: string;
    readonly actor: string;
  };
  readonly site: {
    readonly id: string;
    readonly name: string;
    readonly place: string;
    readonly zone: string;
  };
  readonly pump: {
    readonly id: string;
    readonly tag: string;
    readonly name: string;
    readonly place: string;
    readonly signalFrom: SignalFrom | null;
  };
  readonly unit: {
    readonly id: string;
    readonly model: string;
    readonly serial: string;
    readonly plate: MeteringPlate;
  };
  readonly profile: Profile;
  readonly profileHash: string;
  /** the duty this pump had before this job, as a start for the plan */
  readonly dutyBefore: MeteringDuty | null;
  readonly lastLeft: LastLeft | null;
  /** drawdowns and services of this unit in earlier jobs, the oldest first */
  readonly earlier?: readonly EarlierRecord[];
  readonly instruments: readonly Instrument[];
  readonly plans: readonly PlanRevision[];
  readonly entries: readonly SheetEntry[];
  readonly records: readonly JobRecord[];
  readonly readings: readonly ProofReading[];
  readonly decisions: readonly (Decision & { readonly id: string; readonly revision: number })[];
  readonly handover: Handover | null;
}

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
  readonly left: string | null;
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

export interface HandoverSummary {
  readonly formatVersion: 1;
  readonly siteDate: string;
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
    readonly points: number;
    readonly passed: number;
    readonly volume:
      | 'flow measured'
      | 'volume measured by drawdown'
      | 'volume not measured: plate value'
      | 'volume not measured: earlier calibration';
    readonly automatic: boolean;
    readonly live: string | null;
  };
  /** what a technician accepted in writing; stands first */
  readonly accepted: readonly HandoverFinding[];
  readonly open: readonly HandoverFinding[];
  readonly settings: readonly HandoverSetting[];
  readonly readings: readonly HandoverReading[];
  readonly checks?: readonly HandoverCheck[];
  readonly calibration?: HandoverCalibration | null;
  /** what the display showed on arrival, the list of last faults, and what was reset */
  readonly messages?: string | null;
  readonly resets?: readonly HandoverReset[];
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
