import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from './browser';
import type { Stage } from './stage';

/** Makes safe, confirms the plate as in the register, and takes settings over as they were reported or left. */
export async function arrive(browser: Browser, sameKeys: readonly string[]): Promise<void> {
  await makeSafe(browser, ['stopped', 'chemical', 'no-hands']);
  await browser.tap('identify-all-same');
  for (const key of sameKeys) {
    // what is not used in this mode waits until all else is read
    await browser.until(
      `“${key}” can be read`,
      async () => (await browser.has(`same-${key}`)) || (await browser.has(`found-row-${key}`)),
    );
    if (!(await browser.has(`same-${key}`))) await browser.tap(`found-row-${key}`);
    await browser.tap(`same-${key}`);
    await browser.find(`found-row-${key}`);
  }
}

/** Confirms the make-safe steps one by one. */
export async function makeSafe(browser: Browser, steps: readonly string[]): Promise<void> {
  for (const step of steps) {
    await browser.tap(`safe-${step}`);
    await browser.until(
      `“${step}” is ticked`,
      async () => (await (await browser.find(`safe-${step}`)).getAttribute('aria-checked')) === 'true',
    );
  }
}

/** The words of the display that a card asks for are typed or chosen, as the target says, until nothing is left to enter. */
export async function enterAllTargets(browser: Browser): Promise<number> {
  for (let entered = 0; ; entered++) {
    await browser.until('a card, or the end', async () => {
      for (const card of CARDS) if (await browser.has(card)) return true;
      return false;
    });
    if (await browser.has('set-done')) return entered;
    if (await browser.has('power-back-save')) {
      await browser.tap('power-back-save');
      entered -= 1;
      continue;
    }
    // a program, or a row of figures, is read and entered in one look each
    if (await browser.has('row-found-shown')) {
      await browser.tap('row-found-shown');
      await browser.gone('row-found-shown');
      entered -= 1;
      continue;
    }
    if (await browser.has('row-left-shown')) {
      const { length } = await (
        await browser.find('set-row')
      ).findElements({ css: '[data-testid^="shown-"]' });
      const left = await browser.text('set-left');
      await browser.tap('row-left-shown');
      await nextCard(browser, left);
      entered += length - 1;
      continue;
    }
    // what was only confirmed with the others is read before it is changed
    if (await browser.has('read-first')) {
      await readAsReported(browser);
      entered -= 1;
      continue;
    }
    const target = (await browser.text('set-target')).replace(/\u00a0/g, ' ').trim();
    const left = await browser.text('set-left');
    if (!(await browser.has('readback-save'))) await browser.choose('readback', target);
    else {
      await typeTarget(browser, target);
      await browser.tap('readback-save');
    }
    await nextCard(browser, left);
  }
}

const CARDS = ['readback', 'set-done', 'read-first', 'power-back-save', 'row-left-shown', 'row-found-shown'];

/** Waits until another card has come: fewer are left to enter, or something else is asked first. */
async function nextCard(browser: Browser, left: string): Promise<void> {
  await browser.until('the next card', async () => {
    for (const card of ['set-done', 'read-first', 'power-back-save', 'row-found-shown'])
      if (await browser.has(card)) return true;
    return (await browser.text('set-left').catch(() => left)) !== left;
  });
}

/** The display shows what was reported: one tap. */
export async function readAsReported(browser: Browser): Promise<void> {
  const same = await (await browser.find('read-first')).findElement({ css: '[data-testid^="same-"]' });
  await browser.tap((await same.getAttribute('data-testid')) ?? '');
  await browser.until(
    'it counts as read',
    async () =>
      !(await browser.has('read-first')) ||
      !(await browser.has((await same.getAttribute('data-testid').catch(() => '')) ?? '')),
  );
}

const DAY_SETS: Readonly<Record<string, string>> = {
  'every day': '1234567',
  'Mon–Fri': '12345',
  'Sat, Sun': '67',
};

async function typeTarget(browser: Browser, target: string): Promise<void> {
  const days = DAY_SETS[target];
  if (!days) return browser.type('readback', target.split(' ')[0]);
  for (const digit of days) {
    const key = await browser.find(`readback-${digit}`);
    if ((await key.getAttribute('aria-checked')) !== 'true') await browser.tap(`readback-${digit}`);
  }
}

/** Says what was seen in automatic, and goes on to the hand-over. */
export async function returnToAutomatic(browser: Browser, seen: string): Promise<void> {
  // each pump is asked about what it can be left with: a controller with a set-up to close is asked about that too
  for (const check of ['set-up', 'access', 'covers'])
    if (await browser.has(`leaving-${check}`)) await browser.tap(`leaving-${check}`);
  await browser.type('automatic-seen', seen);
  await browser.tap('automatic-save');
  await browser.says('automatic', 'Returned to automatic');
  await browser.tap('to-hand-over');
}

/** Signs with a finger and hands over. */
export async function signAndHandOver(browser: Browser): Promise<void> {
  await browser.drag('signature', 90, 30);
  await browser.tap('hand-over');
  await browser.says('downloads', 'Signed; no name given');
  await browser.find('download-hand-over.pdf');
}

/** The text of the hand-over of a pump's newest job, page by page. */
export async function handOverText(stage: Stage, pumpId: string): Promise<string[]> {
  const row = await stage.database.models.jobs.findOne({
    where: { pumpId, state: 'handed-over' },
    order: [['startedAt', 'DESC']],
  });
  if (!row) throw new Error(`No job of ${pumpId} is handed over.`);
  return paperOf(stage, row.get('id') as string);
}

/** The text of a paper of a job, page by page: of its hand-over, where no other is named. */
export async function paperOf({ address }: Stage, jobId: string, file = 'hand-over.pdf'): Promise<string[]> {
  const answer = await fetch(`${address}/api/v1/jobs/${jobId}/${file}`);
  const path = join(tmpdir(), `barythm-${jobId}-${process.pid}.pdf`);
  writeFileSync(path, Buffer.from(await answer.arrayBuffer()));
  return execFileSync(process.execPath, [join(__dirname, 'pdf-text.mjs'), path], { encoding: 'utf8' }).split(
    '\n',
  );
}

/** Proofs as they are tried: what is seen, or a figure, and what is said of it. */
export function prover(browser: Browser) {
  return {
    state: async (check: string, seen: string, says = 'as expected') => {
      await browser.tap(`check-${check}`);
      await browser.tap(`seen-${check}-${seen}`);
      await browser.says(`check-${check}`, says);
    },
    figure: async (check: string, key: string, value: string, says = 'as expected') => {
      await browser.tap(`check-${check}`);
      await browser.type(`figure-${key}`, value);
      await browser.tap('check-save');
      await browser.says(`check-${check}`, says);
    },
  };
}
