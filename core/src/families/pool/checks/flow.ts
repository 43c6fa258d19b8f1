import { eachOf } from '../../parts/check-input';
import { minutesInWindow } from '../../../schedule';
import { THRESHOLDS, type Finding } from '../../../findings';
import { DAY_MIN, DAY_NAMES, onDay, timeOfDay } from '../../../time';
import { fig, roundDownToStep } from '../../../units';
import { weakBoost } from './boost';
import type { CheckInput } from './input';
import type { Circuit, Need } from '../wire/circuits';
import {
  cleanFlow_m3h,
  leastSpeed_rpm,
  wallsOf,
  wallSpeed,
  WALL_WORDS,
  type FlowWall,
} from '../effect/hydraulics';
import { served_min } from '../effect/served';
import { finding } from '../texts/texts';
import { handSpeed_rpm, storedTimedRuns, type StoredTimedRun } from '../effect/timed-runs';
import type { RunStretch } from '../effect/week';
import type { PoolProfile } from '../wire/job';

/** POO-08, 09, 12, 22 and 27: flow against turnover, needs and walls. */
export function checkFlow(input: CheckInput): Finding[] {
  return eachOf(input, walls, unclamped, caps, handRuns, weakBoost, turnover, needs, rules, leastFlows);
}

/** The greatest speed that this controller can be set to and that does not pass another. */
function settable_rpm({ behaviours }: PoolProfile, speed_rpm: number): number {
  return roundDownToStep(speed_rpm, behaviours.speed.step_rpm);
}

/** A limit is passed by more than the controller's own step; a suction cover has no margin: it keeps people alive. */
function passes(flow_m3h: number, { what, flow_m3h: limit }: FlowWall): boolean {
  return flow_m3h > limit * (1 + (what === 'cover' ? BINARY_DUST : THRESHOLDS.wallMargin));
}
const BINARY_DUST = 1e-9;

function walls({ context, settings, pump, subject, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const speed = settings.greatest_rpm;
  const flow_m3h = cleanFlow_m3h(duty, pump, speed);
  const allowed = wallSpeed(duty, pump);
  const passed = wallsOf(duty).filter((wall) => passes(flow_m3h, wall));
  if (passed.length === 0 || !allowed) return [];
  const addresses = [at('speed.greatest')];
  const values = {
    speed: fig('speed', speed),
    allowed: fig('speed', settable_rpm(profile, allowed.speed_rpm)),
  };
  const cover = passed.find(({ what }) => what === 'cover');
  const other = passed.find(({ what }) => what !== 'cover');
  return [
    ...(cover
      ? [
          finding(
            'POO-27.cover',
            subject,
            { ...values, flow: fig('waterFlow', flow_m3h), limit: fig('waterFlow', cover.flow_m3h) },
            addresses,
          ),
        ]
      : []),
    ...(other
      ? [
          finding(
            'POO-08',
            subject,
            {
              ...values,
              flow: fig('waterFlow', flow_m3h),
              wall: WALL_WORDS[other.what],
              limit: fig('waterFlow', other.flow_m3h),
            },
            addresses,
          ),
        ]
      : []),
  ];
}

/** POO-27 and POO-08 of a prime or a frost guard: the limit keeps programs within the walls, and does not cap these. */
function unclamped({ context, settings, pump, subject, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const allowed = wallSpeed(duty, pump);
  if (!allowed) return [];
  const clamps = profile.behaviours.limitClamps;
  const { prime, frost } = settings;
  const runs = [
    ...(prime.way === 'off' || prime.speed_rpm === null
      ? []
      : [
          {
            what: 'The prime',
            speed_rpm: prime.speed_rpm,
            clamp: 'prime',
            place: at('prime.speed'),
          } as const,
        ]),
    ...(frost.on !== true || frost.speed_rpm === null
      ? []
      : [
          {
            what: 'The frost guard',
            speed_rpm: frost.speed_rpm,
            clamp: 'frost',
            place: at('frost.speed'),
          } as const,
        ]),
  ];
  return runs.flatMap(({ what, speed_rpm, clamp, place }) => {
    const speed = (clamps as readonly string[]).includes(clamp)
      ? Math.min(speed_rpm, settings.greatest_rpm)
      : speed_rpm;
    // what the limit itself lets through is told of the limit
    if (speed <= settings.greatest_rpm) return [];
    const flow_m3h = cleanFlow_m3h(duty, pump, speed);
    const passed = wallsOf(duty).filter((wall) => passes(flow_m3h, wall));
    const wall = passed.find((one) => one.what === 'cover') ?? passed[0];
    if (!wall) return [];
    return [
      finding(
        wall.what === 'cover' ? 'POO-27.prime' : 'POO-08.prime',
        subject,
        {
          what,
          speed: fig('speed', speed),
          flow: fig('waterFlow', flow_m3h),
          wall: WALL_WORDS[wall.what],
          limit: fig('waterFlow', wall.flow_m3h),
          allowed: fig('speed', settable_rpm(profile, allowed.speed_rpm)),
        },
        [place],
      ),
    ];
  });
}

function caps({ context, settings, subject, at }: CheckInput): Finding[] {
  const { limit_rpm, prime } = settings;
  const clamps = context.profile.behaviours.limitClamps;
  if (limit_rpm === null) return [];
  const addresses = [at('speed.greatest')];
  const wanted = [
    ...(clamps.includes('prime') && prime.way !== 'off'
      ? [{ what: 'the prime', speed: prime.speed_rpm }]
      : []),
    ...(clamps.includes('boost')
      ? storedTimedRuns(settings).map((run) => ({ what: timedWords(run), speed: run.speed_rpm }))
      : []),
  ];
  return wanted.flatMap(({ what, speed }) =>
    speed !== null && speed > limit_rpm
      ? [
          finding(
            'POO-09',
            subject,
            { what, limit: fig('speed', limit_rpm), wanted: fig('speed', speed) },
            addresses,
          ),
        ]
      : [],
  );
}

function timedWords({ slot }: StoredTimedRun): string {
  return slot === null ? 'boost runs' : `the timed run of key ${slot}`;
}

/** POO-08 of a run by hand: the limit keeps programs within the walls, and does not cap this one. */
function handRuns({ context, settings, pump, subject, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const allowed = wallSpeed(duty, pump);
  if (!allowed) return [];
  return storedTimedRuns(settings).flatMap((run) => {
    const speed = handSpeed_rpm(profile, settings, run.speed_rpm);
    // what the limit itself lets through is told of the limit
    if (speed <= settings.greatest_rpm) return [];
    const flow_m3h = cleanFlow_m3h(duty, pump, speed);
    const wall = wallsOf(duty).find((one) => passes(flow_m3h, one));
    if (!wall) return [];
    return [
      finding(
        'POO-08.timed',
        subject,
        {
          what: run.slot === null ? 'The boost run' : `The timed run of key ${run.slot}`,
          speed: fig('speed', speed),
          flow: fig('waterFlow', flow_m3h),
          wall: WALL_WORDS[wall.what],
          limit: fig('waterFlow', wall.flow_m3h),
          allowed: fig('speed', settable_rpm(profile, allowed.speed_rpm)),
        },
        [run.slot === null ? at('boost.speed') : at('program.speed', run.slot)],
      ),
    ];
  });
}

function turnover({ sums, subject }: CheckInput): Finding[] {
  return (sums?.waters ?? []).flatMap(({ names, needed_m3, daily_m3 }) => {
    const least = Math.min(...daily_m3);
    if (least >= needed_m3 * (1 - THRESHOLDS.volumeDust)) return [];
    return [
      finding('POO-22', subject, {
        body: names.join(' and '),
        day: DAY_NAMES[daily_m3.indexOf(least)],
        moved: fig('waterVolume', least),
        needed: fig('waterVolume', needed_m3),
      }),
    ];
  });
}

function needs(input: CheckInput): Finding[] {
  const { context, subject, pump, week } = input;
  if (!week) return [];
  return context.duty.needs.flatMap((need) => {
    const circuit = context.duty.circuits.find(({ name }) => name === need.circuit);
    if (!circuit) return [];
    const wanted = need.hours === null ? need.to - need.from : need.hours * 60;
    const short = DAY_NAMES.findIndex(
      (_, day) =>
        onDay(need.days, day + 1) && given_min(input, need, circuit, day) < wanted - allowed_min(wanted),
    );
    if (short < 0) return [];
    const speed = leastSpeed_rpm(pump, circuit, context.profile.behaviours.speed.step_rpm);
    return [
      finding('POO-22.need', subject, {
        circuit: circuit.name,
        day: DAY_NAMES[short],
        given: fig('hours', given_min(input, need, circuit, short) / 60),
        flow: fig('waterFlow', circuit.leastFlow_m3h),
        wanted: fig('hours', wanted / 60),
        speed: fig('speed', speed),
      }),
    ];
  });
}

/** A start costs a need the minutes of its prime, which nobody would call a lack; of a short need no more than a part. */
function allowed_min(wanted_min: number): number {
  return Math.min(10, wanted_min * 0.1);
}

/** Minutes of a need's window on a day in which its circuit gets its flow. */
function given_min({ context, pump, week }: CheckInput, need: Need, circuit: Circuit, day: number): number {
  return served_min(context, pump, week ?? [], circuit, day * DAY_MIN + need.from, day * DAY_MIN + need.to);
}

function rules(input: CheckInput): Finding[] {
  const { context, subject, sums, week, pump, settings } = input;
  const { longestPause_min, leastFlow_m3h, quiet } = context.duty;
  if (!sums || !week) return [];
  const found: Finding[] = [];
  if (longestPause_min !== null && sums.longestPause_min > longestPause_min) {
    found.push(
      finding('POO-27.pause', subject, {
        pause: fig('minutes', sums.longestPause_min),
        limit: fig('minutes', longestPause_min),
      }),
    );
  }
  if (leastFlow_m3h !== null && sums.leastFlow_m3h < leastFlow_m3h * (1 - THRESHOLDS.volumeDust)) {
    found.push(
      finding('POO-27.flow', subject, {
        flow: fig('waterFlow', sums.leastFlow_m3h),
        limit: fig('waterFlow', leastFlow_m3h),
        speed: fig('speed', pump.speedFor_rpm(leastFlow_m3h)),
      }),
    );
  }
  const loud =
    quiet &&
    week.find(
      (stretch) =>
        stretch.cause === 'program' &&
        stretch.speed_rpm > quiet.greatest_rpm &&
        minutesInWindow(stretch, quiet) > 0 &&
        settings.greatest_rpm > quiet.greatest_rpm,
    );
  if (quiet && loud) {
    found.push(
      finding('POO-27.quiet', subject, {
        from: timeOfDay(quiet.from),
        to: timeOfDay(quiet.to),
        speed: fig('speed', loud.speed_rpm),
        limit: fig('speed', quiet.greatest_rpm),
      }),
    );
  }
  return found;
}

const WILL = {
  heater: 'Its flow switch opens, or it overheats.',
  chlorinator: 'Gas gathers in its cell, or its flow switch stops it.',
} as const;

/** POO-12: while heater or chlorinator may work, every running speed must give it its flow. */
function leastFlows({ context, week, pump, subject, settings }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const heated = duty.heat !== null && duty.heat.source !== 'off' && settings.heat.source !== 'off';
  return duty.circuits.flatMap((circuit) => {
    const { kind } = circuit;
    if (kind !== 'heater' && kind !== 'chlorinator') return [];
    if (kind === 'heater' ? !heated : !duty.chlorinator) return [];
    // a panel that switches the circuit gives it its own speed
    if (profile.behaviours.kind === 'panel' && circuit.place !== null) {
      const own = settings.circuits.find(({ place }) => place === circuit.place)?.speed_rpm ?? null;
      return own === null ? [] : below(own, circuit);
    }
    const windows = duty.needs.filter((need) => need.circuit === circuit.name);
    // every minute of a stretch counts, not the one it begins with
    const working = (stretch: RunStretch) =>
      windows.length === 0 || windows.some((need) => minutesInWindow(stretch, need, need.days) > 0);
    const slow = (week ?? [])
      .filter((stretch) => stretch.cause === 'program' && working(stretch))
      .map(({ speed_rpm }) => speed_rpm);
    return slow.length === 0 ? [] : below(Math.min(...slow), circuit);
  });

  function below(speed_rpm: number, circuit: Circuit): Finding[] {
    const flow = pump.flow_m3h(speed_rpm, circuit.static_m);
    if (flow >= circuit.leastFlow_m3h * (1 - THRESHOLDS.volumeDust)) return [];
    return [
      finding('POO-12', subject, {
        what: circuit.name,
        will: WILL[circuit.kind as keyof typeof WILL],
        limit: fig('waterFlow', circuit.leastFlow_m3h),
        flow: fig('waterFlow', flow),
        speed: fig('speed', leastSpeed_rpm(pump, circuit, profile.behaviours.speed.step_rpm)),
      }),
    ];
  }
}
