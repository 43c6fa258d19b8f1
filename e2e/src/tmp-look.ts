import { openStage } from './stage';
import { writeFileSync } from 'node:fs';
const PATHS: [string, string][] = [
  ['/', 'pump-SRC-DP-01'], ['/register', 'pump-CLI-DP-01'], ['/library', 'library-search'], ['/tools', 'tool-dose'],
  ['/pump/pump-seal-inlet', 'start-job'],
  ...['as-found', 'plan', 'set', 'prove', 'hand-over'].map((s) => [`/job/job-pump-pup-pool-2026-11-24/${s}`, 'stages'] as [string, string]),
  ['/job/job-pump-therapy-2026-10-28/hand-over', 'downloads'],
  ['/bench/pump-quarantine', 'bench-sums'],
];
async function main() {
  const stage = await openStage({ width: 390, height: 844 });
  const { browser } = stage;
  for (const [path, sign] of PATHS) {
    await browser.goTo(path);
    await browser.driver.executeScript(`document.documentElement.style.fontSize='32px'`);
    if (sign !== 'stages') await browser.find(sign); else await new Promise((r) => setTimeout(r, 1500));
    await new Promise((r) => setTimeout(r, 500));
    const out = await browser.driver.executeScript(`const out=[];const w=innerWidth;for(const e of document.querySelectorAll('body *')){const b=e.getBoundingClientRect();if(b.width>0&&b.height>0&&(b.right>w+1||b.left<-1)&&e.children.length===0){let p=e.parentElement,c=false;while(p){const s=getComputedStyle(p);if(/auto|scroll/.test(s.overflowX)&&p.scrollWidth>p.clientWidth){c=true;break;}p=p.parentElement;}if(!c)out.push((e.textContent||e.tagName).slice(0,40)+' '+Math.round(b.left)+'-'+Math.round(b.right));}}return [document.documentElement.scrollWidth, document.querySelector('[data-scroll]')?.clientHeight ?? 0, out.slice(0,6)]`) as [number, number, string[]];
    console.log(path, JSON.stringify(out));
    writeFileSync(`/tmp/big-${path.replace(/\W+/g, '_')}.png`, Buffer.from(await browser.driver.takeScreenshot(), 'base64'));
  }
  // the pad
  await browser.goTo('/pump/pump-seal-inlet'); await browser.tap('start-job'); await browser.tap('same-gear');
  await browser.driver.executeScript(`document.documentElement.style.fontSize='32px'`);
  await browser.type('found-input-length', '400');
  const box = (id: string) => browser.driver.executeScript(`const e=document.querySelector('[data-testid="${id}"]');if(!e)return null;const b=e.getBoundingClientRect();return [Math.round(b.top),Math.round(b.bottom)]`);
  await new Promise((r) => setTimeout(r, 500));
  for (const id of ['found-input-length', 'record-length', 'figure-pad', 'pad-about']) console.log(id, JSON.stringify(await box(id)));
  writeFileSync('/tmp/big-pad.png', Buffer.from(await browser.driver.takeScreenshot(), 'base64'));
  await stage.close();
}
void main();
