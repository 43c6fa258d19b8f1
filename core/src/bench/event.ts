/** Something that is thrown at a simulated pump. */
export interface BenchEvent {
  readonly kind: string;
  readonly at_s: number;
  /** when it is over; null for one that happens at once or stays */
  readonly until_s: number | null;
  /** in what its kind is counted in; null where the kind needs none */
  readonly amount: number | null;
}

/** An event begins or ends. */
export interface Change {
  readonly at_s: number;
  readonly begins: boolean;
  readonly event: BenchEvent;
}
