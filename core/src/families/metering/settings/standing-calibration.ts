/** A drawdown that was accepted: what it measured, and under what it holds. */
export interface StandingCalibration {
  /** site date */
  readonly date: string;
  /** mL a stroke, at the length it was measured at */
  readonly stroke_mL: number;
  /** null on a pump without a knob */
  readonly length_pct: number | null;
  readonly pressure_bar: number | null;
  readonly product: string;
  /** standard uncertainty of the mean, as a share */
  readonly uncertainty: number;
  /** head, valves or diaphragm were serviced since */
  readonly servicedSince: boolean;
}
