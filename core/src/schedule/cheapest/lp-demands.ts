import { DAY_MIN } from '../../time';
import { chosen, DUST, number, runs, whole, type Lp } from './lp';
import { hoursOf, type PlanNeed, type PlanVolume } from './problem';

/** One thing at a time runs. */
export function oneAtATime(lp: Lp, c: number): void {
  for (let t = 0; t < lp.slots; t++)
    lp.row(
      lp.running(c, t, () => 1),
      '<=',
      1,
    );
}

/** A water is moved in a day. */
export function turnover(lp: Lp, c: number, { volume_m3, counts }: PlanVolume): void {
  const { modes } = lp.problem;
  const terms = Array.from({ length: lp.slots }, (_, t) =>
    lp.running(c, t, (s) => (counts[s] ? number(modes[s].flow_m3h * hoursOf(lp.problem, t)) : 0)),
  ).flat();
  lp.atLeast(terms, number(volume_m3 - DUST));
}

/** A circuit runs as long as it needs within its window. */
export function need(lp: Lp, c: number, { from, to, minutes, serves }: PlanNeed): void {
  const { marks } = lp.problem;
  const terms = Array.from({ length: to - from }, (_, i) => i + from).flatMap((t) =>
    lp.running(c, t, (s) => (serves[s] ? marks[t + 1] - marks[t] : 0)),
  );
  lp.atLeast(terms, number(minutes - DUST));
}

/** At no moment less flows than is asked. */
export function leastFlow(lp: Lp, c: number, least_m3h: number): void {
  const { modes } = lp.problem;
  for (let t = 0; t < lp.slots; t++)
    lp.atLeast(
      lp.running(c, t, (s) => Number(modes[s].flow_m3h >= least_m3h - DUST)),
      1,
    );
}

/** In quiet hours nothing runs faster than is allowed. */
export function quiet(lp: Lp, c: number, cap_rpm: readonly (number | null)[]): void {
  const { modes } = lp.problem;
  cap_rpm.forEach((cap, t) => {
    if (cap !== null)
      lp.row(
        lp.running(c, t, (s) => Number(modes[s].speed_rpm > cap)),
        '<=',
        0,
      );
  });
}

/** In every stretch just longer than the pause something runs, from a day into the next too. */
export function pauses(lp: Lp, longest_min: number): void {
  const { slots } = lp;
  const { classes, marks } = lp.problem;
  const classOf = (day: number) => classes.findIndex(({ days }) => days.includes(String((day % 7) + 1)));
  const told = new Set<string>();
  for (let day = 0; day < 7; day++) {
    const [here, next] = [classOf(day), classOf(day + 1)];
    if (told.has(`${here}>${next}`)) continue;
    told.add(`${here}>${next}`);
    for (let t = 0; t < slots; t++) {
      const terms: string[] = [];
      let minutes = 0;
      for (let at = t; minutes <= longest_min + DUST && at < 2 * slots; at++) {
        minutes += marks[(at % slots) + 1] - marks[at % slots];
        terms.push(...lp.running(at < slots ? here : next, at % slots, () => 1));
      }
      // a pause that may last longer than two days is none to look for
      if (minutes > longest_min + DUST) lp.row(terms, '>=', 1);
    }
  }
}

/** No more starts than the controller has places; a run of all the day has no start and counts by itself. */
export function places(lp: Lp): void {
  lp.defineStarts();
  const { maxPrograms, wholeDay } = lp.problem;
  const weighed: string[] = [];
  lp.ways((m, s) => {
    lp.row([...lp.allDay(m, s), `-1 ${whole(m, s)}`], '<=', lp.slots - 1);
    weighed.push(`${(wholeDay ? 1 : 2) - (lp.wraps[m] ? 0 : 1)} ${whole(m, s)}`);
  });
  lp.row([...lp.starting.map((name) => `1 ${name}`), ...weighed], '<=', maxPrograms);
}

/** What starts runs on for the shortest run. */
export function leastRuns(lp: Lp, least_min: number): void {
  const { slots } = lp;
  const { marks, modes } = lp.problem;
  /** starts so near before a slot that their run still must go on in it */
  const reach = (t: number): number[] => {
    const back: number[] = [];
    for (let at = t, minutes = 0; minutes < least_min - DUST && back.length < slots; at--) {
      back.push(at);
      const before = (at - 1 + 2 * slots) % slots;
      minutes += marks[before + 1] - marks[before];
    }
    return back;
  };
  const needed = Array.from({ length: slots }, (_, t) => reach(t));
  if (needed.every((back) => back.length <= 1)) return;
  lp.defineStarts();
  lp.each((m, t, s) => {
    const terms = needed[t].flatMap((at) =>
      at >= 0 ? [`1 ${lp.start(m, at, s)}`] : lp.wraps[m] ? [`1 ${lp.start(m, at + slots, s)}`] : [],
    );
    lp.row([...terms, `-1 ${runs(m, t, s)}`], '<=', 0);
  });
  // a run that begins too late in a day that does not go over into the next cannot be long enough
  lp.masks.forEach((_, m) => {
    if (lp.wraps[m]) return;
    for (let t = 0; t < slots; t++) {
      if (DAY_MIN - marks[t] >= least_min - DUST) continue;
      modes.forEach((__, s) => lp.row([`1 ${lp.start(m, t, s)}`], '<=', 0));
    }
  });
}

/** A circuit runs at one speed, whenever it runs. */
export function oneSpeed(lp: Lp): void {
  const { modes } = lp.problem;
  for (const circuit of new Set(modes.map((mode) => mode.circuit))) {
    const own = modes.flatMap((mode, s) => (mode.circuit === circuit ? [s] : []));
    lp.row(
      own.map((s) => `1 ${chosen(s)}`),
      '<=',
      1,
    );
    for (const s of own) {
      const terms = lp.masks.flatMap((_, m) => lp.allDay(m, s));
      lp.row([...terms, `-${lp.masks.length * lp.slots} ${chosen(s)}`], '<=', 0);
    }
  }
}
