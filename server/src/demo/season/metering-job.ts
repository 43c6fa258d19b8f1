import {
  type CheckKey,
  expectedAt,
  planMetering,
  REASONS,
  understand,
  type MeteringContext,
  type MeteringDuty,
  type MeteringView,
} from '@barythm/core/families/metering';
import { plannedTargets, viewJob } from '@barythm/core/job';
import { DemoJob } from './job';
import { isViewOf } from '@barythm/core/families';

/** A technician at a metering pump. */
export class MeteringDemo extends DemoJob {
  private async metering(): Promise<MeteringView & { context: MeteringContext }> {
    const view = await this.view();
    if (!isViewOf('metering', view) || !view.context) throw new Error(`${this.jobId} has no metering duty.`);
    return { ...view, context: view.context };
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
    await this.makeSafe();
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
    await this.noMessages();
  }

  /** Plans from the duty with the product's own calculation, and agrees to it. */
  async plan(duty: MeteringDuty): Promise<void> {
    const document = await this.document();
    const view = viewJob({ ...document, dutyBefore: duty, plans: [] }, this.today);
    const plan = planMetering(view.context as MeteringContext);
    this.minutes += 6;
    await this.send({
      kind: 'plan.accept',
      jobId: this.jobId,
      planId: this.id('plan'),
      duty,
      targets: plannedTargets(document.profile, plan, REASONS).map((target, i) => ({
        ...target,
        entryId: `${this.id('target')}-${i}`,
      })),
    });
  }

  /** Proves the usual points; `drift` is how many strokes each count is off, and a flow is read at the last. */
  async prove(drift: readonly number[], flowShare: number): Promise<void> {
    await this.record({ kind: 'discharge-safe', how: 'Discharge led into a container of water.' });
    const { context, settings } = await this.metering();
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
    const { settings, context } = await this.metering();
    const nominal = context.profile.behaviours.smooth?.nominal_mL;
    const full = context.duty.strokeVolume.full_mL;
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
      pressure_bar: context.duty.place.dischargePressure_bar ?? null,
      product: context.duty.product.name,
    });
  }
}

function expectedRate(context: MeteringContext, settings: ReturnType<typeof understand>): number {
  const { signal, water } = context.duty;
  if (signal.source !== 'flow') return 0;
  const current = signal.low_mA + ((20 - signal.low_mA) * water.usual_m3h) / signal.span_m3h;
  return expectedAt(context, settings, current)?.rate_spm ?? 0;
}
