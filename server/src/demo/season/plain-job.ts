import type { Duty, FamilyContext, JobView } from '@barythm/core/families';
import { familyOf } from '@barythm/core/families';
import { fingerprintOf } from '@barythm/core/findings';
import { offeredChecks, plannedTargets, viewJob } from '@barythm/core/job';
import { DemoJob } from './job';

/** A technician at a pump of any family, who asks the family alone what there is to do. */
export class PlainDemo extends DemoJob {
  /** Make-safe, plate, and the readings that there are; the others could not be read. */
  async arrive(figures: Readonly<Record<string, number>>, state: string): Promise<void> {
    const document = await this.document();
    const { readings } = familyOf(document.profile.family).arrival;
    const unreadable = Object.fromEntries(
      readings
        .fields(document)
        .flatMap(({ key }) => (figures[key] === undefined ? [[key, 'No gauge there.']] : [])),
    );
    await this.record(readings.body({ figures, unreadable, by: {}, state }));
    await this.makeSafe();
    const { plate, serial } = document.unit;
    await this.record({ kind: 'identify', plate, serial, controllerAsProfile: true, note: '' });
    if (document.profile.behaviours.hasClock)
      await this.record({ kind: 'clock', error_min: 4, setRight: true, reason: null });
    await this.noMessages();
  }

  /** Plans from the duty with the product's own calculation, and agrees to it. */
  async plan(duty: Duty): Promise<void> {
    const document = await this.document();
    const { context } = viewJob({ ...document, dutyBefore: duty, plans: [] }, this.today);
    if (!context) throw new Error(`${this.jobId} has no duty.`);
    const family = familyOf(document.profile.family);
    this.minutes += 9;
    await this.send({
      kind: 'plan.accept',
      jobId: this.jobId,
      planId: this.id('plan'),
      duty,
      targets: plannedTargets(document.profile, family.plan(context as FamilyContext), family.reasons).map(
        (target, i) => ({ ...target, entryId: `${this.id('target')}-${i}` }),
      ),
    });
  }

  /** Tries every check that this pump needs: states as expected, figures at `share` of the expected middle. */
  async prove(share: number): Promise<void> {
    for (const { key, ask } of offeredChecks(await this.view())) {
      this.minutes += 3;
      const body = { kind: 'check', check: key, note: '' } as const;
      if (ask.kind === 'state') await this.record({ ...body, seen: ask.expected, figures: {} });
      else if (ask.kind === 'figure') {
        // a figure that is right or wrong, such as a number of a table, has no share
        const read =
          ask.least === ask.greatest
            ? ask.least
            : Number((((ask.least + ask.greatest) / 2) * share).toPrecision(3));
        await this.record({ ...body, seen: null, figures: { [ask.figure.key]: read } });
      }
    }
    await this.automatic('The display shows it running by itself.');
  }

  /** Accepts what stays a stop in writing: the customer was told. */
  async acceptStops(reason: string): Promise<void> {
    const view: JobView = await this.view();
    const stops = [...view.findings.job, ...view.findings.left].filter(({ severity }) => severity === 'stop');
    for (const stop of stops)
      await this.send({
        kind: 'finding.decide',
        jobId: this.jobId,
        decisionId: this.id('decision'),
        code: stop.code,
        fingerprint: fingerprintOf(stop),
        decision: 'accepted',
        reason,
      });
  }
}
