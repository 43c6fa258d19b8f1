import {
  judgeCheck as judged,
  slip,
  type CheckBody,
  type CheckVerdict,
  type FiguresRead,
  type Pattern,
  type ProofCheck,
} from '../../../proof';
import type { PoolContext } from '../settings/context';
import { pumpOf } from '../effect/hydraulics';
import { POWER_TOLERANCE } from './checks';
import type { JobGround } from '../../family';
import { standsAs, VOIDED } from '../../../visit';
import type { PoolKind } from '../kind';

/** Judges what was seen against a check; a sensor that is off says by how much. */
export function judgeCheck(
  check: ProofCheck,
  body: CheckBody,
  first: FiguresRead | null = null,
): CheckVerdict {
  return judged(check, body, first, ({ about }, { figures: { shown_C, reference_C } }) =>
    about?.kind === 'sensor' && Number.isFinite(shown_C) && Number.isFinite(reference_C)
      ? sensorSlip(reference_C - shown_C)
      : null,
  );
}

function sensorSlip(off_K: number): Pattern {
  return slip(
    'POO-19',
    'sensor',
    'The sensor is off',
    `Enter an offset of ${off_K > 0 ? '+' : '−'}${Math.abs(off_K).toFixed(1)} K on top of the one that is set, and compare again.`,
  );
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
