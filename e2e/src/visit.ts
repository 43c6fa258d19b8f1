import { familyOf, type JobDocument } from '@barythm/core/families';
import { gateOfSet, offeredChecks, toEnter, viewJob, type JobView } from '@barythm/core/job';
import { seenAt } from '@barythm/core/job/testing/walk.fixtures';
import type { ProofCheck } from '@barythm/core/proof';
import { siteDate } from '@barythm/core/time';
import { NOW, type Stage } from './stage';
import { enterAllTargets } from './technician';
import { Thumb } from './thumb';

/** What is read on arrival: the state that it is seen in, and figures as digits of the pad. What is not named is passed over. */
export interface Seen {
  readonly state?: string;
  /** what tells it to run, where that is asked */
  readonly source?: string;
  readonly figures: Readonly<Record<string, string>>;
}

/**
 * A visit to a pump of any family that was here before, with as few touches as the screens allow: everything stands as it was left, and
 * all that its family offers is proved again.
 */
export async function secondVisit(stage: Stage, pumpId: string, seen: Seen): Promise<JobView> {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.goTo(`/pump/${pumpId}`);
  await thumb.tap('start-job');
  await browser.find('make-safe');
  await arrive(stage, thumb, seen);
  await thumb.tap('to-plan');
  await thumb.tap('agree-plan');
  await browser.find('sheet');
  await browser
    .until('Set is open', async () => gateOfSet(await viewOf(stage)).length === 0)
    .catch(async () => expect(gateOfSet(await viewOf(stage))).toEqual([]));
  if (toEnter(await viewOf(stage)).length > 0 || (await browser.has('power-back-save')))
    await enterAllTargets(browser);
  await thumb.tap('to-prove');
  await prove(stage, thumb);
  await thumb.tap('to-hand-over');
  await thumb.draw('signature', 90, 30);
  await thumb.tap('hand-over');
  await browser.says('downloads', 'Signed; no name given');
  return viewOf(stage);
}

async function viewOf({ browser, address }: Stage): Promise<JobView> {
  const [, id] = /\/job\/([^/]+)/.exec(await browser.driver.getCurrentUrl()) ?? [];
  const answer = await fetch(`${address}/api/v1/jobs/${id}`);
  const { document } = (await answer.json()) as { document: JobDocument };
  return viewJob(document, siteDate(NOW, document.site.zone));
}

async function arrive(stage: Stage, thumb: Thumb, { state, source, figures }: Seen): Promise<void> {
  const { browser } = stage;
  const { document, family } = await viewOf(stage);
  const { arrival } = familyOf(family);
  if (state) await thumb.tap(`now-state-${state}`);
  for (const { key } of arrival.readings.fields(document as never))
    await thumb.figure(`now-${key}`, figures[key] ?? '');
  await browser.says('readings-now', 'Read again');
  for (const { key } of arrival.makeSafe)
    if (await browser.has(`safe-${key}`)) await thumb.tap(`safe-${key}`);
  if (await browser.has('safe-no-hands')) await thumb.tap('safe-no-hands');
  // what tells it to run is looked at where the register does not know it
  if (source && (await browser.has('identify-source'))) await thumb.tap(`identify-source-${source}`);
  await thumb.tap('identify-all-same');
  if (await browser.has('week-as-left')) await thumb.tap('week-as-left');
  if (await browser.has('bank-rest')) {
    await thumb.tap('bank-rest');
    await thumb.tap('bank-save');
  }
  if (await browser.has('sheet-as-left')) await thumb.tap('sheet-as-left');
  else
    for (const { key } of (await viewOf(stage)).parameters) {
      if (!(await browser.has(`same-${key}`))) continue;
      await thumb.tap(`same-${key}`);
      await browser.find(`found-row-${key}`);
    }
  if (arrival.first && (await browser.has('seen-rest'))) {
    for (const { key } of arrival.first.steps)
      if (await browser.has(`seen-${key}`)) await thumb.tap(`seen-${key}`);
  }
  if (await browser.has('clock-now')) {
    if (await browser.has('clock-day')) await thumb.tap('clock-day-2');
    await thumb.figure('clock-shows', '1030');
  }
}

/** Tries all that is offered, and returns the pump to automatic. */
export async function prove(stage: Stage, thumb: Thumb): Promise<void> {
  const { browser } = stage;
  if (await browser.has('safe-way-container')) await thumb.tap('safe-way-container');
  const checks = offeredChecks(await viewOf(stage));
  for (const check of checks) {
    if (!(await browser.has(`trying-${check.key}`))) await thumb.tap(`check-${check.key}`);
    await tryOne(thumb, check);
    await browser.says(`check-${check.key}`, 'as expected');
  }
  for (const one of ['link', 'afar', 'set-up', 'access', 'covers'])
    if (await browser.has(`leaving-${one}`)) await thumb.tap(`leaving-${one}`);
  await thumb.tap('automatic-plain');
  await browser.says('automatic', 'Returned to automatic');
}

async function tryOne(thumb: Thumb, check: ProofCheck): Promise<void> {
  const { seen, figures } = seenAt(check, true);
  if (seen !== null) return thumb.tap(`seen-${check.key}-${seen}`);
  for (const [key, value] of Object.entries(figures))
    await thumb.figure(`figure-${key}`, String(Number(value.toPrecision(3))));
}
