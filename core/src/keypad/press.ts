/** A key as it is pressed once: shortly, held, or turned. */
export interface Press {
  readonly key: string;
  readonly press: 'short' | 'hold' | 'turn';
  /** pressed or turned until the display shows this; null where once is enough */
  readonly until: string | null;
}

/** Presses of one key one after another, as they are shown to a person. */
export interface WayStep extends Press {
  readonly times: number;
  /** what the display shows afterwards, where the profile says it */
  readonly shows: string | null;
}

/** Presses in a row as steps: the same key again and again is one of them. */
export function stepsOf(presses: readonly (Press & { readonly shows: string | null })[]): WayStep[] {
  const steps: WayStep[] = [];
  for (const one of presses) {
    const last = steps.at(-1);
    const again = last && last.until === null && one.until === null;
    if (again && last.key === one.key && last.press === one.press && one.press === 'short')
      steps[steps.length - 1] = { ...last, times: last.times + 1, shows: one.shows };
    else steps.push({ ...one, times: 1 });
  }
  return steps;
}
