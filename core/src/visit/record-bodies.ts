import type { Plate } from '../families';
import type { CheckBody } from '../proof';
import type { ShownClock } from '../time';

/** What the signal cable was seen to come from. */
export type SignalFrom = 'flow' | 'controller' | 'meter';

/** What can command a pool pump: its own programs, relay contacts, a data link. */
export type Command = 'own' | 'relay' | 'link';

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

/** A controller's clock, read against true time. */
export interface ClockBody {
  readonly kind: 'clock';
  /** controller minus true time; null when there is no reading */
  readonly error_min: number | null;
  readonly setRight: boolean;
  readonly reason: string | null;
  /** what the display showed */
  readonly shown?: ShownClock;
}

/** Things done or seen at the pump, apart from settings. They are only added; the last of a kind counts. */
export type RecordBody =
  | { readonly kind: 'make-safe'; readonly steps: readonly string[] }
  | {
      readonly kind: 'identify';
      readonly plate: Plate;
      readonly serial: string;
      readonly controllerAsProfile: boolean;
      /** on a metering pump */
      readonly signalFrom?: SignalFrom;
      /** what was seen to command it, on a pool pump */
      readonly command?: Command;
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
  | ClockBody
  | {
      /** the readings on arrival of a pool pump */
      readonly kind: 'pool-now';
      readonly speed_rpm: number | null;
      readonly power_W: number | null;
      readonly flow_m3h: number | null;
      readonly filter_bar: number | null;
      readonly water_C: number | null;
      readonly state: 'program' | 'hand' | 'hold' | 'stopped' | 'alarm';
      /** fields that could not be read, and why */
      readonly unreadable: Readonly<Record<string, string>>;
    }
  | {
      /** salt put in, with what the panel and a test kit said; null where no kit was used */
      readonly kind: 'salt';
      readonly panel_gl: number;
      readonly kit_gl: number | null;
      readonly added_kg: number;
    }
  | {
      /** valves moved from the menu */
      readonly kind: 'valves';
      readonly which: string;
      /** the pipework was followed first */
      readonly traced: boolean;
      readonly seen: string;
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
  | { readonly kind: 'resumed'; readonly reason: string }
  /** a job that was opened by accident: nothing was done, and nothing more is */
  | { readonly kind: 'cancelled'; readonly reason: string }
  /** nothing was read, set or proved, and that was meant */
  | { readonly kind: 'looked-at'; readonly why: string };

export type RecordKind = RecordBody['kind'];
