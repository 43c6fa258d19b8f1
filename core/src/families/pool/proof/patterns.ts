import {
  judgeCompare,
  judgeFigure,
  judgeState,
  type CheckBody,
  type CheckVerdict,
  type Pattern,
  type ProofCheck,
} from '../../../proof';
import type { PoolContext } from '../settings/context';
import { pumpOf } from '../effect/hydraulics';
import { POWER_TOLERANCE } from './checks';
import type { JobGround } from '../../family';
import { standsAs, VOIDED } from '../../../visit';
import type { PoolKind } from '../kind';

/** Judges what was seen against a check, and names the slip that a failing one points to. */
export function judgeCheck(check: ProofCheck, body: CheckBody): CheckVerdict {
  const { ask } = check;
  const verdict =
    ask.kind === 'figure'
      ? judgeFigure(ask, body)
      : ask.kind === 'compare'
        ? judgeCompare(ask, body)
        : ask.kind === 'state'
          ? judgeState(ask, body)
          : { ok: false, seen: 'not asked for', pattern: null };
  return verdict.ok ? verdict : { ...verdict, pattern: patternOf(check, body) };
}

function patternOf(check: ProofCheck, { seen, figures }: CheckBody): Pattern | null {
  const named = (code: string, kind: Pattern['kind'], title: string, says: string): Pattern => ({
    code,
    kind,
    title,
    words: says,
  });
  if (check.about?.kind === 'start') {
    return seen === 'stands'
      ? named(
          'POO-01',
          'standing',
          'It does not start',
          'Its own enable is off, it stands in manual or on hold, or the clock is off. Look at them in that order.',
        )
      : named(
          'POO-02',
          'speed',
          'Another program has the pump',
          'A program that overlaps wins here, or a limit holds the speed.',
        );
  }
  if (check.about?.kind === 'timed') {
    return seen === 'stands'
      ? named(
          'POO-24',
          'manual',
          'Nothing takes over',
          'It stands in manual or on hold once the run is over: put it in automatic, and try again.',
        )
      : named(
          'POO-06',
          'manual',
          'It does not end by itself',
          'The key starts its slot and not a timed run, or its time was not stored.',
        );
  }
  if (check.key === 'limit') {
    return named(
      'POO-08',
      'speed',
      'The limit does not hold',
      'Runs by hand are not capped on this controller, or the limit was not stored.',
    );
  }
  if (check.key === 'prime') {
    return named(
      'POO-10',
      'standing',
      'It does not prime in its time',
      'Look for air at lid, union and suction valve before the time is made longer.',
    );
  }
  if (check.key === 'dry-prime') {
    return named(
      'POO-10',
      'standing',
      'Nothing stops it when it runs dry',
      'Do not leave it so: a blocked suction ruins the seal. Look for a prime time and a sensing that are set.',
    );
  }
  if (check.key === 'frost-start') {
    return named(
      'POO-11',
      'standing',
      'Frost guard does not do as it is set',
      'Compare its air sensor with a thermometer, and read the set temperature again.',
    );
  }
  if (check.key === 'locked-stop') {
    return named(
      'ANY-11',
      'manual',
      'Stop is locked too',
      'Whoever is held at the suction cannot wait for a password: leave it unlocked, and say so to the operator.',
    );
  }
  if (check.key === 'supply-cut') {
    return seen === 'clock-lost'
      ? named(
          'ANY-12',
          'clock',
          'The clock does not outlast a power cut',
          'Set it again, and tell the customer to look at it after every cut.',
        )
      : named(
          'ANY-12',
          'standing',
          'It does otherwise after a power cut',
          'Read the setting again; a pump that starts when nobody expects it hurts people.',
        );
  }
  if (check.key === 'hold') {
    return named(
      'POO-24',
      'manual',
      'It stays held',
      'It stands in another state: look at its display, and put it in automatic.',
    );
  }
  if (
    check.about?.kind === 'sensor' &&
    Number.isFinite(figures.shown_C) &&
    Number.isFinite(figures.reference_C)
  ) {
    const off = figures.reference_C - figures.shown_C;
    return named(
      'POO-19',
      'sensor',
      'The sensor is off',
      `Enter an offset of ${off > 0 ? '+' : '−'}${Math.abs(off).toFixed(1)} K on top of the one that is set, and compare again.`,
    );
  }
  if (check.about?.kind === 'linked') {
    return named(
      'POO-26',
      'clock',
      'It works while the water stands',
      'Set its times to the new schedule, and see that its flow switch stops it.',
    );
  }
  return null;
}

/** A power that is off by one factor at every speed is not the pump's: another kind of pump is set (POO-20). */
export function powerPattern(
  read: readonly { readonly speed_rpm: number; readonly power_W: number }[],
  context: PoolContext,
): Pattern | null {
  const pump = pumpOf(context.duty);
  const factors = read.map(({ speed_rpm, power_W }) => power_W / pump.power_W(speed_rpm));
  if (factors.length < 2) return null;
  const mean = factors.reduce((sum, factor) => sum + factor, 0) / factors.length;
  const alike = factors.every((factor) => Math.abs(factor / mean - 1) < SAME_FACTOR);
  if (!alike || Math.abs(mean - 1) <= POWER_TOLERANCE) return null;
  return {
    code: 'POO-20',
    kind: 'speed',
    title: 'Another kind of pump is set',
    words: `The power is ${mean.toFixed(2)} times the expected at every speed. Check the kind of pump in the controller, and read an independent meter.`,
  };
}

/** Factors nearer than this are one factor. */
const SAME_FACTOR = 0.06;

/** The slips that the standing checks point to; several powers together may name another kind of pump. */
export function patternsOf({
  context,
  checks,
}: Pick<JobGround<PoolKind>, 'checks'> & { readonly context: PoolContext }): Pattern[] {
  const standing = checks.filter(standsAs);
  const powers = standing.flatMap(({ check, record }) => {
    const { kind, at } = check.about ?? {};
    const power_W = record.body.figures.power_W;
    return kind === 'power' && at !== undefined && power_W !== undefined ? [{ speed_rpm: at, power_W }] : [];
  });
  const kind = powerPattern(powers, context);
  return [
    ...(kind ? [kind] : []),
    ...standing.flatMap(({ verdict }) => (verdict.pattern ? [verdict.pattern] : [])),
  ];
}

/** Revision of the sheet that a check stood on which was set again since, where none proves the settings of now; null otherwise. */
export function voidedSince({ checks }: Pick<JobGround<PoolKind>, 'checks'>): number | null {
  const voided = checks.find(({ voidedWhy }) => voidedWhy === VOIDED.set);
  const proved = checks.some((check) => !check.voided && check.verdict.ok);
  return voided && !proved ? voided.record.revision : null;
}
