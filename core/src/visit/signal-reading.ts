/** What was read at one injected current. A failing reading is kept; the next one is a new row. */
export interface SignalReading {
  readonly injected_mA: number;
  /** the current the pump shows, where it shows one */
  readonly shown_mA: number | null;
  /** strokes counted over a time; null when a flow was read instead */
  readonly strokes: number | null;
  readonly seconds: number | null;
  readonly flow_lph: number | null;
}
