/** A sum of a run, by the key under which its model keeps it. */
export type Sums = Readonly<Record<string, number>>;

/** One figure of a run that is told: shown on the bench, beside the same of another run. */
export interface SumRow {
  readonly key: string;
  readonly label: string;
  readonly unit: string;
  readonly decimals: number;
  /** undefined where nobody said what it would start from */
  of(sums: Sums): number | undefined;
  /** shown only where one of the sheets has some */
  readonly onlyIfAny?: boolean;
}

/** What stands largest: one sum, whether more of it is better, and how it reads. */
export interface Headline {
  of(sums: Sums): number;
  readonly decimals: number;
  /** one of the program's own: it is shown in the reader's */
  readonly unit: string;
  /** what the figure is, behind its unit */
  readonly words?: string;
  readonly moreIsBetter: boolean;
}

/** The sums of a pump that tell most, and the one that stands largest. */
export interface SumsShown {
  readonly rows: readonly SumRow[];
  readonly headline: Headline;
}
