import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { openStage, type Stage } from './stage';

/** Makes docs/screenshots from the demo data: one picture of each main view, at the size it is used at. */
const OUT = fileURLToPath(new URL('../../docs/screenshots', import.meta.url));
const PUPS = 'job-pump-pup-pool-2026-11-24';
const THERAPY = 'job-pump-therapy-2026-10-28';
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

interface Picture {
  readonly name: string;
  readonly path: string;
  /** something that is there once the view is painted */
  readonly sign: string;
  /** tapped one after another, once the sign is there */
  readonly taps?: readonly string[];
  /** scrolled into the middle, when it is not at the top */
  readonly show?: string;
}

const ON_PHONE: readonly Picture[] = [
  { name: 'round', path: '/', sign: 'pump-SRC-DP-01' },
  { name: 'register', path: '/register', sign: 'pump-CLI-DP-01' },
  { name: 'pump', path: '/pump/pump-seal-inlet', sign: 'start-job' },
  { name: 'job-as-found', path: `/job/${PUPS}/as-found`, sign: 'found-sheet', show: 'found-sheet' },
  { name: 'job-plan', path: `/job/${PUPS}/plan`, sign: 'dose-card', show: 'signal-card' },
  {
    name: 'circulator-plan',
    path: '/pump/circulator-clinic',
    sign: 'start-job',
    taps: ['plan-tomorrow'],
    show: 'pump-card',
  },
  { name: 'job-set', path: `/job/${PUPS}/set`, sign: 'set-rateB' },
  { name: 'job-prove', path: `/job/${THERAPY}/prove`, sign: 'readings-chart', show: 'readings-chart' },
  { name: 'job-hand-over', path: `/job/${THERAPY}/hand-over`, sign: 'downloads' },
  {
    name: 'pool-plan',
    path: '/pump/pool-therapy',
    sign: 'start-job',
    taps: ['plan-tomorrow', 'week-shown-found'],
    show: 'programs',
  },
  {
    name: 'pool-found',
    path: '/pump/pool-seals',
    sign: 'start-job',
    taps: ['start-job'],
    show: 'found-week',
  },
  { name: 'tools', path: '/tools', sign: 'tool-dose' },
  { name: 'bench', path: '/bench/pump-quarantine', sign: 'bench-sums' },
  { name: 'profile-editor', path: '/library/edit/pulse-wheel', sign: 'profile-state' },
  {
    name: 'spa-plan',
    path: '/pump/spa-hostel',
    sign: 'start-job',
    taps: ['plan-tomorrow'],
    show: 'match-card',
  },
  {
    name: 'receiver-plan',
    path: '/pump/transfer-cider',
    sign: 'start-job',
    taps: ['plan-tomorrow'],
    show: 'controls-card',
  },
];
const ON_WIDE: readonly Picture[] = [
  {
    name: 'wide-pool-plan',
    path: '/pump/pool-pups',
    sign: 'start-job',
    taps: ['plan-tomorrow'],
    show: 'programs',
  },
  {
    name: 'wide-drive-plan',
    path: '/pump/drive-hostel',
    sign: 'start-job',
    taps: ['plan-tomorrow'],
    show: 'pressure-card',
  },
  { name: 'wide-week', path: '/week', sign: 'week-grid' },
];

async function take(stage: Stage, pictures: readonly Picture[]): Promise<void> {
  for (const { name, path, sign, taps = [], show } of pictures) {
    await stage.browser.goTo(path);
    await stage.browser.find(sign);
    for (const id of taps) await stage.browser.tap(id);
    if (show) await stage.browser.find(show);
    if (show) await stage.browser.bringToTop(show);
    await stage.browser.fontsReady();
    await stage.browser.picture(join(OUT, `${name}.png`));
    console.log(`docs/screenshots/${name}.png`);
  }
}

mkdirSync(OUT, { recursive: true });
for (const [size, pictures] of [
  [PHONE, ON_PHONE],
  [WIDE, ON_WIDE],
] as const) {
  const stage = await openStage(size);
  try {
    await take(stage, pictures);
  } finally {
    await stage.close();
  }
}
