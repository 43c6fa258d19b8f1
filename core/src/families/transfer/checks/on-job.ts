import type { Finding } from '../../../findings';
import { parameterAt } from '../../../profile';
import { fig } from '../../../units';
import { passedBy, recordsOf, standsAs } from '../../../visit';
import type { JobGround } from '../../family';
import type { TransferKind } from '../kind';
import { finding } from '../texts/texts';
import { firstLeft, stepsSaid } from '../../parts/first-steps';
import { FIRST_STEPS, TRANSFER_RECORDS } from '../wire/records';

/** What a job on such a pump leaves open: order of work, direction, float, check valve, kinds that were changed last. */
export function openOn(job: JobGround<TransferKind>): Finding[] {
  const { document, context, checks } = job;
  if (document.job.state === 'planned') return [];
  const found = [...order(job), ...turning(job), ...kindsLast(job)];
  const failing = checks.filter(standsAs).filter(({ verdict }) => !verdict.ok);
  const float = failing.find(({ check }) => check.key === 'float');
  if (float) found.push(finding('LEV-08', 'job', { seen: float.verdict.seen.toLowerCase() }));
  if (failing.some(({ check }) => check.key === 'holds-back')) found.push(finding('LEV-13', 'job', {}));
  if (!context) return found;
  const sound = checks.filter((judged) => standsAs(judged) && judged.verdict.ok);
  const measured = sound.some(({ check }) => check.about?.kind === 'flow');
  if (sound.length > 0 && !measured) found.push(finding('ANY-21.flow', 'job', {}));
  return found;
}

/** LEV-00. */
function order({ document }: JobGround<TransferKind>): Finding[] {
  const left = firstLeft(document, 'transfer-first', FIRST_STEPS, TRANSFER_RECORDS);
  if (!left || left.steps.length === 0) return [];
  return [finding('LEV-00', 'job', { what: stepsSaid(left.steps), why: left.why })];
}

/** LEV-06: direction tried, and leads swapped only when dead. */
function turning({ document, context, checks }: JobGround<TransferKind>): Finding[] {
  const found: Finding[] = passedBy(checks, 'direction') ? [] : [finding('LEV-06', 'job', {})];
  const discharge = context?.profile.behaviours.discharge_min ?? null;
  for (const { body } of recordsOf(document, 'leads-swapped')) {
    const waited = body.waited_min;
    const short = waited === null || (discharge !== null && waited < discharge);
    if (!short && body.provedDead) continue;
    found.push(
      finding('LEV-06.live', 'job', {
        waited: waited === null ? 'for an unknown time' : fig('minutes', waited),
        proved: body.provedDead ? '' : ', not proved dead',
        discharge: discharge === null ? 'what its plate says' : fig('minutes', discharge),
      }),
    );
  }
  return found;
}

const KINDS: ReadonlySet<string> = new Set(['plant', 'pump.kind']);

/** LEV-10: what the change of a kind has rewritten since it was set. */
function kindsLast({ document, rows }: JobGround<TransferKind>): Finding[] {
  const { profile } = document;
  const back = rows.filter((row) => {
    const by = row.rewrittenBy === undefined ? undefined : parameterAt(profile, row.rewrittenBy);
    return by?.role !== undefined && KINDS.has(by.role);
  });
  if (back.length === 0) return [];
  const label = (address: string) => parameterAt(profile, address)?.label ?? address;
  return [
    finding(
      'LEV-10',
      'job',
      {
        kind: label(back[0].rewrittenBy!),
        settings: back.map(({ address }) => label(address)).join(', '),
      },
      back.map(({ address }) => address),
    ),
  ];
}
