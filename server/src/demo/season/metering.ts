import type { MeteringDuty } from '@barythm/core/families/metering';
import type { Writing } from '../../jobs';
import { MeteringDemo } from './metering-job';
import { DOSING_PUMPS, type DosingPump } from '../shipped';

/** The duty of a pump as it was planned some days ago. */
export type DutyOn = (pump: DosingPump, daysAgo: number) => MeteringDuty;

/** The season's work, each job at its own instant and under the product's own rules. */
export async function meteringSeason(
  writing: Writing,
  now: string,
  dutyOn: DutyOn,
  dateAgo: (days: number) => string,
): Promise<void> {
  const at = (daysAgo: number, hour: number) =>
    new Date(Date.parse(`${dateAgo(daysAgo)}T00:00:00Z`) + hour * 3_600_000).toISOString();
  const pump = (id: string) => DOSING_PUMPS.find((candidate) => candidate.id === id) ?? DOSING_PUMPS[0];

  const acid = await new MeteringDemo(writing, 'pump-acid', at(44, 9)).start();
  await acid.arrive({ current_mA: 11.6, display_m3h: 11.9, rate_spm: 61, residual_mgl: null });
  await acid.found({ gear: 'C', length: 70, mode: 'ext', rate: 0, range: '0-20' });
  await acid.plan(dutyOn(pump('pump-acid'), 44));
  await acid.set();
  await acid.prove([0, 0, 1, 0, -1], 0.98);
  await acid.handOver(dateAgo(-138));

  const scale = await new MeteringDemo(writing, 'pump-scale', at(58, 13)).start();
  await scale.arrive({ current_mA: 12.1, display_m3h: 3, rate_spm: 29, residual_mgl: null });
  await scale.found(twoPointValues({ length: 80, rateB: 64, below: 'hold', wire: 'off', power: 'go' }));
  await scale.plan(dutyOn(pump('pump-scale'), 58));
  await scale.set();
  await scale.prove([0, 0, 0, 1, 0], 1.02);
  await scale.handOver(dateAgo(-124));

  const spring = await new MeteringDemo(writing, 'pump-therapy', at(190, 10)).start();
  await spring.arrive({ current_mA: 12.4, display_m3h: 31.5, rate_spm: 44, residual_mgl: 0.7 });
  await spring.found(
    twoPointValues({ operation: 'manual', manualRate: 44, rateB: 165, below: 'hold', wire: 'off' }),
  );
  await spring.plan(dutyOn(pump('pump-therapy'), 190));
  await spring.set();
  await spring.prove([0, 0, -1, 0, 0], 0.97);
  await spring.handOver(dateAgo(8));

  const therapy = await new MeteringDemo(writing, 'pump-therapy', at(27, 9)).start();
  await therapy.arrive({ current_mA: 12.5, display_m3h: 32, rate_spm: 80, residual_mgl: 1.1 });
  const left = (await therapy.document()).lastLeft?.values ?? {};
  await therapy.found({ ...left, rateB: 120 });
  await therapy.plan(dutyOn(pump('pump-therapy'), 27));
  await therapy.set();
  await therapy.prove([0, 0, 1, 0, 0], 1.01);
  await therapy.handOver(dateAgo(-155));

  const well = await new MeteringDemo(writing, 'pump-well', at(23, 10)).start();
  await well.arrive({ current_mA: null, display_m3h: 1.6, rate_spm: 3, residual_mgl: 0.6 });
  await well.found({ stroke: 50, drive: 'ext', rate: 60, divide: 2 });
  await well.plan(dutyOn(pump('pump-well'), 23));
  await well.set();
  await well.check('pulses', null, { pulses: 60, strokes: 20, seconds: 120 });
  await well.check('prime', 'returns');
  await well.drawDown({ volumes_mL: [73.4, 73.0, 73.2], strokes: 730 });
  await well.automatic();
  await well.handOver(dateAgo(-159));

  // three drawdowns in a season: the volume falls, slowly, as valves wear
  const tub = {
    factor: 100,
    run: 'input',
    flow: 1,
    inA: 4,
    outA: 0,
    inB: 20,
    outB: 0.25,
    lost: 'off',
    suction: '100',
    gas: 'off',
    comp: 'off',
    contact: 'no',
    level: 'warn',
    power: 'run',
    fault: 'run',
    code: 'open',
  };
  for (const [daysAgo, volumes_mL] of [
    [214, [82.2, 82.0, 82.4]],
    [118, [82.4, 82.6, 82.2]],
    [20, [82.0, 81.6, 81.8]],
  ] as const) {
    const visit = await new MeteringDemo(writing, 'pump-tub', at(daysAgo, 14)).start();
    await visit.arrive({
      current_mA: 12,
      display_m3h: 6,
      rate_spm: 8,
      residual_mgl: 1.4,
      counter: 4_000_000 - daysAgo * 8000,
    });
    const before = daysAgo === 214 ? tub : ((await visit.document()).lastLeft?.values ?? {});
    await visit.found({ ...before });
    await visit.drawDown({ volumes_mL: [...volumes_mL], seconds: 600, shown_lph: 0.5 });
    await visit.plan(dutyOn(pump('pump-tub'), daysAgo));
    await visit.set();
    await visit.prove([], 1);
    for (const [check, seen] of [
      ['stop-closed', 'runs'],
      ['stop-open', 'stands'],
      ['stop-wire', 'stands'],
      ['prime', 'returns'],
      ['holds', 'stays'],
    ] as const) {
      await visit.check(check, seen);
    }
    await visit.automatic();
    await visit.handOver(dateAgo(daysAgo - 98));
  }

  // today, two hours ago: recorded, planned, and half entered
  const pups = await new MeteringDemo(
    writing,
    'pump-pup-pool',
    new Date(Date.parse(now) - 7_200_000).toISOString(),
  ).start();
  await pups.arrive({ current_mA: 11.4, display_m3h: 13.8, rate_spm: 66, residual_mgl: 1.9 });
  await pups.found(
    twoPointValues({ length: 70, currentA: 5, rateA: 12, rateB: 130, below: 'hold', wire: 'off' }),
  );
  await pups.plan(dutyOn(pump('pump-pup-pool'), 0));
  await pups.set(3);
}

function twoPointValues(changed: Record<string, string | number>): Record<string, string | number> {
  return {
    length: 100,
    operation: 'current',
    manualRate: 60,
    currentA: 4,
    rateA: 0,
    currentB: 20,
    rateB: 165,
    below: 'stop',
    wire: 'stop',
    limit: 165,
    power: 'go',
    ...changed,
  };
}
