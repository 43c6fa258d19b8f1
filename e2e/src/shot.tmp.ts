import { openStage } from './stage';
const [size, ...jobs] = process.argv.slice(2);
const [width, height] = size.split('x').map(Number);
const stage = await openStage({ width, height });
const b = stage.browser;
try {
  for (const job of jobs) {
    const [name, path, sign, ...acts] = job.split('|');
    if (path) await b.goTo(path);
    if (sign) await b.find(sign);
    for (const act of acts) {
      const [verb, id, text] = act.split('=');
      if (verb === 'tap') await b.tap(id);
      if (verb === 'top') {
        await b.find(id);
        await b.bringToTop(id);
      }
      if (verb === 'type') await b.type(id, text);
      if (verb === 'choose') await b.choose(id, text);
      if (verb === 'js') await b.driver.executeScript(act.slice(3));
    }
    if (name) {
      await b.fontsReady();
      await b.picture(`/tmp/shots/${name}.png`);
      console.log(name);
    }
  }
} finally {
  await stage.close();
}
process.exit(0);
