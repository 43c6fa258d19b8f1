import { Key } from 'selenium-webdriver';
import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 1280, height: 800 });
}, 60_000);
afterAll(() => stage.close());

test('a week is planned: what is due is dragged onto a day, moved by a drag and by the keys, and taken back', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  const isOn = (tag: string, day: string) =>
    browser.says(`week-2026-11-${day}`, new RegExp(`${day}[^]*${tag}`));
  await browser.walk('wide-week', async () => {
    await browser.goTo('/');
    await thumb.tap('to-week');
    await browser.find('week-due-CLI-DP-02');
    // four columns on from what is due: Thursday
    const width = (await (await browser.find('week-2026-11-26')).getRect()).width;
    await browser.slide('week-due-CLI-DP-02', Math.round(4 * width));
    await isOn('CLI-DP-02', '26');
    await browser.gone('week-due-CLI-DP-02');
    // a day back by a drag
    await browser.slide('week-job-CLI-DP-02', -Math.round(width));
    await isOn('CLI-DP-02', '25');
    // two on by the keys, which stay on it
    await browser.press('week-job-CLI-DP-02', [Key.ARROW_RIGHT]);
    await isOn('CLI-DP-02', '26');
    await browser.until(
      'the keys are still on it',
      async () => (await browser.focused()) === 'week-job-CLI-DP-02',
    );
    await browser.press('week-job-CLI-DP-02', [Key.ARROW_RIGHT]);
    await isOn('CLI-DP-02', '27');
    // yesterday is over: it stays where it was, and that is said
    await browser.slide('week-job-CLI-DP-02', -Math.round(4 * width));
    await browser.says('week-fault', 'That day is over');
    await isOn('CLI-DP-02', '27');
    await thumb.tap('week-undo');
    await isOn('CLI-DP-02', '26');
    // by the keys alone: what is due goes onto today first
    await browser.press('week-due-LHH-SP-01', [Key.ARROW_RIGHT]);
    await isOn('LHH-SP-01', '24');
    await thumb.tap('week-undo');
    await browser.find('week-due-LHH-SP-01');
    // the server has it so
    await browser.until('it is sent', async () => {
      const [rows] = await stage.database.sequelize.query(
        "SELECT plannedFor FROM jobs WHERE pumpId = 'pump-tub' AND state = 'planned'",
      );
      return (rows as { plannedFor: string }[])[0]?.plannedFor === '2026-11-26';
    });
    await browser.reload();
    await isOn('CLI-DP-02', '26');
    await thumb.tap('week-job-CLI-DP-02');
    await browser.find('stage-plan');
  });
}, 120_000);
