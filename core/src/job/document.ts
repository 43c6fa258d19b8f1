import type { Decision } from '../findings';
import type { MeteringDuty, MeteringPlate, SignalReading } from '../families/metering';
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

/** Things done or seen at the pump, apart from settings. They are only added; the last of a kind counts. */
export type RecordBody =
  | { readonly kind: 'make-safe'; readonly steps: readonly string[] }
  | {
      readonly kind: 'identify';
      readonly plate: MeteringPlate;
      readonly serial: string;
      readonly controllerAsProfile: boolean;
      readonly signalFrom: 'flow' | 'controller';
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
  | { readonly kind: 'automatic'; readonly seen: string }
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
    readonly signalFrom: 'flow' | 'controller' | null;
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
      'flow measured' | 'volume not measured: plate value' | 'volume not measured: earlier calibration';
    readonly automatic: boolean;
    readonly live: string | null;
  };
  /** what a technician accepted in writing; stands first */
  readonly accepted: readonly HandoverFinding[];
  readonly open: readonly HandoverFinding[];
  readonly settings: readonly HandoverSetting[];
  readonly readings: readonly HandoverReading[];
  readonly clock: string | null;
  /** the lines of the signal chart, so that paper draws what was agreed */
  readonly lines: readonly {
    readonly column: 'found' | 'target' | 'left';
    readonly map: { x1_mA: number; y1: number; x2_mA: number; y2: number; below: 'hold' | 'stop' };
    readonly watch: { low_mA: number | null; high_mA: number | null; reaction: 'stop' | 'hold' } | null;
    readonly limits: { least_spm: number; greatest_spm: number };
  }[];
}
