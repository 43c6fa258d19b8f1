import { writeFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
let folder: string;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
  folder = mkdtempSync(join(tmpdir(), 'barythm-csv-'));
}, 60_000);
afterAll(async () => {
  await stage.close();
  rmSync(folder, { recursive: true, force: true });
});

test('the register out to a spreadsheet and in again: nothing new, then what was edited, seen before it is taken in', async () => {
  const { browser, address } = stage;
  const thumb = new Thumb(browser);
  const csv = async () => (await fetch(`${address}/api/v1/register.csv`)).text();
  const file = (name: string, text: string) => {
    const path = join(folder, name);
    writeFileSync(path, text);
    return path;
  };
  const before = await csv();
  await browser.walk('csv-round', async () => {
    await browser.goTo('/register');
    await thumb.tap('register-files');
    await browser.upload('register-file', file('same.csv', before));
    await browser.says('register-unchanged', 'Nothing new: 28 pumps are registered as the file says.');
    // a tag is put right, and one more row is pasted in by a slip
    const renamed = before.replace(',NUR-DP-01,', ',NUR-DP-11,');
    const [row] = renamed.split('\r\n').filter((line) => line.includes(',NUR-DP-11,'));
    await browser.upload('register-file', file('twice.csv', `${renamed}${row}\r\n`));
    await browser.says('register-faults', 'NUR-DP-11 at Southfield Glasshouse Nursery stands in line');
    expect(await csv()).toBe(before);
    await browser.upload('register-file', file('edited.csv', renamed));
    await browser.says('register-changes', 'Tag: NUR-DP-01 → NUR-DP-11');
    await browser.says('register-unchanged', '27 pumps are registered as the file says.');
    await thumb.tap('register-take');
    await thumb.words('search', 'acid');
    await browser.find('pump-NUR-DP-11');
  });
  expect((await csv()).split('\r\n').sort()).toEqual(
    before.replace(',NUR-DP-01,', ',NUR-DP-11,').split('\r\n').sort(),
  );
  expect(browser.count).toBeLessThanOrEqual(8);
}, 120_000);
