import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('a code looked up over every controller, and one that nobody knows written into a profile', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('code', async () => {
    await browser.goTo('/');
    await thumb.tap('place-library');
    await thumb.tap('to-codes');
    await thumb.words('code-search', 'dry');
    await browser.find('codes-near');
    await thumb.words('code-search', 'Q99');
    await browser.says('code-unknown', 'No profile in the library knows “Q99”.');
    await thumb.tap('code-to-profiles');
    await thumb.tap('profile-drive-four-switches');
    await thumb.tap('profile-change');
    await browser.find('profile-state');
    await thumb.tap('p-messages-add');
    await thumb.words('p-messages.0.shows', 'Q99');
    await thumb.tap('p-messages.0.kind-fault');
    await thumb.words('p-messages.0.means', 'The inlet is shut.');
    await thumb.words('p-messages.0.todo', 'Open the inlet, then hold Stop.');
    await browser.says('profile-state', 'Complete: a plan works with it.');
    await thumb.tap('profile-publish');
    await browser.says('profile-messages', 'The inlet is shut.');
    // from then on everybody finds it
    await browser.goTo('/library/codes');
    await thumb.words('code-search', 'q 99');
    await browser.says('codes-exact', 'Open the inlet, then hold Stop.');
  });
  expect(browser.count).toBeLessThanOrEqual(16);
}, 120_000);
