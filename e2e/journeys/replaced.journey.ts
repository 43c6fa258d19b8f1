import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('a unit is replaced: found over a slip of the finger, nothing is believed of the new one, and it is set up like the one before', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('replace', async () => {
    await browser.goTo('/register');
    await thumb.words('search', 'tubb therapy');
    await browser.says('search-instead', 'Nothing has “tubb therapy”. Shown: tub, therapy.');
    await thumb.tap('pump-CLI-DP-02');
    await thumb.tap('to-edit');
    await thumb.tap('edit-replace');
    await thumb.tap('unit-on-2026-11-24');
    await thumb.tap('unit-profile-open');
    await thumb.tap('unit-profile-stepper-flow');
    await thumb.words('unit-model', 'Stepper dosing pump, 6 L/h');
    // the serial of the unit that went: told at its field, and nothing typed is lost
    await thumb.words('unit-serial', 'SD-40077');
    await thumb.tap('unit-save');
    await browser.says('unit-refused', 'Put the marked places right.');
    await thumb.words('unit-serial', 'SD-51402');
    await thumb.tap('unit-save');
    await browser.says('replaced', 'Nothing is known of the new one’s settings yet.');
    // by a slip: the one before stands there again, and what was typed is there to be put right
    await thumb.tap('replaced-undo');
    await browser.gone('replaced');
    await thumb.tap('to-edit');
    await thumb.tap('edit-replace');
    expect(await browser.value('unit-serial')).toBe('SD-51402');
    await thumb.tap('unit-save');
    await thumb.tap('replaced-same');
    await browser.says('same-copy', 'the duty');
    await browser.says('same-copy', 'Stroke volume at full length');
    await thumb.tap('same-begin');
    // the duty stands typed; what is of each unit is asked
    await browser.says('plan-missing', /missing: \d\b/);
    await thumb.tap('plan-missing');
    expect(await browser.focused()).toBe('duty-strokeVolume.full_mL');
  });
  expect(browser.count).toBeLessThanOrEqual(24);
}, 120_000);
