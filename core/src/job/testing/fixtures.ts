import { DUTY, MOTOR, SOUND_MOTOR, TODAY } from '../../families/metering/fixtures';
import { addressOf, contentHash, parameterAt, type SettingValue } from '../../profile';
import { applyCommand } from '../apply';
import { refusalOf } from '../refusals';
import { plannedTargets } from '../sheet/planned-targets';
import { type MeteringView, planMetering, REASONS } from '../../families/metering';
import { viewJob } from '../view';
import { isViewOf, familyOf, type JobCommandBody, type JobDocument, type RecordBody } from '../../families';

/** For tests only: a job on the motor pump, nothing written yet. */
export const BLANK: JobDocument = {
  job: {
    id: 'job-1',
    state: 'planned',
    version: 0,
    startedAt: '2026-11-24T08:00:00.000Z',
    plannedFor: TODAY,
    actor: 'Technician 1',
  },
  site: { id: 'site-1', name: 'Seal Rescue Centre', place: 'North Quay', zone: 'Atlantic/Faroe' },
  pump: { id: 'pump-1', tag: 'SRC-DP-01', name: 'Hypochlorite', place: 'Pump house', signalFrom: 'flow' },
  unit: {
    id: 'unit-1',
    model: 'Motor metering pump',
    serial: 'MM-1',
    plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
  },
  profile: MOTOR,
  profileHash: contentHash(MOTOR),
  dutyBefore: DUTY,
  lastLeft: null,
  instruments: [{ id: 'ins-1', name: 'Loop calibrator', serial: 'LC-1', calibratedOn: '2026-06-01' }],
  plans: [],
  entries: [],
  records: [],
  readings: [],
  decisions: [],
  handover: null,
};

export const address = (key: string): string => addressOf(MOTOR.parameters.find((p) => p.key === key)!);

/** The job's view, known to be of a metering pump. */
export function meteringView(document: JobDocument): MeteringView {
  const view = viewJob(document, TODAY);
  if (!isViewOf('metering', view)) throw new Error('This fixture is a metering pump.');
  return view;
}

/** Writes to a job as a technician would; throws when the job does not allow it. */
export class Writer {
  constructor(public document: JobDocument = BLANK) {}

  private count = 0;

  write(body: JobCommandBody): this {
    const refusal = refusalOf(this.document, body, TODAY);
    if (refusal) throw new Error(`${refusal.code}: ${refusal.words}`);
    this.count += 1;
    const command = {
      id: `c-${this.count}`,
      baseVersion: this.document.job.version,
      recordedAt: '2026-11-24T09:00:00.000Z',
      device: 'test',
      actor: 'Technician 1',
      body,
    };
    this.document = applyCommand(this.document, command, TODAY);
    return this;
  }

  record(record: RecordBody): this {
    return this.write({ kind: 'job.record', jobId: 'job-1', recordId: `r-${this.count}`, record });
  }

  enter(
    column: 'found' | 'left',
    key: string,
    value: SettingValue | null,
    reason: string | null = null,
  ): this {
    const at = address(key);
    return this.write({
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: `e-${this.count}`,
      address: at,
      column,
      raw: String(value ?? ''),
      unit: parameterAt(MOTOR, at)?.unit ?? '',
      value,
      reason,
    });
  }

  makeSafe(): this {
    return this.record({
      kind: 'make-safe',
      steps: familyOf('metering').arrival.makeSafe.map((step) => step.key),
    });
  }

  identify(gear = 'B'): this {
    return this.record({
      kind: 'identify',
      plate: { gear, greatest_spm: null, rated_bar: null },
      serial: 'MM-1',
      controllerAsProfile: true,
      signalFrom: 'flow',
      note: '',
    });
  }

  found(changed: Record<string, SettingValue> = {}): this {
    for (const [key, value] of Object.entries({ ...SOUND_MOTOR, ...changed })) {
      if (value !== undefined) this.enter('found', key, value);
    }
    return this;
  }

  plan(): this {
    const { context } = meteringView(this.document);
    const targets = plannedTargets(MOTOR, planMetering(context!), REASONS);
    return this.write({
      kind: 'plan.accept',
      jobId: 'job-1',
      planId: `p-${this.count}`,
      duty: context!.duty,
      targets: targets.map((target, i) => ({ ...target, entryId: `t-${this.count}-${i}` })),
    });
  }

  read(injected_mA: number, strokes: number, flow_lph: number | null = null): this {
    return this.write({
      kind: 'proof.read',
      jobId: 'job-1',
      readingId: `read-${this.count}`,
      reading: { injected_mA, shown_mA: null, strokes, seconds: 60, flow_lph },
      instrumentId: 'ins-1',
    });
  }

  handOver(): this {
    return this.write({
      kind: 'job.hand-over',
      jobId: 'job-1',
      handoverId: 'h-1',
      signedAs: 'Visitor',
      signature: { width: 100, height: 50, paths: ['M 1 1 L 20 20'] },
      nextDue: '2027-05-24',
    });
  }
}

/** A job on the badly set pump: read 0–20 at a 60 % stroke, planned, everything set. */
export function badlySet(): Writer {
  return new Writer().makeSafe().identify().found({ length: 60, range: '0-20' }).plan();
}
