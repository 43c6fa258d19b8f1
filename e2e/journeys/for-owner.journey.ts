import { openStage, type Stage } from '../src/stage';
import { paperOf } from '../src/technician';
import { Thumb } from '../src/thumb';

const JOB = 'job-pump-pup-pool-2026-11-24';
let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('the page for those who live with a pump: three lines typed, the rest follows from the pump; never the code', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('for-owner', async () => {
    await browser.goTo(`/job/${JOB}/hand-over`);
    await thumb.words('owner-stopAt', 'Isolator left of the door');
    await thumb.words('owner-keeper', 'Warden, code 4711');
    await thumb.words('owner-call', 'Workshop, 555 012');
    await thumb.tap('owner-save');
    await browser.says('for-owner', 'never the code itself');
    await thumb.words('owner-keeper', 'The warden');
    await thumb.tap('owner-save');
    await browser.find('owner-back');
    await browser.until('it is sent', async () =>
      (await paperOf(stage, JOB, 'owner.pdf')).join().includes('warden'),
    );
    await browser.goTo('/pump/pump-pup-pool');
    await browser.find('owner-pdf');
  });
  const pages = await paperOf(stage, JOB, 'owner.pdf');
  const text = pages.join(' ');
  expect(text).toContain('Page 1 of 1');
  expect(text).toContain('Switched off at: Isolator left of the door');
  expect(text).toContain('Code or key is kept by: The warden');
  expect(text).toContain('Workshop, 555 012');
  expect(text).toMatch(/The pump (doses|makes)/);
  expect(text).not.toContain('4711');
  expect(browser.count).toBeLessThanOrEqual(6);
}, 120_000);
