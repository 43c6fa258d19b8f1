import { DAY_MIN, WEEK_MIN } from '../../time';
import { covers, type PlannedBlock } from './blocks';
import { hoursOf, slotsOf, type CheapestProblem, type Demand } from './problem';

const DUST = 1e-6;

/** Mode of each slot of a week that starts on Monday, -1 at rest; null where two blocks run at once. */
function weekOf(problem: CheapestProblem, blocks: readonly PlannedBlock[]): number[][] | null {
  const slots = slotsOf(problem);
  const week = Array.from({ length: 7 }, () => Array.from({ length: slots }, () => -1));
  for (const block of blocks) {
    for (const digit of block.days) {
      const day = Number(digit) - 1;
      for (let t = 0; t < slots; t++) {
        if (!covers(block, problem.marks[t])) continue;
        // what runs past midnight belongs to the day it began on
        const over = block.start > block.stop && problem.marks[t] < block.stop;
        const row = week[(day + (over ? 1 : 0)) % 7];
        if (row[t] >= 0) return null;
        row[t] = block.mode;
      }
    }
  }
  return week;
}

/**
 * The demands of a problem that blocks do not meet; empty for a plan. Blocks must keep to the problem's marks: what does not is
 * said to be in the way of `slots`.
 */
export function unmetBy(problem: CheapestProblem, blocks: readonly PlannedBlock[]): Demand[] {
  const { marks, modes, classes } = problem;
  const onMarks = blocks.every(({ start, stop }) => marks.includes(start) && marks.includes(stop));
  const week = onMarks ? weekOf(problem, blocks) : null;
  if (!week) return ['slots'];
  const unmet = new Set<Demand>();
  const noDays = problem.everyDayOnly && blocks.some(({ days }) => days.length < 7);
  const whole = blocks.filter(({ start, stop }) => start === stop).length;
  if (blocks.length > problem.maxPrograms || noDays || (whole > 0 && !problem.wholeDay)) unmet.add('slots');
  week.forEach((row, d) => {
    const day = classes.find(({ days }) => days.includes(String(d + 1)));
    if (!day) return;
    for (const { volume_m3, counts } of day.volumes) {
      const moved = row.reduce(
        (sum, s, t) => sum + (s >= 0 && counts[s] ? modes[s].flow_m3h * hoursOf(problem, t) : 0),
        0,
      );
      if (moved < volume_m3 - DUST) unmet.add('turnover');
    }
    for (const need of day.needs) {
      let minutes = 0;
      for (let t = need.from; t < need.to; t++) {
        if (row[t] >= 0 && need.serves[row[t]]) minutes += marks[t + 1] - marks[t];
      }
      if (minutes < need.minutes - DUST) unmet.add(`need:${need.name}`);
    }
    row.forEach((s, t) => {
      const cap = day.cap_rpm[t];
      if (cap !== null && s >= 0 && modes[s].speed_rpm > cap) unmet.add('quiet');
      const least = problem.leastFlow_m3h;
      if (least !== null && (s < 0 || modes[s].flow_m3h < least - DUST)) unmet.add('least-flow');
    });
  });
  if (problem.longestPause_min !== null && longestRest(week, marks) > problem.longestPause_min + DUST) {
    unmet.add('pause');
  }
  const short = blocks.some(
    ({ start, stop }) => start !== stop && (stop - start + DAY_MIN) % DAY_MIN < problem.leastRun_min - DUST,
  );
  if (short) unmet.add('least-run');
  if (problem.oneSpeedPerCircuit) {
    const speeds = new Map<string | null, Set<number>>();
    for (const { mode } of blocks) {
      const { circuit, speed_rpm } = modes[mode];
      speeds.set(circuit, (speeds.get(circuit) ?? new Set()).add(speed_rpm));
    }
    if ([...speeds.values()].some((own) => own.size > 1)) unmet.add('one-speed');
  }
  return [...unmet];
}

function longestRest(week: readonly (readonly number[])[], marks: readonly number[]): number {
  let still = 0;
  let longest = 0;
  for (const row of [...week, ...week]) {
    row.forEach((s, t) => {
      still = s >= 0 ? 0 : still + marks[t + 1] - marks[t];
      longest = Math.max(longest, still);
    });
  }
  return Math.min(longest, WEEK_MIN);
}
