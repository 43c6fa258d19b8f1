/** A block of the plan: one program. */
export interface PlannedBlock {
  readonly days: string;
  readonly start: number;
  readonly stop: number;
  /** place in the problem's modes */
  readonly mode: number;
}

/** Whether a block runs at a minute of its days; start = stop is all day. */
export function covers({ start, stop }: PlannedBlock, minute: number): boolean {
  if (start === stop) return true;
  return start < stop ? minute >= start && minute < stop : minute >= start || minute < stop;
}
