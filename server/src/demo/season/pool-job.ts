import {
  planPool,
  POOL_REASONS,
  proofChecks,
  type PoolContext,
  type PoolDuty,
} from '@barythm/core/families/pool';
import { plannedTargets, viewJob } from '@barythm/core/job';
import { DemoJob } from './job';
import { isViewOf } from '@barythm/core/families';

/** A technician at a pool pump. */
export class PoolDemo extends DemoJob {
  /** Make-safe, plate, readings on arrival and the clock. */
  async arrive(now: {
    speed_rpm: number;
    power_W: number;
    water_C: number;
    clockAhead_min: number;
  }): Promise<void> {
    const { unit } = await this.document();
    await this.makeSafe();
    await this.record({
      kind: 'identify',
      plate: unit.plate,
      serial: unit.serial,
      controllerAsProfile: true,
      command: 'own',
      note: '',
    });
    const { clockAhead_min, ...read } = now;
    await this.record({
      kind: 'pool-now',
      ...read,
      flow_m3h: null,
      filter_bar: 0.7,
      state: 'program',
      unreadable: { flow_m3h: 'No flow meter in the line.' },
    });
    await this.record({ kind: 'clock', error_min: clockAhead_min, setRight: true, reason: null });
    await this.noMessages();
  }

  /** Plans from the duty with the product's own calculation, and agrees to it. */
  async plan(duty: PoolDuty): Promise<void> {
    const document = await this.document();
    const view = viewJob({ ...document, dutyBefore: duty, plans: [] }, this.today);
    const plan = planPool(view.context as PoolContext);
    this.minutes += 9;
    await this.send({
      kind: 'plan.accept',
      jobId: this.jobId,
      planId: this.id('plan'),
      duty,
      targets: plannedTargets(document.profile, plan, POOL_REASONS).map((target, i) => ({
        ...target,
        entryId: `${this.id('target')}-${i}`,
      })),
    });
  }

  /** Tries every check that this pump needs: states as expected, figures at `share` of the expected middle. */
  async prove(share: number): Promise<void> {
    const view = await this.view();
    if (!isViewOf('pool', view) || !view.context) throw new Error(`${this.jobId} has no pool duty.`);
    for (const { key, ask } of proofChecks(view.context, view.settings)) {
      this.minutes += 3;
      const body = { kind: 'check', check: key, note: '' } as const;
      if (ask.kind === 'state') await this.record({ ...body, seen: ask.expected, figures: {} });
      else if (ask.kind === 'figure') {
        const read = Number((((ask.least + ask.greatest) / 2) * share).toPrecision(3));
        await this.record({ ...body, seen: null, figures: { [ask.figure.key]: read } });
      } else if (ask.kind === 'compare') {
        await this.record({
          ...body,
          seen: null,
          figures: { [ask.shown.key]: 28.4, [ask.reference.key]: 28.1 },
        });
      }
    }
    await this.automatic('The display says automatic, and the program of this hour runs.');
  }
}
