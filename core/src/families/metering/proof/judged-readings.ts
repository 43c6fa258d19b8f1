import { shown } from '../../parts/arrival-facts';
import { pointsToInject, proofPoints } from './points';
import { judge } from './readings';
import { patternsIn } from './patterns';
import type { MeteringView, MeteringKind } from '../kind';
import type { JudgedReading } from './judged-reading';
import { lineInForce } from '../effect/dose';
import type { MeteringContext } from '../settings/context';
import type { MeteringSettings } from '../settings/understand';
import type { Pattern } from '../../../proof';
import type { JobGround } from '../../family';
import { type ProofReading, sheetRevision, standsAs } from '../../../visit';
import type { MeteringJob } from '../wire/job';

/** The readings that count: not voided by a change since, and the last one at each point. */
export function standing(readings: readonly JudgedReading[]): JudgedReading[] {
  return readings.filter(standsAs);
}

/** Readings that stand and measured a flow as expected: that nothing flows where nothing should proves no volume. */
export function measuredFlows(readings: readonly JudgedReading[]): JudgedReading[] {
  return standing(readings).filter(
    ({ verdict }) => verdict?.ok && verdict.flowOk && (verdict.expected.flow_lph ?? 0) > 0,
  );
}

/** What a reading is judged by. */
export interface ReadingGround {
  readonly context: MeteringContext | null;
  readonly settings: MeteringSettings;
}

/** Each reading against the settings and the plan that stood when it was read. */
export function judgedReadings(
  document: MeteringJob,
  groundAt: (revision: number) => ReadingGround,
): JudgedReading[] {
  const revision = sheetRevision(document);
  const judged = (entry: ProofReading) => {
    const { context, settings } = groundAt(entry.revision);
    return context && judge(context, settings, entry.reading);
  };
  return document.readings.map((entry) => ({
    entry,
    verdict: judged(entry),
    voided: entry.sheetRevision < revision,
    superseded: document.readings.some(
      (later) => later.revision > entry.revision && later.reading.injected_mA === entry.reading.injected_mA,
    ),
  }));
}

/** Revision of the sheet that the first voided reading proved, where none proves the settings of now; null otherwise. */
export function voidedSince({ readings }: Pick<JobGround<MeteringKind>, 'readings'>): number | null {
  const proved = readings.some(({ voided, verdict }) => !voided && verdict?.ok === true);
  const first = readings.find(({ voided }) => voided);
  return first && !proved ? first.entry.sheetRevision : null;
}

/** The known slips that the standing readings and checks point to. */
export function patternsOf({
  context,
  settings,
  readings,
  checks,
}: JobGround<MeteringKind> & { readonly context: MeteringContext }): Pattern[] {
  const counted = standing(readings).map(({ entry }) => entry.reading);
  return [
    ...patternsIn(context, settings, counted),
    ...checks.filter(standsAs).flatMap(({ verdict }) => (verdict.pattern ? [verdict.pattern] : [])),
  ];
}

/** Signal points that nothing proves as things stand now, by their current. */
export function pointsLeft({ context, settings, readings }: MeteringView): string[] {
  if (!context || settings.mode !== 'analog' || !lineInForce(settings)) return [];
  return pointsToInject(proofPoints(context), readings).map((x_mA) => shown('current', x_mA));
}
