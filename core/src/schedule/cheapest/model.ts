import { DAY_MIN } from '../../time';
import { hoursOf, slotsOf, startWorth, type CheapestProblem, type Demand, type PlanVolume } from './problem';

/** Sets of classes that a program may run on: each alone, and any together; or all at once on a controller without weekdays. */
export function masksOf({ classes, everyDayOnly }: CheapestProblem): number[][] {
  const all = classes.map((_, c) => c);
  if (everyDayOnly || classes.length === 1) return [all];
  const masks: number[][] = [];
  for (let bits = 1; bits < 1 << classes.length; bits++) masks.push(all.filter((c) => (bits >> c) & 1));
  return masks;
}

/** Variable of a mask that runs in a mode at a slot. */
export const runs = (mask: number, slot: number, mode: number) => `x${mask}_${slot}_${mode}`;
const starts = (mask: number, slot: number, mode: number) => `y${mask}_${slot}_${mode}`;
const whole = (mask: number, mode: number) => `w${mask}_${mode}`;
const chosen = (mode: number) => `u${mode}`;

/** A slack this small lets a volume that is met but for binary dust count as met, m³. */
const DUST_m3 = 1e-6;
const DUST_min = 1e-6;

/** What is asked of blocks as wholes; without it the problem falls apart into slots. */
const BLOCKS: ReadonlySet<Demand> = new Set(['slots', 'least-run', 'one-speed']);

/**
 * The problem as an LP model in text. One binary for each mask, slot and mode says what runs; a start costs one of the
 * controller's places. `without` leaves out demands, to find which of them are in each other's way. The wish says what is asked:
 * the cheapest plan, any plan, or only a bound: the cost when places, least runs and whole blocks are no matter, which no plan
 * can undercut and which takes no search.
 */
export function lpOf(
  problem: CheapestProblem,
  without: ReadonlySet<Demand> = new Set(),
  wish: 'cheapest' | 'any' | 'bound' = 'cheapest',
): string {
  const { marks, modes, classes } = problem;
  const slots = slotsOf(problem);
  const loose = wish === 'bound';
  const masks = loose && !problem.everyDayOnly ? classes.map((_, c) => [c]) : masksOf(problem);
  const on = (demand: Demand) => !without.has(demand) && !(loose && BLOCKS.has(demand));
  const rows: string[] = [];
  const row = (terms: readonly string[], sense: '<=' | '>=' | '=', right: number) => {
    if (terms.length > 0)
      rows.push(`c${rows.length}: ${terms.join(' + ').replaceAll('+ -', '- ')} ${sense} ${right}`);
  };
  const each = (visit: (m: number, t: number, s: number) => void) => {
    for (let m = 0; m < masks.length; m++) {
      for (let t = 0; t < slots; t++) for (let s = 0; s < modes.length; s++) visit(m, t, s);
    }
  };
  /** terms of all that runs for a class in a slot, where a mode counts */
  const running = (c: number, t: number, weight: (mode: number) => number) =>
    masks.flatMap((mask, m) =>
      mask.includes(c)
        ? modes.flatMap((_, s) => (weight(s) === 0 ? [] : [`${weight(s)} ${runs(m, t, s)}`]))
        : [],
    );

  const cost: string[] = [];
  const binaries: string[] = [];
  const starting: string[] = [];
  const wraps = masks.map((mask) => mask.length === classes.length);
  each((m, t, s) => {
    const hours = hoursOf(problem, t);
    const price = masks[m].reduce((sum, c) => sum + classes[c].days.length * classes[c].price[t], 0);
    cost.push(`${wish === 'any' ? 0 : number((price * modes[s].power_W * hours) / 1000)} ${runs(m, t, s)}`);
    binaries.push(runs(m, t, s));
  });

  classes.forEach((day, c) => {
    for (let t = 0; t < slots; t++)
      row(
        running(c, t, () => 1),
        '<=',
        1,
      );
    if (on('turnover')) for (const water of day.volumes) volume(water, c);
    for (const need of day.needs) {
      if (!on(`need:${need.name}`)) continue;
      const terms = Array.from({ length: need.to - need.from }, (_, i) => i + need.from).flatMap((t) =>
        running(c, t, (s) => (need.serves[s] ? marks[t + 1] - marks[t] : 0)),
      );
      row(terms.length > 0 ? terms : ['0 u'], '>=', number(need.minutes - DUST_min));
    }
    if (problem.leastFlow_m3h !== null && on('least-flow')) {
      const enough = problem.leastFlow_m3h - DUST_m3;
      for (let t = 0; t < slots; t++) {
        const terms = running(c, t, (s) => Number(modes[s].flow_m3h >= enough));
        row(terms.length > 0 ? terms : ['0 u'], '>=', 1);
      }
    }
    if (on('quiet')) {
      day.cap_rpm.forEach((cap, t) => {
        if (cap !== null)
          row(
            running(c, t, (s) => Number(modes[s].speed_rpm > cap)),
            '<=',
            0,
          );
      });
    }
  });
  if (problem.longestPause_min !== null && on('pause')) pauses(problem.longestPause_min);
  if (on('slots')) places();
  if (on('least-run')) leastRuns(problem.leastRun_min);
  if (problem.oneSpeedPerCircuit && on('one-speed')) oneSpeed();

  if (wish === 'cheapest') {
    const worth = number(startWorth(problem));
    for (const name of starting) cost.push(`${worth} ${name}`);
  }
  const bounded = [...starting, ...(on('slots') ? wholes() : []), ...(loose ? binaries : [])].map(
    (name) => ` 0 <= ${name} <= 1`,
  );
  const more = problem.oneSpeedPerCircuit && on('one-speed') ? modes.map((_, s) => chosen(s)) : [];
  return [
    'Minimize',
    ` cost: ${cost.join('\n + ')}`,
    'Subject To',
    ...rows.map((text) => ` ${text}`),
    'Bounds',
    ' 0 <= u <= 0',
    ...bounded,
    ...(loose ? [] : ['Binary', ...[...binaries, ...more].map((name) => ` ${name}`)]),
    'End',
  ].join('\n');

  function volume({ volume_m3, counts }: PlanVolume, c: number): void {
    const terms = Array.from({ length: slots }, (_, t) =>
      running(c, t, (s) => (counts[s] ? number(modes[s].flow_m3h * hoursOf(problem, t)) : 0)),
    ).flat();
    row(terms.length > 0 ? terms : ['0 u'], '>=', number(volume_m3 - DUST_m3));
  }

  /** in every stretch just longer than the pause something runs, from a day into the next too */
  function pauses(longest_min: number): void {
    const classOf = (day: number) => classes.findIndex(({ days }) => days.includes(String((day % 7) + 1)));
    const told = new Set<string>();
    for (let day = 0; day < 7; day++) {
      const [here, next] = [classOf(day), classOf(day + 1)];
      if (told.has(`${here}>${next}`)) continue;
      told.add(`${here}>${next}`);
      for (let t = 0; t < slots; t++) {
        const terms: string[] = [];
        let minutes = 0;
        for (let at = t; minutes <= longest_min + DUST_min && at < 2 * slots; at++) {
          minutes += marks[(at % slots) + 1] - marks[at % slots];
          terms.push(...(at < slots ? running(here, at, () => 1) : running(next, at % slots, () => 1)));
        }
        // a pause that may last longer than two days is none to look for
        if (minutes > longest_min + DUST_min) row(terms, '>=', 1);
      }
    }
  }

  /** a start is where a mode runs and did not in the slot before; a run of all the day has none and counts by itself */
  function places(): void {
    defineStarts();
    const all = masks.flatMap((_, m) => modes.map((__, s) => whole(m, s)));
    const extra = (m: number) => (problem.wholeDay ? 1 : 2) - (wraps[m] ? 0 : 1);
    masks.forEach((_, m) =>
      modes.forEach((__, s) => {
        const terms = Array.from({ length: slots }, (___, t) => `1 ${runs(m, t, s)}`);
        row([...terms, `-1 ${whole(m, s)}`], '<=', slots - 1);
      }),
    );
    const weighed = masks.flatMap((_, m) => modes.map((__, s) => `${extra(m)} ${whole(m, s)}`));
    row(
      [...starting.map((name) => `1 ${name}`), ...(all.length > 0 ? weighed : [])],
      '<=',
      problem.maxPrograms,
    );
  }

  function wholes(): string[] {
    return masks.flatMap((_, m) => modes.map((__, s) => whole(m, s)));
  }

  function defineStarts(): void {
    if (starting.length > 0) return;
    each((m, t, s) => {
      starting.push(starts(m, t, s));
      const before = t > 0 ? runs(m, t - 1, s) : wraps[m] ? runs(m, slots - 1, s) : null;
      row([`1 ${starts(m, t, s)}`, `-1 ${runs(m, t, s)}`, ...(before ? [`1 ${before}`] : [])], '>=', 0);
    });
  }

  /** what starts runs on for the shortest run */
  function leastRuns(least_min: number): void {
    const reach = (t: number): number[] => {
      const back: number[] = [];
      // starts so near before this slot that their run still must go on in it
      for (let at = t, minutes = 0; minutes < least_min - DUST_min && back.length < slots; at--) {
        const slot = (at + slots) % slots;
        back.push(at);
        const before = (slot - 1 + slots) % slots;
        minutes += marks[before + 1] - marks[before];
      }
      return back;
    };
    const needed = Array.from({ length: slots }, (_, t) => reach(t));
    if (needed.every((back) => back.length <= 1)) return;
    defineStarts();
    each((m, t, s) => {
      const terms = needed[t].flatMap((at) =>
        at >= 0 ? [`1 ${starts(m, at, s)}`] : wraps[m] ? [`1 ${starts(m, at + slots, s)}`] : [],
      );
      row([...terms, `-1 ${runs(m, t, s)}`], '<=', 0);
    });
    // a run that begins too late in a day that does not go over into the next cannot be long enough
    masks.forEach((_, m) => {
      if (wraps[m]) return;
      for (let t = 0; t < slots; t++) {
        if (DAY_MIN - marks[t] >= least_min - DUST_min) continue;
        modes.forEach((__, s) => row([`1 ${starts(m, t, s)}`], '<=', 0));
      }
    });
  }

  function oneSpeed(): void {
    const circuits = [...new Set(modes.map(({ circuit }) => circuit))];
    for (const circuit of circuits) {
      const own = modes.flatMap((mode, s) => (mode.circuit === circuit ? [s] : []));
      row(
        own.map((s) => `1 ${chosen(s)}`),
        '<=',
        1,
      );
      for (const s of own) {
        const terms = masks.flatMap((_, m) => Array.from({ length: slots }, (__, t) => `1 ${runs(m, t, s)}`));
        row([...terms, `-${masks.length * slots} ${chosen(s)}`], '<=', 0);
      }
    }
  }
}

/** Few enough digits for a model that people can read, enough for a figure of money. */
function number(value: number): number {
  return Number(value.toPrecision(10));
}
