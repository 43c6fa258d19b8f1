import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

/** Taps and keys that six parameters took when meanings, choices and keys were typed as lines of text. */
const BEFORE = 1558;
const WANTED = 400;

test('a circulator’s controller with six parameters is described from blank, tried, and published', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  let count = 0;
  /** Opens a new parameter, names it and says what it means. */
  const parameter = async (label: string, search: string, role: string, how: 'p-add' | 'p-add-like') => {
    await thumb.tap(how);
    const here = count;
    const at = (field: string) => `p-parameters.${here}.${field}`;
    await thumb.letters(at('label'), label);
    await thumb.tap(`${at('role')}-open`);
    await thumb.letters(`${at('role')}-search`, search);
    await thumb.tap(`${at('role')}-${role}`);
    count += 1;
    return at;
  };
  await browser.walk('own-profile', async () => {
    thumb.begin('what it is');
    await browser.goTo('/library/edit/blank');
    await thumb.tap('p-family-circulator');
    await thumb.letters('p-name', 'Grey box, one dial');
    for (const mode of ['constant', 'proportional']) await thumb.tap(`p-modes-${mode}`);
    await thumb.tap('p-contact-none');
    await thumb.tap('p-afterPowerCut-resume');
    thumb.begin('parameters');
    const mode = await parameter('Mode', 'mode', 'mode', 'p-add');
    for (const [i, words] of ['Spd', 'CP', 'PP'].entries())
      await thumb.letters(mode(`options.${i}.label`), words);
    for (const i of [5, 4, 3]) await thumb.tap(mode(`options.${i}-remove`));
    await thumb.tap(mode('group-mode'));
    await thumb.tap(mode('route-add'));
    await thumb.letters(mode('route.0.key'), 'OK');
    await thumb.tap(mode('route.0.press-short'));
    await thumb.letters(mode('storedBy'), 'OK');
    await thumb.tap(mode('entry-wheel'));
    await thumb.tap(mode('enterWhen-any'));
    await thumb.tap(mode('changedBy-anyone'));
    const head = await parameter('Head', 'set head', 'head', 'p-add-like');
    await thumb.tap(head('unit-m'));
    await thumb.letters(head('least'), '0.5');
    await thumb.letters(head('greatest'), '6');
    await thumb.letters(head('step'), '0.1');
    const speed = await parameter('Speed', 'speed', 'speed', 'p-add-like');
    await thumb.tap(speed('unit-%'));
    await thumb.letters(speed('least'), '30');
    await thumb.letters(speed('greatest'), '100');
    await thumb.letters(speed('step'), '1');
    for (const [label, search, role, options] of [
      ['Night', 'night', 'night', ['On', 'Off']],
      ['Lock', 'lock', 'lock', ['On', 'Off']],
      ['Restart', 'restored', 'power.after-cut', ['Run', 'Wait']],
    ] as const) {
      const at = await parameter(label, search, role, 'p-add-like');
      for (const [i, words] of options.entries()) await thumb.letters(at(`options.${i}.label`), words);
    }
    await browser.says('profile-state', 'Complete: a plan works with it.');
    await browser.says('p-tried', 'A circulator of radiators: ');
    await browser.tap('profile-publish');
    await browser.find('profile-copy');
  });
  process.stdout.write(`A profile by thumb: ${thumb.inWords}, letters counted (before: ${BEFORE}).\n`);
  expect(thumb.total).toBeLessThanOrEqual(WANTED);
  const row = await stage.database.models.profiles.findOne({ where: { id: 'grey-box-one-dial' } });
  const body = row?.get('body') as { parameters: { key: string; role: string; options?: object[] }[] };
  expect(body.parameters.map(({ key, role }) => [key, role])).toEqual([
    ['mode', 'mode'],
    ['head', 'head'],
    ['speed', 'speed'],
    ['night', 'night'],
    ['lock', 'lock'],
    ['restart', 'power.after-cut'],
  ]);
  expect(body.parameters[0].options).toEqual([
    { value: 'spd', label: 'Spd', role: 'mode.fixed' },
    { value: 'cp', label: 'CP', role: 'mode.constant' },
    { value: 'pp', label: 'PP', role: 'mode.proportional' },
  ]);
}, 180_000);
