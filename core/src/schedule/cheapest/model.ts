import { chosen, Lp, number, runs, whole, type Wish } from './lp';
import {
  leastFlow,
  leastRuns,
  need,
  oneAtATime,
  oneSpeed,
  pauses,
  places,
  quiet,
  turnover,
} from './lp-demands';
import { startWorth, type CheapestProblem, type Demand } from './problem';

export { masksOf, runs } from './lp';

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
  wish: Wish = 'cheapest',
): string {
  const lp = new Lp(problem, wish);
  const loose = wish === 'bound';
  const on = (demand: Demand) => !without.has(demand) && !(loose && BLOCKS.has(demand));
  const { leastFlow_m3h, longestPause_min, leastRun_min } = problem;

  problem.classes.forEach((day, c) => {
    oneAtATime(lp, c);
    if (on('turnover')) for (const water of day.volumes) turnover(lp, c, water);
    for (const one of day.needs) if (on(`need:${one.name}`)) need(lp, c, one);
    if (leastFlow_m3h !== null && on('least-flow')) leastFlow(lp, c, leastFlow_m3h);
    if (on('quiet')) quiet(lp, c, day.cap_rpm);
  });
  if (longestPause_min !== null && on('pause')) pauses(lp, longestPause_min);
  if (on('slots')) places(lp);
  if (on('least-run')) leastRuns(lp, leastRun_min);
  const single = problem.oneSpeedPerCircuit && on('one-speed');
  if (single) oneSpeed(lp);

  const cost: string[] = [];
  const binaries: string[] = [];
  lp.each((m, t, s) => {
    cost.push(`${wish === 'any' ? 0 : lp.costOf(m, t, s)} ${runs(m, t, s)}`);
    binaries.push(runs(m, t, s));
  });
  const worth = number(startWorth(problem));
  if (wish === 'cheapest') for (const name of lp.starting) cost.push(`${worth} ${name}`);
  const wholes: string[] = [];
  if (on('slots')) lp.ways((m, s) => wholes.push(whole(m, s)));
  const shares = [...lp.starting, ...wholes, ...(loose ? binaries : [])];
  const speeds = single ? problem.modes.map((_, s) => chosen(s)) : [];
  return lp.text(cost, shares, loose ? [] : [...binaries, ...speeds]);
}
