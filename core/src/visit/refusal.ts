/** What is wrong with a command on a job, at the field where it is. */
export interface Refusal {
  readonly field: string;
  readonly words: string;
  readonly code: string;
}
