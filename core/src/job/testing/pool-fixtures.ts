import { planPool, POOL_REASONS, type PoolView, type PoolProfile, type PoolDuty } from '../../families/pool';
import { DUTY, TEN_SLOTS, TODAY } from '../../families/pool/fixtures';
import { addressOf, contentHash, inOrderOfWork, type SettingValue } from '../../profile';
import { stateOf } from '../../sheet';
import { applyCommand } from '../apply';
import { BLANK } from './fixtures';
import { refusalOf } from '../refusals';
import { plannedTargets } from '../sheet/planned-targets';
import { viewJob } from '../view';
import { isViewOf, familyOf, type JobCommandBody, type JobDocument, type RecordBody } from '../../families';

/** For tests only: a job on a pool pump, nothing written yet. */
export const blankPoolJob = (profile: PoolProfile, duty: PoolDuty): JobDocument => ({
  ...BLANK,
  pump: { ...BLANK.pump, tag: 'CLI-PP-01', name: 'Therapy pool', signalFrom: null },
  unit: { ...BLANK.unit, plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' } },
  profile,
  profileHash: contentHash(profile),
  dutyBefore: duty,
});

/** Writes to a pool job as a technician would; throws when the job does not allow it. */
export class PoolWriter {
  private count = 0;
  constructor(public document: JobDocument = blankPoolJob(TEN_SLOTS, DUTY)) {}
  get view(): PoolView {
    const view = viewJob(this.document, TODAY);
    if (!isViewOf('pool', view)) throw new Error('This fixture is a pool pump.');
    return view;
  }
  codes(): string[] {
    return this.view.findings.job.map(({ text }) => text);
  }
  write(body: JobCommandBody): this {
    const refusal = refusalOf(this.document, body, TODAY);
    if (refusal) throw new Error(`${refusal.code} at ${refusal.field}: ${refusal.words}`);
    this.count += 1;
    const { version } = this.document.job;
    this.document = applyCommand(
      this.document,
      {
        id: `c-${this.count}`,
        baseVersion: version,
        recordedAt: '2026-11-24T09:00:00.000Z',
        device: 'test',
        actor: 'Technician 1',
        body,
      },
      TODAY,
    );
    return this;
  }
  record(record: RecordBody): this {
    return this.write({ kind: 'job.record', jobId: 'job-1', recordId: `r-${this.count}`, record });
  }
  arrive(): this {
    return this.record({ kind: 'make-safe', steps: familyOf('pool').arrival.makeSafe.map(({ key }) => key) })
      .record({
        kind: 'identify',
        plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' },
        serial: 'PD-1',
        controllerAsProfile: true,
        command: 'own',
        note: '',
      })
      .record({ kind: 'clock', error_min: 0, setRight: false, reason: null });
  }
  /** @param confirmed what was known is confirmed with the others, and not read */
  enterMany(
    column: 'found' | 'left',
    values: Readonly<Record<string, SettingValue | undefined>>,
    confirmed = false,
  ): this {
    const read = inOrderOfWork(this.document.profile).filter(({ key }) => values[key] !== undefined);
    return this.write({
      kind: 'sheet.enter-many',
      jobId: 'job-1',
      column,
      entries: read.map((parameter, i) => ({
        entryId: `e-${this.count}-${i}`,
        address: addressOf(parameter),
        raw: String(values[parameter.key]),
        unit: parameter.unit ?? '',
        value: values[parameter.key] ?? null,
        reason: null,
        ...(confirmed && { confirmed: true as const }),
      })),
    });
  }
  plan(): this {
    const { context } = this.view;
    const plan = planPool(context!);
    return this.write({
      kind: 'plan.accept',
      jobId: 'job-1',
      planId: `p-${this.count}`,
      duty: context!.duty,
      targets: plannedTargets(this.document.profile, plan, POOL_REASONS).map((target, i) => ({
        ...target,
        entryId: `t-${this.count}-${i}`,
      })),
    });
  }
  set(): this {
    for (const row of this.view.rows.filter((one) => stateOf(one) === 'to-do')) {
      this.write({
        kind: 'sheet.enter',
        jobId: 'job-1',
        entryId: `l-${this.count}`,
        address: row.address,
        column: 'left',
        raw: String(row.target!.value),
        unit: row.target!.unit,
        value: row.target!.value,
        reason: null,
      });
    }
    return this;
  }
  check(key: string, seen: string | null, figures: Record<string, number> = {}): this {
    return this.record({ kind: 'check', check: key, seen, figures, note: '' });
  }
}

/** What a controller holds as it comes. */
export const defaultsOf = (profile: PoolProfile): Record<string, SettingValue> =>
  Object.fromEntries(
    inOrderOfWork(profile).flatMap(({ key, default: value }) => (value === undefined ? [] : [[key, value]])),
  );
export const FOUND = defaultsOf(TEN_SLOTS);
/** A pump found running fast all day. */
export const badlyRun = ({ confirmed = false }: { confirmed?: boolean } = {}) =>
  new PoolWriter()
    .arrive()
    .enterMany('found', { ...FOUND, start: 420, stop: 1320, speed: 2900, enable: 'on' }, confirmed);
