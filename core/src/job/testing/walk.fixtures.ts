import {
  familyOf,
  type AnyProfile,
  type Duty,
  type Plate,
  type JobCommandBody,
  type JobDocument,
  type RecordBody,
} from '../../families';
import { fingerprintOf, type Finding } from '../../findings';
import { addressOf, contentHash, parameterAt, type SettingValue } from '../../profile';
import type { CheckBody, FiguresRead, ProofCheck } from '../../proof';
import { stateOf, type TargetBy } from '../../sheet';
import { applyCommand } from '../apply';
import { benchDay } from '../bench/bench';
import { refusalOf } from '../refusals';
import { offeredChecks } from '../proof/offered-checks';
import { plannedTargets } from '../sheet/planned-targets';
import { viewJob, type JobView } from '../view';

/** For tests only: a pump of any family, with what is found on it. */
export interface Sample {
  readonly profile: AnyProfile;
  readonly duty: Duty;
  readonly plate: Plate;
  readonly found: Readonly<Record<string, SettingValue | undefined>>;
}

/** A job on it as it begins: of a few settings, where that is said; on a pump whose duty nobody knows, where it is null. */
interface Begun extends Omit<Sample, 'found' | 'duty'> {
  readonly duty: Duty | null;
  readonly small?: true;
}

export const TODAY = '2026-11-24';

/** A technician who does a whole job on a pump of any family, asking its family alone what there is to do. */
export class Walk {
  document: JobDocument;
  private count = 0;

  constructor({ profile, duty, plate, small }: Begun) {
    this.document = {
      job: {
        id: 'job-1',
        state: 'planned',
        version: 0,
        startedAt: '2026-11-24T08:00:00.000Z',
        plannedFor: TODAY,
        actor: 'Technician 1',
        ...(small ? { small } : {}),
      },
      site: { id: 'site-1', name: 'A site', place: 'Skerrow', zone: 'Atlantic/Faroe' },
      pump: { id: 'pump-1', tag: 'A-1', name: 'A pump', place: 'A room', signalFrom: null },
      unit: { id: 'unit-1', model: 'One', serial: 'S-1', plate },
      profile,
      profileHash: contentHash(profile),
      dutyBefore: duty,
      lastLeft: null,
      instruments: [],
      plans: [],
      entries: [],
      records: [],
      readings: [],
      decisions: [],
      handover: null,
    };
  }

  get view(): JobView {
    return viewJob(this.document, TODAY);
  }

  private get family() {
    return familyOf(this.document.profile.family);
  }

  private id(): string {
    this.count += 1;
    return `id-${this.count}`;
  }

  /** Writes; throws where the job does not allow it. */
  write(body: JobCommandBody): void {
    const refusal = refusalOf(this.document, body, TODAY);
    if (refusal) throw new Error(`${refusal.code} at ${refusal.field}: ${refusal.words}`);
    this.apply(body);
  }

  private apply(body: JobCommandBody): void {
    const { version } = this.document.job;
    const envelope = { id: this.id(), device: 'test', actor: 'Technician 1' };
    const recordedAt = new Date(Date.parse('2026-11-24T09:00:00Z') + this.count * 60_000).toISOString();
    const command = { ...envelope, baseVersion: version, recordedAt, body };
    this.document = applyCommand(this.document, command, TODAY, benchDay);
  }

  /** Writes a record that was taken once, whatever the rules of this moment say of it. */
  written(record: RecordBody): void {
    this.apply({ kind: 'job.record', jobId: 'job-1', recordId: this.id(), record });
  }

  record(record: RecordBody): void {
    this.write({ kind: 'job.record', jobId: 'job-1', recordId: this.id(), record });
  }

  /** Takes back what was written by a slip. */
  takeBack(id: string): void {
    this.record({ kind: 'taken-back', id });
  }

  arrive(): void {
    const { readings } = this.family.arrival;
    const figures = Object.fromEntries(readings.fields(this.document).map(({ key }, i) => [key, i + 1]));
    const state = readings.states?.[0].value ?? null;
    this.record(readings.body({ figures, unreadable: {}, by: {}, state }));
    this.record({ kind: 'make-safe', steps: this.family.arrival.makeSafe.map(({ key }) => key) });
    const { plate, serial } = this.document.unit;
    this.record({ kind: 'identify', plate, serial, controllerAsProfile: true, note: '' });
    if (this.document.profile.behaviours.hasClock)
      this.record({ kind: 'clock', error_min: 0, setRight: false, reason: null });
  }

  /** Records every setting as found, or those of some addresses; what the sample does not hold could not be read. */
  found(values: Sample['found'], addresses?: readonly string[]): void {
    // what is fixed nobody reads
    const read = this.view.parameters.filter(
      (parameter) => !parameter.fixed && (addresses?.includes(addressOf(parameter)) ?? true),
    );
    const entries = read.map((parameter) => {
      const value = values[parameter.key] ?? null;
      const raw = String(value ?? '');
      const reason = value === null ? 'Its display is broken.' : null;
      const unit = parameter.unit ?? '';
      return { entryId: this.id(), address: addressOf(parameter), raw, unit, value, reason };
    });
    this.write({ kind: 'sheet.enter-many', jobId: 'job-1', column: 'found', entries });
  }

  plan(): void {
    const { context, document } = this.view;
    if (!context) throw new Error('There is no duty to plan for.');
    const targets = plannedTargets(document.profile, this.family.plan(context), this.family.reasons);
    this.write({
      kind: 'plan.accept',
      jobId: 'job-1',
      planId: this.id(),
      duty: context.duty,
      targets: targets.map((target) => ({ ...target, entryId: this.id() })),
    });
  }

  /** Chooses the target of a setting: by hand where a value is given, else as found or the plan's again. */
  choose(address: string, value: SettingValue | null, reason = 'Try-out', by?: TargetBy): void {
    this.write({
      kind: 'target.choose',
      jobId: 'job-1',
      entryId: this.id(),
      address,
      by: by ?? (value === null ? 'found' : 'hand'),
      value,
      unit: parameterAt(this.document.profile, address)?.unit ?? '',
      reason,
    });
  }

  /** Enters every target that is still to be entered, and what the entering of another put back. Answers how many. */
  set(): number {
    const next = () => this.view.rows.find((row) => stateOf(row) === 'to-do' && row.target);
    let entered = 0;
    for (let row = next(); row?.target; row = next()) {
      const { value, unit } = row.target;
      this.write({
        kind: 'sheet.enter',
        jobId: 'job-1',
        entryId: this.id(),
        address: row.address,
        column: 'left',
        raw: String(value),
        unit,
        value,
        reason: null,
      });
      entered += 1;
    }
    return entered;
  }

  /** Tries every check that is asked for, and sees what is expected. Answers which. */
  prove(): readonly ProofCheck[] {
    this.record({ kind: 'discharge-safe', how: 'Into a container.' });
    const checks = offeredChecks(this.view);
    for (const check of checks) this.record({ kind: 'check', note: '', ...seenAt(check, true) });
    return checks;
  }

  leave(): void {
    this.record({
      kind: 'automatic',
      seen: 'It runs by itself.',
      leaving: ['covers', 'set-up', 'link', 'afar'],
    });
    // what is left open is accepted in writing: this walk is about the way, not about a good pump
    const stops = [...this.view.findings.job, ...this.view.findings.left].filter(
      ({ severity }) => severity === 'stop',
    );
    for (const stop of stops) this.accept(stop);
    this.write({
      kind: 'job.hand-over',
      jobId: 'job-1',
      handoverId: this.id(),
      signedAs: 'Visitor',
      signature: { width: 100, height: 50, paths: ['M 1 1 L 20 20'] },
      nextDue: null,
    });
  }

  /** Accepts what keeps *Set* closed: for walks that are about the way, not about a good pump. */
  acceptStops(): void {
    for (const stop of this.view.findings.target) if (stop.severity === 'stop') this.accept(stop);
  }

  accept(finding: Finding): void {
    this.write({
      kind: 'finding.decide',
      jobId: 'job-1',
      decisionId: this.id(),
      code: finding.code,
      fingerprint: fingerprintOf(finding),
      decision: 'accepted',
      reason: 'The customer knows.',
    });
  }
}

/** What is seen at a check: as it is expected, or something that it is not. */
export function seenAt({ key, ask }: ProofCheck, right: boolean): CheckBody {
  const figures = (read: Record<string, number>): CheckBody => ({ check: key, seen: null, figures: read });
  switch (ask.kind) {
    case 'state': {
      const other = ask.states.find(({ value }) => value !== ask.expected)!;
      return { check: key, seen: right ? ask.expected : other.value, figures: {} };
    }
    case 'figure': {
      const middle = (ask.least + ask.greatest) / 2;
      return figures({ [ask.figure.key]: right ? middle : ask.greatest * 2 + 10 });
    }
    case 'compare':
      return figures({ [ask.shown.key]: 20, [ask.reference.key]: right ? 20 : 20 + ask.within * 2 + 1 });
    case 'figures':
      return figures(readTogether(ask, right));
  }
}

/** Figures that a rule of a family’s own takes, or does not: the strokes are tried one by one. */
function readTogether(ask: Extract<ProofCheck['ask'], { kind: 'figures' }>, right: boolean): FiguresRead {
  const read = (strokes: number): FiguresRead =>
    Object.fromEntries(ask.figures.map(({ key }) => [key, { strokes, seconds: 60, pulses: 100 }[key] ?? 1]));
  for (let strokes = 0; strokes <= 2000; strokes++) {
    if (ask.judge(read(strokes), null).ok === right) return read(strokes);
  }
  throw new Error(`No count is ${right ? 'taken' : 'refused'}.`);
}
