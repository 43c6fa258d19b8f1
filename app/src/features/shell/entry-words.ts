import type { Command } from '@barythm/contract/commands';
import { receivedWords, recordName } from '@barythm/core/words';
import type { JobDocument } from '@barythm/core/families';

/**
 * What a write says, for a person who has to decide on it: which pump, which entry, what was typed.
 *
 * @param document the job as it is known here; null where it is not
 */
export function entryWords({ body }: Command, document: JobDocument | null): string {
  const pump = document ? `${document.pump.tag}, ${document.pump.name}: ` : '';
  return `${pump}${said(body, document)}`;
}

function said(body: Command['body'], document: JobDocument | null): string {
  switch (body.kind) {
    case 'job.start':
      return `the start of a job for ${body.date}`;
    case 'job.move':
      return `another day: ${body.date}`;
    case 'sheet.enter':
      return `${labelOf(body.address, document)} ${column(body.column)}: ${typed(body)}`;
    case 'sheet.enter-many':
      return `${body.entries.length} settings ${column(body.column)}: ${body.entries
        .slice(0, 4)
        .map((entry) => `${labelOf(entry.address, document)} ${typed(entry)}`)
        .join(', ')}${body.entries.length > 4 ? ', …' : ''}`;
    case 'plan.accept':
      return `a plan with ${body.targets.length} targets`;
    case 'target.choose':
      return `${labelOf(body.address, document)}, target ${CHOSEN[body.by]}${body.by === 'hand' ? `: ${typed({ ...body, raw: String(body.value) })}` : ''}`;
    case 'proof.read':
      return 'a reading of a signal point';
    case 'finding.decide':
      return `the decision on ${body.code}: “${body.reason}”`;
    case 'job.hand-over':
      return `the hand-over: ${receivedWords(body).toLowerCase()}`;
    case 'job.record':
      return recordWords(body.record);
  }
}

const CHOSEN = { hand: 'by hand', found: 'as found', plan: 'as planned' } as const;

const column = (name: 'found' | 'left') => (name === 'found' ? 'as found' : 'as left');

function typed({
  raw,
  unit,
  value,
  reason,
}: {
  raw: string;
  unit: string;
  value: unknown;
  reason: string | null;
}) {
  return value === null ? `not readable (${reason ?? ''})` : `${raw} ${unit}`.trim();
}

function labelOf(address: string, document: JobDocument | null): string {
  const [group, index, key] = address.split('/');
  const parameter = document?.profile.parameters.find((one) => one.key === key && one.group === group);
  return parameter ? `${parameter.label}${index === '1' ? '' : ` ${index}`}` : address;
}

function recordWords(record: { readonly kind: string }): string {
  const known = recordName(record.kind);
  const figures = Object.entries(record)
    .filter(
      ([key, value]) =>
        key !== 'kind' &&
        key !== 'id' &&
        (typeof value === 'number' || (typeof value === 'string' && value !== '')),
    )
    .map(([key, value]) => `${key.replace(/_(\w+)$/, ' in $1')} ${value}`);
  return `${known ?? `a record (${record.kind})`}${figures.length > 0 ? `: ${figures.slice(0, 6).join(', ')}` : ''}`;
}
