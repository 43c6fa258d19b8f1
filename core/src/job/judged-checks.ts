import type { CheckBody, CheckVerdict, ProofCheck } from '../proof';
import type { JobDocument, JobRecord, RecordBody } from './document';
import { sheetRevision } from './working-sheet';

type CheckRecord = JobRecord & { body: Extract<RecordBody, { kind: 'check' }> };

export interface JudgedCheck {
  readonly record: CheckRecord;
  readonly check: ProofCheck;
  readonly verdict: CheckVerdict;
  readonly voided: boolean;
  readonly superseded: boolean;
}

/** Each check that was tried, against what this pump must do; throttled readings are a row of their own kind. */
export function judgedChecks(
  document: JobDocument,
  offered: readonly ProofCheck[],
  judgeCheck: (check: ProofCheck, body: CheckBody, first: CheckBody | null) => CheckVerdict,
): JudgedCheck[] {
  const records = document.records.filter((record): record is CheckRecord => record.body.kind === 'check');
  return records.flatMap((record): JudgedCheck[] => {
    const check = offered.find((candidate) => candidate.key === record.body.check);
    if (!check) return [];
    const revision = sheetRevision(document, check.voidedBy);
    const same = records.filter((other) => other.body.check === record.body.check);
    const row = check.ask.kind === 'throttle';
    const standing = same.filter((other) => other.revision >= revision);
    const first = row && standing[0] && standing[0] !== record ? standing[0].body : null;
    return [
      {
        record,
        check,
        verdict: judgeCheck(check, record.body, first),
        voided: record.revision < revision,
        superseded: !row && same.some((later) => later.revision > record.revision),
      },
    ];
  });
}
