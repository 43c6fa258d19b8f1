import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

const HEAD = 'site,site_place,zone,tag,name,place,profile,model,serial,gear,greatest_spm,rated_bar';

test('a controller described by hand, published, and used on a pump that comes in by file', async () => {
  const { browser } = stage;
  const folder = mkdtempSync(join(tmpdir(), 'barythm-register-'));
  const register = (name: string, profile: string) => {
    const path = join(folder, name);
    writeFileSync(
      path,
      `${HEAD}\nSkerrow Cider Press,Orchard Lane,Atlantic/Faroe,CID-DP-01,"Caustic, bottle washer",Wash house,${profile},Small pump,X-1,,100,8\n`,
    );
    return path;
  };
  await browser.walk('profile', async () => {
    await browser.goTo('/library/profile/three-key-contact');
    await browser.tap('profile-copy');
    // all of it is there but a name of its own
    await browser.says('profile-state', '1 place needs attention.');
    await browser.type('p-name', 'Three key contact');
    await browser.says('profile-state', '1 place needs attention.');
    await browser.type('p-name', 'Two keys');
    await browser.says('profile-state', 'Complete: a plan works with it.');
    await browser.type('p-greatestRate_spm', '100');
    await browser.tap('p-open-2');
    await browser.type('p-parameters.2.greatest', 'fast');
    await browser.says('p-parameters', '“fast” is not a figure.');
    await browser.type('p-parameters.2.greatest', '100');
    await browser.type('p-parameters.2.label', 'Strokes a minute');
    await browser.says('profile-state', 'Complete: a plan works with it.');
    // what is typed survives a reload
    await browser.reload();
    await browser.says('profile-state', 'Complete');
    await browser.tap('profile-publish');
    await browser.says('profile-about', 'three keys');

    await browser.goTo('/register');
    await browser.tap('register-files');
    await browser.upload('register-file', register('bad.csv', 'two-key'));
    await browser.says('register-faults', 'Line 2, column 7: There is no profile “two-key”');
    await browser.upload('register-file', register('good.csv', 'two-keys'));
    await browser.says('register-preview', 'CID-DP-01 Caustic, bottle washer');
    await browser.tap('register-take');
    await browser.type('search', 'CID');
    await browser.tap('pump-CID-DP-01');
    await browser.find('label-code');
    await browser.tap('start-job');
    await browser.says('found-sheet', 'Strokes a minute');

    // a second pump at that site, typed in
    await browser.goTo('/register');
    await browser.tap('register-new');
    await browser.type('new-site', 'Skerrow Cider Press');
    await browser.type('new-zone', 'Nowhere');
    await browser.type('new-tag', 'CID-DP-01');
    await browser.tap('new-profile-open');
    await browser.tap('new-profile-two-keys');
    await browser.tap('new-save');
    await browser.says('new-site-card', '“Nowhere” is no time zone');
    await browser.says('new-place-card', 'CID-DP-01 already exists at Skerrow Cider Press.');
    await browser.type('new-zone', 'Atlantic/Faroe');
    await browser.type('new-tag', 'CID-DP-02');
    await browser.type('new-name', 'Acid, bottle washer');
    await browser.tap('new-save');
    await browser.find('start-job');
  });
  const row = await stage.database.models.profiles.findOne({ where: { id: 'two-keys' } });
  expect((row?.get('body') as { behaviours: object }).behaviours).toMatchObject({
    greatestRate_spm: { '-': 100 },
  });
  expect(await stage.database.models.pumps.count({ where: { tag: 'CID-DP-02' } })).toBe(1);
  // the short code of its label leads to it
  const code = (await stage.database.models.pumps.findOne({ where: { tag: 'CID-DP-01' } }))?.get(
    'code',
  ) as string;
  await browser.goTo(`/p/${code}`);
  await browser.find('label-code');
}, 120_000);
