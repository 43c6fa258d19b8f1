import type { CommandBody } from '@barythm/contract/commands';
import {
  type CheckKey,
  planMetering,
  understand,
  expectedAt,
  type MeteringContext,
  type MeteringDuty,
} from '@barythm/core/families/metering';
import {
  MAKE_SAFE_STEPS,
  plannedTargets,
  viewJob,
  type JobDocument,
  type RecordBody,
} from '@barythm/core/job';
import { addressOf, inOrderOfWork, type SettingValue } from '@barythm/core/profile';
import { stateOf } from '@barythm/core/sheet';
import { siteDate } from '@barythm/core/time';
import type { Database } from '../db';
import { carryOut, loadJob } from '../jobs';
import { ZONE } from './skerrow';

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
export class DemoJob {
  private minutes = 0;
  private version = 0;

  private constructor(
    private readonly database: Database,
    private readonly jobId: string,
    private readonly startedAt: string,
  ) {}

  static async start(database: Database, pumpId: string, startedAt: string): Promise<DemoJob> {
    const job = new DemoJob(database, `job-${pumpId}-${siteDate(startedAt, ZONE)}`, startedAt);
    const date = siteDate(startedAt, ZONE);
    await job.send({ kind: 'job.start', jobId: job.jobId, pumpId, visitId: `visit-${pumpId}-${date}`, date });
    return job;
  }

  private instant(): string {
    return new Date(Date.parse(this.startedAt) + this.minutes * 60_000).toISOString();
  }

  private async send(body: CommandBody): Promise<void> {
    const recordedAt = this.instant();
    this.minutes += 1;
    made += 1;
    const answer = await carryOut(this.database, () => recordedAt, {
      id: demoId(recordedAt, made),
      baseVersion: this.version,
      recordedAt,
      device: 'demo',
      actor: 'Technician 1',
      body,
    });
    this.version = answer.version;
  }

  async document(): Promise<JobDocument> {
    const document = await loadJob(this.database.models, this.jobId);
    if (!document) throw new Error(`The demo job ${this.jobId} was not written.`);
    return document;
  }

  private id(what: string): string {
    return `${this.jobId}-${what}-${this.version + 1}`;
  }

  async record(record: RecordBody): Promise<void> {
    await this.send({ kind: 'job.record', jobId: this.jobId, recordId: this.id('record'), record });
  }

  /** Make-safe, plate, readings on arrival, and the clock where there is one. */
  async arrive(now: {
    current_mA: number | null;
    display_m3h: number;
    rate_spm: number;
    residual_mgl: number | null;
    counter?: number;
  }): Promise<void> {
    const { unit, pump, profile } = await this.document();
    await this.record({ kind: 'make-safe', steps: MAKE_SAFE_STEPS.map((step) => step.key) });
    await this.record({
      kind: 'identify',
      plate: unit.plate,
      serial: unit.serial,
      controllerAsProfile: true,
      signalFrom: pump.signalFrom ?? 'flow',
      note: '',
    });
    await this.record({
      kind: 'readings-now',
      ...now,
      rateBy: 'tap',
      pressure_bar: null,
      counter: now.counter ?? null,
      unreadable: { pressure_bar: 'No gauge fitted.' },
    });
    if (profile.behaviours.hasClock) {
      await this.record({ kind: 'clock', error_min: 3, setRight: true, reason: null });
    }
  }

  async found(values: Record<string, SettingValue>): Promise<void> {
    const { profile } = await this.document();
    for (const parameter of inOrderOfWork(profile)) {
      const value = values[parameter.key];
      if (value !== undefined) await this.enter(addressOf(parameter), 'found', value, parameter.unit ?? '');
    }
  }

  private async enter(address: string, column: 'found' | 'left', value: SettingValue, unit: string) {
    await this.send({
      kind: 'sheet.enter',
      jobId: this.jobId,
      entryId: this.id('entry'),
      address,
      column,
      raw: String(value),
      unit,
      value,
      reason: null,
    });
  }

  /** Plans from the duty with the product's own calculation, and agrees to it. */
  async plan(duty: MeteringDuty): Promise<void> {
    const document = await this.document();
    const view = viewJob({ ...document, dutyBefore: duty }, siteDate(this.startedAt, ZONE));
    const plan = planMetering(view.context as MeteringContext);
    this.minutes += 6;
    await this.send({
      kind: 'plan.accept',
      jobId: this.jobId,
      planId: this.id('plan'),
      duty,
      targets: plannedTargets(document.profile, plan, {}).map((target, i) => ({
        ...target,
        entryId: `${this.id('target')}-${i}`,
      })),
    });
  }

  /** Enters the targets that differ from what was found: all of them, or the first few. */
  async set(most = Infinity): Promise<void> {
    const document = await this.document();
    const view = viewJob(document, siteDate(this.startedAt, ZONE));
    const open = view.rows.filter((row) => stateOf(row) === 'to-do').slice(0, most);
    for (const row of open) {
      this.minutes += 1;
      await this.enter(row.address, 'left', row.target?.value ?? 0, row.target?.unit ?? '');
    }
  }

  /** Proves the usual points; `drift` is how many strokes each count is off, and a flow is read at the last. */
  async prove(drift: readonly number[], flowShare: number): Promise<void> {
    await this.record({ kind: 'discharge-safe', how: 'Discharge led into a container of water.' });
    const view = viewJob(await this.document(), siteDate(this.startedAt, ZONE));
    const context = view.context as MeteringContext;
    const settings = understand(context.profile, context.plate, view.values.force);
    const points = [4, 8, 12, 16, 20, 0];
    const smooth = context.profile.behaviours.smooth !== undefined;
    for (const [i, injected_mA] of points.entries()) {
      const expected = expectedAt(context, settings, injected_mA);
      if (!expected) throw new Error('The demo settings do not give a line to prove.');
      const strokes = expected.rate_spm === 0 ? 0 : expected.rate_spm + (drift[i] ?? 0);
      const withFlow = (smooth || injected_mA === 20) && expected.flow_lph !== null;
      await this.send({
        kind: 'proof.read',
        jobId: this.jobId,
        readingId: this.id('reading'),
        reading: {
          injected_mA,
          shown_mA: context.profile.behaviours.showsSignal ? injected_mA : null,
          strokes: smooth ? null : strokes,
          seconds: smooth ? null : 60,
          flow_lph: withFlow ? Number(((expected.flow_lph ?? 0) * flowShare).toPrecision(3)) : null,
        },
        instrumentId: 'ins-loop',
      });
    }
    await this.record({
      kind: 'live-reading',
      display_m3h: context.duty.water.usual_m3h,
      current_mA: null,
      rate_spm: expectedRate(context, settings),
      residual_mgl: null,
    });
    await this.automatic();
  }

  async automatic(): Promise<void> {
    await this.record({
      kind: 'automatic',
      seen: 'Display shows its mode; strokes follow the flow.',
      leaving: ['covers', 'set-up'],
    });
  }

  /** One check apart from signals; leads the discharge somewhere safe before the first. */
  async check(check: CheckKey, seen: string | null, figures: Record<string, number> = {}): Promise<void> {
    const document = await this.document();
    if (!document.records.some(({ body }) => body.kind === 'discharge-safe')) {
      await this.record({ kind: 'discharge-safe', how: 'Suction in a cylinder of water.' });
    }
    await this.record({ kind: 'check', check, seen, figures, note: '' });
  }

  /** A drawdown: over strokes, or over seconds at a shown flow on a pump that is set in flow. */
  async drawDown(
    runs: { volumes_mL: number[] } & ({ strokes: number } | { seconds: number; shown_lph: number }),
  ): Promise<void> {
    const document = await this.document();
    const { settings, context } = viewJob(document, siteDate(this.startedAt, ZONE));
    const nominal = document.profile.behaviours.smooth?.nominal_mL;
    const full = context?.duty.strokeVolume.full_mL ?? 0;
    const timed = 'seconds' in runs;
    await this.record({
      kind: 'calibration',
      by: timed ? 'time' : 'strokes',
      volumes_mL: runs.volumes_mL,
      amount: timed ? runs.seconds : runs.strokes,
      shown_lph: timed ? runs.shown_lph : null,
      division_mL: 1,
      bubbles: false,
      assumed_mL: nominal ? nominal * settings.factor : (full * (settings.length_pct ?? 100)) / 100,
      length_pct: nominal ? null : settings.length_pct,
      pressure_bar: context?.duty.place.dischargePressure_bar ?? null,
      product: context?.duty.product.name ?? '',
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

function expectedRate(context: MeteringContext, settings: ReturnType<typeof understand>): number {
  const { signal, water } = context.duty;
  if (signal.source !== 'flow') return 0;
  const current = signal.low_mA + ((20 - signal.low_mA) * water.usual_m3h) / signal.span_m3h;
  return expectedAt(context, settings, current)?.rate_spm ?? 0;
}
