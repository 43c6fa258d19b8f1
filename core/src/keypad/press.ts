import type { KeyStep } from '../profile';

/** A key as it is pressed once: shortly, held, or turned. */
export interface Press {
  readonly key: string;
  readonly press: 'short' | 'hold' | 'turn';
  /** how long it is held, where that is known */
  readonly seconds?: number;
  /** a code that is entered digit by digit, each from 0, and the key that goes on to the next digit */
  readonly digits?: string;
  readonly next?: string;
  /** pressed or turned until the display shows this; null where once is enough */
  readonly until: string | null;
}

/** Presses of one key one after another, as they are shown to a person. */
export interface WayStep extends Press {
  readonly times: number;
  /** what the display shows afterwards, where the profile says it */
  readonly shows: string | null;
}

/** How often keys are pressed for it: a code takes the sum of its digits, and a press from each to the next. */
export function pressesOf({ digits }: Pick<Press, 'digits'>): number {
  if (digits === undefined) return 1;
  return [...digits].reduce((sum, digit) => sum + Number(digit), 0) + digits.length - 1;
}

/** What tells one press from another of the same key: held for a moment, and held for eight seconds, are two. */
export function pressName({ key, press, seconds, digits }: Press): string {
  return [press, seconds, key, digits].filter((part) => part !== undefined).join(' ');
}

/** The parts of a step of a route that a press has too. */
export const pressOf = ({ key, press, seconds, digits, next }: KeyStep): Omit<Press, 'until'> => ({
  key,
  press,
  ...(seconds === undefined ? {} : { seconds }),
  ...(digits === undefined ? {} : { digits, next }),
});

/** Presses in a row as steps: the same key again and again is one of them. */
export function stepsOf(presses: readonly (Press & { readonly shows: string | null })[]): WayStep[] {
  const steps: WayStep[] = [];
  for (const one of presses) {
    const last = steps.at(-1);
    const again = last && last.until === null && one.until === null && one.digits === undefined;
    if (again && pressName(last) === pressName(one) && one.press === 'short')
      steps[steps.length - 1] = { ...last, times: last.times + 1, shows: one.shows };
    else steps.push({ ...one, times: 1 });
  }
  return steps;
}
