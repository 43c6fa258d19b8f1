import type { Quantity } from '../units';

/** Figures that were read at the pump, by their key. */
export type FiguresRead = Readonly<Record<string, number>>;

/** What was seen or counted at one check. */
export interface CheckBody {
  readonly check: string;
  /** which of the offered states was seen; null where figures were taken */
  readonly seen: string | null;
  readonly figures: FiguresRead;
}

/** One figure that is read at the pump. */
export interface AskedFigure {
  readonly key: string;
  readonly label: string;
  readonly quantity: Quantity;
  /** may be left out */
  readonly optional?: boolean;
  /** what no reading of it can be; a pressure or a temperature can be anything */
  readonly least?: 'more-than-0' | 'at-least-0';
}

/** A state that may be seen; a wrong one with the known slip that it points to. */
export interface OfferedState {
  readonly value: string;
  readonly label: string;
  readonly slip?: Pattern;
}

/** What a check asks for. */
export type Ask =
  | {
      readonly kind: 'state';
      readonly states: readonly OfferedState[];
      readonly expected: string;
    }
  | {
      /** several figures that are judged together, by a rule of its family’s own */
      readonly kind: 'figures';
      readonly figures: readonly AskedFigure[];
      /** `strokes` are counted over `seconds`: a stopwatch and a tap counter help */
      readonly timed?: boolean;
      /** read again and again, each against the first of the row */
      readonly row?: boolean;
      judge(read: FiguresRead, first: FiguresRead | null): CheckVerdict;
    }
  | {
      /** one figure against an expected one */
      readonly kind: 'figure';
      readonly figure: AskedFigure;
      readonly least: number;
      readonly greatest: number;
      /** the known slips that a figure outside points to: under it, over it, or either */
      readonly below?: Pattern;
      readonly above?: Pattern;
      readonly off?: Pattern;
    }
  | {
      /** what the controller shows against a reference instrument */
      readonly kind: 'compare';
      readonly shown: AskedFigure;
      readonly reference: AskedFigure;
      readonly within: number;
    };

/** What a check looks at: a kind of its family’s own, and the figure that tells one of them from another. */
export interface About {
  readonly kind: string;
  readonly at?: number;
}

/** A time that a check takes: one waits for it, or it is a limit that must not be passed. */
export interface CheckWait {
  /** what is timed, as a button names it: “Wait for the stop” */
  readonly words: string;
  readonly lasts_s: number;
  /** what passing it damages; left out where it is only waited for */
  readonly harm?: string;
  /** the figure of the check that takes the time */
  readonly takes?: { readonly figure: string; readonly in: 'seconds' | 'minutes' };
}

/** One thing to try at the pump, with what it must do. */
export interface ProofCheck<Key extends string = string> {
  readonly key: Key;
  /** what it looks at, where its family asks for checks of one kind together; a key is only a name */
  readonly about?: About;
  readonly title: string;
  readonly method: string;
  /** what is expected, in words */
  readonly expected: string;
  readonly tolerance: string;
  readonly caution: string | null;
  /** pumps product when it is tried: the discharge must lead somewhere safe */
  readonly pumps: boolean;
  /** addresses of the settings whose change voids it; any setting's where it is left out */
  readonly voidedBy?: readonly string[];
  /** the known slip that it points to, whatever was seen in place of what is expected */
  readonly off?: Pattern;
  /** what is timed meanwhile; left out where nothing is, or how long is not known */
  readonly wait?: CheckWait;
  readonly ask: Ask;
}

/** A known slip that explains a failing set of readings. */
export interface Pattern {
  readonly code: string;
  readonly kind:
    | 'range'
    | 'gear'
    | 'swapped'
    | 'wiring'
    | 'manual'
    | 'standing'
    | 'pulses'
    | 'pressure'
    | 'speed'
    | 'clock'
    | 'sensor';
  readonly title: string;
  readonly words: string;
}

export interface CheckVerdict {
  readonly ok: boolean;
  /** what was seen or counted, in words */
  readonly seen: string;
  /** the known slip that it fits */
  readonly pattern: Pattern | null;
}
