/** How much one job holds: many times what a visit comes to, and little enough to be worked out in a moment. */
export const MOST_IN_JOB = {
  entries: 20_000,
  records: 1000,
  /** of them checks: each is judged by what stood when it was tried */
  checks: 500,
  readings: 500,
  plans: 200,
  decisions: 1000,
  instruments: 500,
  earlier: 200,
} as const;
