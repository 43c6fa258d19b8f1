import { limitFor, type Dial, type Parameter, type SettingValue, type SettingValues } from '../profile';
import { DAY_MIN } from '../time';
import { type WayStep } from './press';

/**
 * The keys that change a setting from the value that stands there to another: counted presses, or digit by digit.
 *
 * @param values of the other settings, where its limits depend on them
 * @returns no step where both are the same; null where they cannot be counted: nobody said how its keys change it, a value that is not on
 *   its steps, or one behind it where no key goes back
 */
export function dialled(
  parameter: Parameter,
  from: SettingValue,
  to: SettingValue,
  values: SettingValues = {},
): readonly WayStep[] | null {
  const { dial } = parameter;
  if (dial === undefined) return null;
  if (from === to) return [];
  const steps =
    dial.by === 'presses'
      ? byPresses(parameter, dial, from, to, values)
      : byDigits(parameter, dial, from, to);
  return steps && woken(dial, steps);
}

const once = (key: string, times = 1): WayStep => ({ key, press: 'short', until: null, times, shows: null });

/** Where the first press only makes the value flash, the key that is pressed first is pressed once more. */
function woken({ firstOnlyShows }: Dial, steps: readonly WayStep[]): readonly WayStep[] {
  if (!firstOnlyShows || steps.length === 0) return steps;
  const [first, ...rest] = steps;
  return [{ ...first, times: first.times + 1 }, ...rest];
}

function byPresses(
  parameter: Parameter,
  dial: Dial,
  from: SettingValue,
  to: SettingValue,
  values: SettingValues,
): WayStep[] | null {
  const [a, b] = [placeOf(parameter, from, values), placeOf(parameter, to, values)];
  if (a === null || b === null) return null;
  const around = dial.wraps ? placesOf(parameter, values) : null;
  return turned(dial, b - a, around);
}

/** So many places on, or back; round the end where it wraps, whichever takes fewer presses. */
function turned({ up, down, wraps }: Dial, by: number, around: number | null): WayStep[] | null {
  const round = wraps ? around : null;
  const on = by > 0 ? by : round === null ? null : by + round;
  const back = by < 0 ? -by : round === null ? null : round - by;
  const ways = [
    ...(on === null ? [] : [once(up, on)]),
    ...(back === null || down === undefined ? [] : [once(down, back)]),
  ];
  const [first, second] = ways;
  if (first === undefined) return null;
  return [second !== undefined && second.times < first.times ? second : first];
}

/** The number of a value among those that the keys go through; null where it is none of them. */
function placeOf(parameter: Parameter, value: SettingValue, values: SettingValues): number | null {
  const { type, options = [], step = type === 'time' ? 1 : undefined } = parameter;
  if (type === 'choice' || type === 'days') {
    const at = options.findIndex((option) => option.value === value);
    return at < 0 ? null : at;
  }
  if (typeof value !== 'number' || step === undefined) return null;
  const places = (value - leastOf(parameter, values)) / step;
  return Math.abs(places - Math.round(places)) < 1e-6 ? Math.round(places) : null;
}

/** How many values the keys go through; null where there is no end. */
function placesOf(parameter: Parameter, values: SettingValues): number | null {
  const { type, options = [], step = 1 } = parameter;
  if (type === 'choice' || type === 'days') return options.length;
  const greatest = limitFor(parameter.greatest, values);
  if (type === 'time' && greatest === undefined) return Math.round(DAY_MIN / step);
  if (greatest === undefined) return null;
  return Math.round((greatest - (limitFor(parameter.least, values) ?? 0)) / step) + 1;
}

/** Times of day are counted from midnight, whatever the earliest is. */
function leastOf(parameter: Parameter, values: SettingValues): number {
  return parameter.type === 'time' ? 0 : (limitFor(parameter.least, values) ?? 0);
}

/** Digit by digit from the left; each is counted on, or back, whichever is nearer. */
function byDigits(
  parameter: Parameter,
  dial: Dial & { readonly by: 'digits' },
  from: SettingValue,
  to: SettingValue,
): WayStep[] | null {
  const [a, b] = [digitsOf(parameter, dial, from), digitsOf(parameter, dial, to)];
  if (a === null || b === null) return null;
  const presses: WayStep[] = [];
  let at = 0;
  for (let i = 0; i < dial.digits; i += 1) {
    if (a[i] === b[i]) continue;
    const turn = turned(dial, b[i] - a[i], 10);
    if (turn === null) return null;
    if (i > at) presses.push(once(dial.next, i - at));
    presses.push(...turn);
    at = i;
  }
  return presses;
}

/** A figure as its digits stand on the display; null where it has no room for it. */
function digitsOf(
  { step = 1 }: Parameter,
  { digits }: Dial & { readonly by: 'digits' },
  value: SettingValue,
): number[] | null {
  if (typeof value !== 'number' || value < 0) return null;
  const decimals = Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
  const whole = Math.round(value * 10 ** decimals);
  if (Math.abs(whole - value * 10 ** decimals) > 1e-6) return null;
  const text = String(whole).padStart(digits, '0');
  return text.length > digits ? null : [...text].map(Number);
}

/** Keys pressed in all. */
export const pressesIn = (steps: readonly WayStep[]): number =>
  steps.reduce((sum, { times }) => sum + times, 0);
