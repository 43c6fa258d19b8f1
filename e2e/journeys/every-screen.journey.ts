import AxeBuilder from '@axe-core/webdriverjs';
import { openStage, type Stage } from '../src/stage';

const OPEN = 'job-pump-pup-pool-2026-11-24';
const DONE = 'job-pump-therapy-2026-10-28';

/** Every main screen, and something on it that shows it is there. */
const SCREENS: readonly [path: string, sign: string][] = [
  ['/', 'pump-SRC-DP-01'],
  ['/register', 'pump-CLI-DP-01'],
  ['/site/site-seals', 'pump-SRC-DP-02'],
  ['/pump/pump-seal-inlet', 'start-job'],
  ['/pump/pump-therapy', 'visit-2026-10-28'],
  [`/job/${OPEN}/as-found`, 'found-sheet'],
  [`/job/${OPEN}/plan`, 'dose-card'],
  [`/job/${OPEN}/set`, 'set-rateB'],
  [`/job/${DONE}/prove`, 'readings-chart'],
  [`/job/${OPEN}/hand-over`, 'sign'],
  [`/job/${DONE}/hand-over`, 'downloads'],
  ['/pump/pump-tub', 'drift'],
  ['/bench', 'bench-CLI-DP-01'],
  ['/bench/pump-quarantine', 'bench-stroke'],
  ['/register/files', 'register-file'],
  ['/week', 'week-of'],
  ['/register/new', 'new-profile'],
  ['/register/unit/pump-therapy', 'unit-profile'],
  ['/library/edit/pulse-wheel', 'profile-state'],
  ['/tools', 'tool-dose'],
  ['/tools/pulse-ratio', 'tool-result'],
  ['/tools/programs', 'tool-result'],
  ['/tools/units', 'tool-result'],
  ['/tools/signal', 'tool-result'],
  ['/tools/dose', 'tool-result'],
  ['/library', 'profile-two-point-soft-keys'],
  ['/library/profile/drive-wheel-text', 'profile-messages'],
  ['/library/edit/blank', 'p-family'],
  ['/pump/drive-hostel', 'start-job'],
  ['/library/product/prod-hypo', 'strength'],
];

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test.each(SCREENS)(
  '%s: no sideways scroll, and no serious fault for those who cannot see or point',
  async (path, sign) => {
    const { browser } = stage;
    await browser.goTo(path);
    await browser.find(sign);
    expect(await browser.widths()).toEqual({ inner: 390, scroll: 390 });
    const { violations } = await new AxeBuilder(browser.driver)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa'])
      // a name that leaves out what is seen cannot be spoken to
      .options({ rules: { 'label-content-name-mismatch': { enabled: true } } })
      .analyze();
    const serious = violations
      .filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')
      .map(
        (violation) =>
          `${violation.id}: ${violation.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
      );
    expect(serious).toEqual([]);
  },
  60_000,
);

test('the tools work with no pump, and keep what was typed through a reload', async () => {
  const { browser } = stage;
  await browser.goTo('/tools/dose');
  await browser.type('tool-water_m3h', '4,5');
  await browser.type('tool-dose_mgl', '6');
  await browser.type('tool-weight_pct', '30');
  await browser.type('tool-density_kgl', '1.15');
  await browser.says('tool-result', '0.078');
  await browser.reload();
  await browser.says('tool-result', '0.078');
  expect(await browser.value('tool-water_m3h')).toBe('4,5');
  await browser.type('tool-density_kgl', '0');
  await browser.says('tool-result', '–');
});

test('a job can begin with the plan, the evening before: Set stays closed until what is there is written down', async () => {
  const { browser, database } = stage;
  await browser.goTo('/pump/pump-acid');
  await browser.tap('plan-tomorrow');
  await browser.says('target-length', '68');
  await browser.tap('agree-plan');
  await browser.says('gate', 'ANY-02 Make safe first');
  await browser.says('gate', 'ANY-01 Not yet recorded as found: Gear, Stroke length, Mode, Input range.');
  const job = await database.models.jobs.findOne({ where: { pumpId: 'pump-acid', state: 'planned' } });
  expect(job?.get('plannedFor')).toBe('2026-11-25');
  await browser.goTo('/');
  await browser.says('job-NUR-DP-01', 'Planned');
});

test('what is not there says so, and what to do', async () => {
  const { browser } = stage;
  await browser.goTo('/job/none/plan');
  const body = () => browser.driver.executeScript<string>('return document.body.innerText');
  await browser.until('the failure is told', async () => (await body()).includes('There is no job “none”.'));
});

test('a screen that fails on a direct load says so where it is, and stands again once it can', async () => {
  const { browser, database } = stage;
  const of = "WHERE id = (SELECT profileId FROM units WHERE pumpId = 'circulator-warden')";
  const [rows] = await database.sequelize.query(`SELECT body FROM profiles ${of}`);
  // as a write, so that no page that was kept before it is answered
  const put = (body: string) =>
    database.write((transaction) =>
      database.sequelize.query(`UPDATE profiles SET body = $body ${of}`, { bind: { body }, transaction }),
    );
  await put('{}');
  const body = () => browser.driver.executeScript<string>('return document.body.innerText');
  try {
    await browser.goTo('/pump/circulator-warden');
    await browser.until('the fault is told', async () =>
      (await body()).includes('This screen cannot be shown'),
    );
    expect(await browser.driver.getCurrentUrl()).toMatch(/\/pump\/circulator-warden$/);
  } finally {
    await put((rows as { body: string }[])[0].body);
  }
  await browser.reload();
  await browser.find('start-job');
});
