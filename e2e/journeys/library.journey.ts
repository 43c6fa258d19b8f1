import { openStage, type Stage } from '../src/stage';
import { paperOf } from '../src/technician';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

const JOB = 'job-pump-pup-pool-2026-11-24';

test('a product is made once, and a plan takes it with all that is known of it', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('product', async () => {
    await browser.goTo('/library');
    await thumb.tap('shelf-products');
    await thumb.tap('product-new');
    await thumb.words('kept-product.name', 'Bleach, trade');
    await thumb.tap('kept-product.strength.stated-volume');
    await thumb.figure('kept-product.strength.percent', '14');
    await thumb.figure('kept-product.density_kgl', '1.22');
    await thumb.tap('kept-product.gassing-yes');
    await thumb.tap('kept-save');
    await browser.says('strength', '140 g/L');
  });
  expect(browser.count).toBeLessThanOrEqual(18);
  await browser.goTo(`/job/${JOB}/plan`);
  await thumb.tap('duty-open-product');
  await thumb.choose('duty-product', 'Bleach, trade');
  await browser.until('the product stands in the duty', async () =>
    (await browser.value('duty-product.strength.percent')).startsWith('14'),
  );
}, 120_000);

test('the firm is named once, and stands at the head of the papers', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.goTo('/tools');
  await thumb.tap('tool-settings');
  await thumb.words('firm-name', 'Moor pump service');
  await thumb.words('firm-contact', 'Quay 4, Skerrow');
  await thumb.tap('firm-save');
  await browser.says('firm-saved', 'Papers from now on carry it');
  const order = (await paperOf(stage, JOB, 'work-order.pdf')).join(' ');
  expect(order).toContain('Moor pump service Quay 4, Skerrow');
  // dark stays dark on the next screen
  await thumb.tap('appearance-dark');
  await browser.goTo('/library');
  await browser.find('shelf-products');
  const background = await browser.driver.executeScript<string>(
    "return getComputedStyle(document.querySelector('[role=main]').parentElement).backgroundColor + getComputedStyle(document.querySelector('[role=main]')).backgroundColor",
  );
  expect(background).toContain('rgb(16, 24, 22)');
}, 120_000);
