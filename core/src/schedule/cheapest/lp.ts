import { hoursOf, slotsOf, type CheapestProblem } from './problem';

/** What is asked: the cheapest plan, any plan, or only what no plan can undercut. */
export type Wish = 'cheapest' | 'any' | 'bound';

/** A slack this small lets a demand that is met but for binary dust count as met, m³ and min. */
export const DUST = 1e-6;

/** Variable of a mask that runs in a mode at a slot. */
export const runs = (mask: number, slot: number, mode: number) => `x${mask}_${slot}_${mode}`;
const starts = (mask: number, slot: number, mode: number) => `y${mask}_${slot}_${mode}`;
/** Variable of a mask that runs in a mode all day. */
export const whole = (mask: number, mode: number) => `w${mask}_${mode}`;
/** Variable of a mode that is its circuit's one speed. */
export const chosen = (mode: number) => `u${mode}`;

/** Sets of classes that a program may run on: each alone, and any together; or all at once on a controller without weekdays. */
export function masksOf({ classes, everyDayOnly }: CheapestProblem): number[][] {
  const all = classes.map((_, c) => c);
  if (everyDayOnly || classes.length === 1) return [all];
  const masks: number[][] = [];
  for (let bits = 1; bits < 1 << classes.length; bits++) masks.push(all.filter((c) => (bits >> c) & 1));
  return masks;
}

/** An LP model in the making: its rows, with the terms that demands are built from. */
export class Lp {
  readonly slots: number;
  readonly masks: readonly (readonly number[])[];
  /** by mask: whether its programs go over midnight into themselves */
  readonly wraps: readonly boolean[];
  readonly starting: string[] = [];
  private readonly rows: string[] = [];

  constructor(
    readonly problem: CheapestProblem,
    wish: Wish,
  ) {
    const { classes, everyDayOnly } = problem;
    this.slots = slotsOf(problem);
    this.masks = wish === 'bound' && !everyDayOnly ? classes.map((_, c) => [c]) : masksOf(problem);
    this.wraps = this.masks.map((mask) => mask.length === classes.length);
  }

  row(terms: readonly string[], sense: '<=' | '>=' | '=', right: number): void {
    if (terms.length > 0)
      this.rows.push(`c${this.rows.length}: ${terms.join(' + ').replaceAll('+ -', '- ')} ${sense} ${right}`);
  }

  /** A demand that cannot be met where nothing serves it: an empty sum is nought. */
  atLeast(terms: readonly string[], right: number): void {
    this.row(terms.length > 0 ? terms : ['0 u'], '>=', right);
  }

  each(visit: (mask: number, slot: number, mode: number) => void): void {
    for (let m = 0; m < this.masks.length; m++)
      for (let t = 0; t < this.slots; t++) for (let s = 0; s < this.problem.modes.length; s++) visit(m, t, s);
  }

  /** Visits each way that a program may run, whatever its times. */
  ways(visit: (mask: number, mode: number) => void): void {
    this.masks.forEach((_, m) => this.problem.modes.forEach((__, s) => visit(m, s)));
  }

  /** Terms over all slots of a way to run. */
  allDay(mask: number, mode: number): string[] {
    return Array.from({ length: this.slots }, (_, t) => `1 ${runs(mask, t, mode)}`);
  }

  /** Terms of all that runs for a class in a slot, where a mode counts. */
  running(c: number, slot: number, weight: (mode: number) => number): string[] {
    return this.masks.flatMap((mask, m) =>
      mask.includes(c)
        ? this.problem.modes.flatMap((_, s) => (weight(s) === 0 ? [] : [`${weight(s)} ${runs(m, slot, s)}`]))
        : [],
    );
  }

  /** A start is where a mode runs and did not in the slot before; defined when first a demand speaks of starts. */
  start(mask: number, slot: number, mode: number): string {
    this.defineStarts();
    return starts(mask, slot, mode);
  }

  defineStarts(): void {
    if (this.starting.length > 0) return;
    this.each((m, t, s) => {
      this.starting.push(starts(m, t, s));
      const before = t > 0 ? runs(m, t - 1, s) : this.wraps[m] ? runs(m, this.slots - 1, s) : null;
      this.row([`1 ${starts(m, t, s)}`, `-1 ${runs(m, t, s)}`, ...(before ? [`1 ${before}`] : [])], '>=', 0);
    });
  }

  /** What a run of a slot costs, by the prices of all days that it stands for. */
  costOf(mask: number, slot: number, mode: number): number {
    const { classes, modes } = this.problem;
    const price = this.masks[mask].reduce(
      (sum, c) => sum + classes[c].days.length * classes[c].price[slot],
      0,
    );
    return number((price * modes[mode].power_W * hoursOf(this.problem, slot)) / 1000);
  }

  /** The model as text: what is to be least, the rows, variables that are shares, and those that are whole. */
  text(cost: readonly string[], shares: readonly string[], binaries: readonly string[]): string {
    return [
      'Minimize',
      ` cost: ${cost.join('\n + ')}`,
      'Subject To',
      ...this.rows.map((text) => ` ${text}`),
      'Bounds',
      ' 0 <= u <= 0',
      ...shares.map((name) => ` 0 <= ${name} <= 1`),
      ...(binaries.length > 0 ? ['Binary', ...binaries.map((name) => ` ${name}`)] : []),
      'End',
    ].join('\n');
  }
}

/** Few enough digits for a model that people can read, enough for a figure of money. */
export function number(value: number): number {
  return Number(value.toPrecision(10));
}
