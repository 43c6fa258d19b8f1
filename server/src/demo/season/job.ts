import type { CommandBody } from '@barythm/contract/commands';
import { isLockedOff, viewJob, type JobView } from '@barythm/core/job';
import { addressOf, inOrderOfWork, type SettingValue } from '@barythm/core/profile';
import { stateOf } from '@barythm/core/sheet';
import { siteDate } from '@barythm/core/time';
import { carryOutIn, loadJob, type Writing } from '../../jobs';
import { ZONE } from '../shipped';
import { familyOf, type JobDocument, type RecordBody } from '@barythm/core/families';

/** A UUID v7 for an instant and a count: demo data is the same every time it is made for one instant. */
export function demoId(instant: string, count: number): string {
  const time = Date.parse(instant).toString(16).padStart(12, '0');
  const tail = count.toString(16).padStart(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-${tail}`;
}

let made = 0;

/**
 * Plays a technician at one pump: every step is a real command under the real rules, at the instant it was done, so
 * that the history is what the product itself would have written.
 */
export abstract class DemoJob {
  protected minutes = 0;
  private version = 0;

  protected readonly jobId: string;

  constructor(
    private readonly writing: Writing,
    private readonly pumpId: string,
    private readonly startedAt: string,
  ) {
    this.jobId = `job-${pumpId}-${siteDate(startedAt, ZONE)}`;
  }

  /** Opens the job; the first thing done. */
  async start(): Promise<this> {
    const { jobId, pumpId, startedAt } = this;
    const date = siteDate(startedAt, ZONE);
    await this.send({ kind: 'job.start', jobId, pumpId, visitId: `visit-${pumpId}-${date}`, date });
    return this;
  }

  /** What follows from the job on its own day. */
  protected async view(): Promise<JobView> {
    return viewJob(await this.document(), siteDate(this.startedAt, ZONE));
  }

  protected get today(): string {
    return siteDate(this.startedAt, ZONE);
  }

  /** Every make-safe step, confirmed. */
  protected async makeSafe(): Promise<void> {
    const { profile } = await this.document();
    await this.record({
      kind: 'make-safe',
      steps: familyOf(profile.family).arrival.makeSafe.map((step) => step.key),
    });
  }

  /** Its own display, looked at for messages: none stands, and it keeps none. */
  protected async noMessages(): Promise<void> {
    await this.record({ kind: 'messages', shows: '', takenFor: 'nothing', pump: 'runs', lastFaults: [] });
  }

  private instant(): string {
    return new Date(Date.parse(this.startedAt) + this.minutes * 60_000).toISOString();
  }

  protected async send(body: CommandBody): Promise<void> {
    const recordedAt = this.instant();
    this.minutes += 1;
    made += 1;
    const { answer, document } = await carryOutIn(this.writing, () => recordedAt, {
      id: demoId(recordedAt, made),
      baseVersion: this.version,
      recordedAt,
      device: 'demo',
      actor: 'Technician 1',
      body,
    });
    this.version = answer.version;
    this.held = document;
  }

  /** as the last write left it; null before one */
  private held: JobDocument | null = null;

  async document(): Promise<JobDocument> {
    const document =
      this.held ??
      (await loadJob(this.writing.models, this.jobId, { transaction: this.writing.transaction }));
    if (!document) throw new Error(`The demo job ${this.jobId} was not written.`);
    return document;
  }

  protected id(what: string): string {
    return `${this.jobId}-${what}-${this.version + 1}`;
  }

  async record(record: RecordBody): Promise<void> {
    await this.send({ kind: 'job.record', jobId: this.jobId, recordId: this.id('record'), record });
  }

  async found(values: Record<string, SettingValue>): Promise<void> {
    const { profile } = await this.document();
    this.minutes += 4;
    const read = inOrderOfWork(profile).filter(({ key }) => values[key] !== undefined);
    await this.send({
      kind: 'sheet.enter-many',
      jobId: this.jobId,
      column: 'found',
      entries: read.map((parameter, i) => ({
        entryId: `${this.id('entry')}-${i}`,
        address: addressOf(parameter),
        raw: String(values[parameter.key]),
        unit: parameter.unit ?? '',
        value: values[parameter.key],
        reason: null,
      })),
    });
  }

  private async enter(address: string, value: SettingValue, unit: string): Promise<void> {
    await this.send({
      kind: 'sheet.enter',
      jobId: this.jobId,
      entryId: this.id('entry'),
      address,
      column: 'left',
      raw: String(value),
      unit,
      value,
      reason: null,
    });
  }

  /** Enters the targets that differ from what was found: all of them, or the first few. */
  async set(most = Infinity): Promise<void> {
    // a dead display takes nothing
    if (isLockedOff(await this.document())) await this.record({ kind: 'power-back' });
    for (let entered = 0; entered < most; entered++) {
      // each anew: what was entered may have put back what hangs on it
      const { rows } = await this.view();
      const row = rows.find((one) => stateOf(one) === 'to-do');
      if (!row?.target) return;
      this.minutes += 1;
      await this.enter(row.address, row.target.value ?? 0, row.target.unit);
    }
  }

  async automatic(seen = 'Display shows its mode; strokes follow the flow.'): Promise<void> {
    await this.record({
      kind: 'automatic',
      seen,
      leaving: ['covers', 'set-up'],
    });
  }

  async handOver(nextDue: string): Promise<void> {
    await this.send({
      kind: 'job.hand-over',
      jobId: this.jobId,
      handoverId: this.id('handover'),
      signedAs: 'Visitor',
      signature: {
        width: 320,
        height: 120,
        paths: ['M 30 80 L 52 40 L 70 92 L 96 50 L 118 84 L 150 60 L 182 78 L 220 56 L 262 70 L 290 52'],
      },
      nextDue,
    });
  }
}
