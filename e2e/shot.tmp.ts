import { openStage } from './src/stage';
const [, , size, ...jobs] = process.argv;
const [width, height] = size.split('x').map(Number);
const stage = await openStage({ width, height });
try {
  for (const job of jobs) {
    const [name, path, sign, ...rest] = job.split('|');
    await stage.browser.goTo(path);
    try {
      await stage.browser.find(sign);
      for (const step of rest) {
        const [verb, id, text] = step.split('=');
        if (verb === 'tap') await stage.browser.tap(id);
        if (verb === 'type') await stage.browser.type(id, text);
        if (verb === 'find') await stage.browser.find(id);
        if (verb === 'gone') await stage.browser.gone(id);
        if (verb === 'top') await stage.browser.bringToTop(id);
        if (verb === 'says') await stage.browser.says(id, text);
      }
    } catch (e) {
      console.log(name, String(e).slice(0, 300));
    }
    await stage.browser.fontsReady();
    console.log(name, JSON.stringify(await stage.browser.widths()));
    await stage.browser.picture(`/tmp/shots/${name}.png`);
    const logs = await stage.browser.driver
      .manage()
      .logs()
      .get('browser')
      .catch(() => []);
    for (const l of logs) console.log('  log', l.message.slice(0, 300));
  }
} finally {
  await stage.close();
}
