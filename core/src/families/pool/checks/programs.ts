import { eachOf } from '../../parts/check-input';
import { THRESHOLDS, type Finding } from '../../../findings';
import { neverRunning, type OverlapRule, type Stretch } from '../../../schedule';
import { daysInWords, timeOfDay } from '../../../time';
import { fig } from '../../../units';
import type { CheckInput } from './input';
import { hasHours, type RunningProgram, type StoredProgram } from '../settings/understand';
import { finding } from '../texts/texts';
import { resolvedWeek } from '../effect/week';

/** POO-01 to POO-07: what programs do other than was meant. */
export function checkPrograms(input: CheckInput): Finding[] {
  return eachOf(input, notEnabled, overlaps, duplicates, startEqualsStop, keyed, outsideLimits, dearHours);
}

/** A stored program in words: `every day 7:00–17:00, 1500 rev/min`. */
export function programWords({ days, start, stop, speed_rpm }: StoredProgram): string {
  const times = `${start === null ? '?' : timeOfDay(start)}–${stop === null ? '?' : timeOfDay(stop)}`;
  return `${days === '' ? '?' : daysInWords(days)} ${times}${speed_rpm === null ? '' : `, ${Math.round(speed_rpm)} rev/min`}`;
}

function stored({ settings }: CheckInput): StoredProgram[] {
  return settings.programs.filter(({ empty }) => !empty);
}

function notEnabled(input: CheckInput): Finding[] {
  const { subject, context, at } = input;
  const parked = stored(input).filter(
    (program) => program.enabled === false && hasHours(context.profile, program),
  );
  const wanted = context.duty.programs;
  return parked.flatMap((program) => {
    // a slot that the plan switched off is meant to be off
    const meant =
      wanted?.some(({ start, stop }) => start === program.start && stop === program.stop) ??
      subject === 'found';
    if (subject === 'target' || (subject === 'left' && !meant)) return [];
    return [
      finding('POO-01', subject, { slot: `${program.slot}`, what: programWords(program) }, [
        at('program.enable', program.slot),
      ]),
    ];
  });
}

const RULES: Readonly<Record<OverlapRule, string>> = {
  'latest-start': 'the latest start wins',
  'highest-speed': 'the highest speed wins',
  'first-slot': 'the first slot wins',
  'last-slot': 'the last slot wins',
};

function overlaps({ context, settings, subject, at }: CheckInput): Finding[] {
  const week = resolvedWeek(context, settings);
  const { overlap } = context.profile.behaviours.programs;
  const never = new Set(neverRunning(week));
  const pairs = new Map<string, { winner: RunningProgram; loser: RunningProgram; minutes: number }>();
  for (const { from, to, program, suppressed } of week) {
    for (const loser of program ? suppressed : []) {
      // on a panel both circuits run: at the speed of the winner, or faster, nothing is taken from the other
      const panel = context.profile.behaviours.kind === 'panel' && loser.circuit !== program!.circuit;
      if (panel && program!.speed >= loser.speed - 1e-9) continue;
      const key = `${program!.slot}>${loser.slot}`;
      const known = pairs.get(key);
      pairs.set(key, { winner: program!, loser, minutes: (known?.minutes ?? 0) + to - from });
    }
  }
  return [...pairs.values()].map(({ winner, loser, minutes }) => {
    const both = [winner, loser].flatMap(({ slot }) => [at('program.start', slot), at('program.stop', slot)]);
    const values = { winner: `${winner.slot}`, loser: `${loser.slot}`, hours: fig('hours', minutes / 60) };
    if (overlap === 'refused') return finding('POO-02.refused', subject, values, both);
    const rule = RULES[overlap];
    if (never.has(loser)) {
      return finding('POO-02.never', subject, { winner: values.winner, loser: values.loser, rule }, both);
    }
    const after = goesOn(week, winner, loser)
      ? 'it goes on when the other ends'
      : 'it does not go on when the other ends';
    return finding('POO-02', subject, { ...values, rule, speed: fig('speed', loser.speed), after }, both);
  });
}

/** Whether a program has the pump right after another that took it from it: as the week runs, not as the rule is called. */
function goesOn(
  week: readonly Stretch<RunningProgram>[],
  winner: RunningProgram,
  loser: RunningProgram,
): boolean {
  return week.some((stretch, i) => {
    const next = week[(i + 1) % week.length];
    return stretch.program === winner && stretch.suppressed.includes(loser) && next.program === loser;
  });
}

function duplicates(input: CheckInput): Finding[] {
  const programs = stored(input).filter(({ enabled }) => enabled !== false);
  const within = THRESHOLDS.duplicateTimes_min;
  return programs.flatMap((one, i) =>
    programs.slice(i + 1).flatMap((other) => {
      const near = (a: number | null, b: number | null) =>
        a !== null && b !== null && Math.abs(a - b) <= within;
      const alike =
        one.days === other.days &&
        one.circuit === other.circuit &&
        one.speed_rpm === other.speed_rpm &&
        near(one.start, other.start) &&
        near(one.stop, other.stop);
      if (!alike) return [];
      return [
        finding(
          'POO-03',
          input.subject,
          { one: `${one.slot}`, other: `${other.slot}`, within: fig('minutes', within) },
          [input.at('program.start', one.slot), input.at('program.start', other.slot)],
        ),
      ];
    }),
  );
}

function startEqualsStop(input: CheckInput): Finding[] {
  const { context, subject, at } = input;
  const habit = context.profile.behaviours.programs.startEqualsStop;
  return stored(input).flatMap(({ slot, start, stop, enabled, speed_rpm, timed }) => {
    if (start === null || start !== stop || enabled === false || timed) return [];
    // 0:00 to 0:00 is how an empty slot looks where that means off
    if (habit === 'off' && start === 0) return [];
    if (habit === 'all-day' && subject === 'target') return [];
    const speed = speed_rpm === null ? 'a speed that was not read' : fig('speed', speed_rpm);
    const values = { slot: `${slot}`, time: timeOfDay(start), speed };
    return [
      finding(`POO-04.${habit}`, subject, values, [at('program.start', slot), at('program.stop', slot)]),
    ];
  });
}

function keyed(input: CheckInput): Finding[] {
  const { context, subject, at } = input;
  const keys = context.profile.behaviours.programs;
  return stored(input).flatMap((program) => {
    const { slot, enabled, timed } = program;
    if (enabled === false || !hasHours(context.profile, program)) return [];
    const address = [at('program.start', slot)];
    if (timed) return [finding('POO-06', subject, { slot: `${slot}` }, address)];
    // with every free slot in use there is no other place for it
    return keys.keyed.includes(slot) && context.duty.choices.keys !== 'first-slots'
      ? [finding('POO-05', subject, { slot: `${slot}` }, address)]
      : [];
  });
}

function outsideLimits(input: CheckInput): Finding[] {
  const { context, settings, subject, at } = input;
  const { least_rpm, greatest_rpm } = settings;
  const limits = { least: fig('speed', least_rpm), greatest: fig('speed', greatest_rpm) };
  const addresses = [at('speed.least'), at('speed.greatest')];
  if (least_rpm > greatest_rpm) return [finding('ANY-10.speeds', subject, limits, addresses)];
  const outside = (speed: number | null): speed is number =>
    speed !== null && (speed > greatest_rpm || speed < least_rpm);
  const panel = settings.circuits.length > 0;
  const programs = panel
    ? []
    : stored(input).filter((program) => program.enabled !== false && hasHours(context.profile, program));
  return [
    ...programs.flatMap(({ slot, speed_rpm }) =>
      outside(speed_rpm)
        ? [
            finding(
              'ANY-10.speed',
              subject,
              { ...limits, what: `The speed of program ${slot}`, value: fig('speed', speed_rpm) },
              [at('program.speed', slot)],
            ),
          ]
        : [],
    ),
    ...settings.circuits.flatMap(({ place, speed_rpm }) =>
      outside(speed_rpm)
        ? [
            finding(
              'ANY-10.speed',
              subject,
              { ...limits, what: `The speed of circuit ${place}`, value: fig('speed', speed_rpm) },
              [at('circuit.speed', place)],
            ),
          ]
        : [],
    ),
  ];
}

function dearHours({ sums, subject, context }: CheckInput): Finding[] {
  if (!sums || sums.dearShare <= THRESHOLDS.dearShare) return [];
  return [
    finding('POO-07', subject, {
      share: fig('percent', sums.dearShare * 100),
      limit: fig('percent', THRESHOLDS.dearShare * 100),
      hours: fig('hours', sums.dearHours),
      cost: `${sums.costMonth.toFixed(2)} ${context.duty.tariff.currency}`,
      // what was just planned is not advised again
      cure:
        subject !== 'target'
          ? 'Move the runs into other hours, as in the plan.'
          : context.duty.programs === null
            ? 'Move the runs, or let the cheapest plan look for other hours.'
            : 'Turnover, needs and pauses hold the runs there: lower what is required, or leave it so.',
    }),
  ];
}
