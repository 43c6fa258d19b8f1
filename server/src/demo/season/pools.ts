import type { Writing } from '../../jobs';
import { PoolDemo } from './pool-job';
import { otherPump } from '../shipped';
import { heldBy } from './held-by';

/** The season's work at the pools: the tub twice, the pup pool once. The therapy pool and the seal pool wait for a visit. */
export async function poolSeason(writing: Writing, dateAgo: (days: number) => string): Promise<void> {
  const at = (daysAgo: number, hour: number) =>
    new Date(Date.parse(`${dateAgo(daysAgo)}T00:00:00Z`) + hour * 3_600_000).toISOString();
  const duty = (id: string) => {
    const { duty: wanted } = otherPump(id);
    if (wanted.family !== 'pool') throw new Error(`“${id}” is no pool pump.`);
    return wanted;
  };

  const spring = await new PoolDemo(writing, 'pool-tub', at(171, 9)).start();
  await spring.arrive({ speed_rpm: 2900, power_W: 760, water_C: 35.8, clockAhead_min: 62 });
  await spring.found(
    heldBy('pool-drive-four-speeds', {
      programs: [
        { slot: 1, from: 360, until: 1380, share: 100 },
        { slot: 2, from: 0, until: 360, share: 60 },
      ],
    }),
  );
  await spring.plan(duty('pool-tub'));
  await spring.set();
  await spring.prove(1.01);
  await spring.handOver(dateAgo(-12));

  const autumn = await new PoolDemo(writing, 'pool-tub', at(33, 11)).start();
  const left = (await autumn.document()).lastLeft?.values ?? {};
  await autumn.arrive({ speed_rpm: 1300, power_W: 86, water_C: 36.1, clockAhead_min: -7 });
  await autumn.found({ ...left, 'from/2': 1020, 'until/2': 1260, 'share/2': 90 });
  await autumn.plan(duty('pool-tub'));
  await autumn.set();
  await autumn.prove(0.98);
  await autumn.handOver(dateAgo(-150));

  const pups = await new PoolDemo(writing, 'pool-pups', at(68, 10)).start();
  await pups.arrive({ speed_rpm: 2900, power_W: 1460, water_C: 20.4, clockAhead_min: 3 });
  await pups.found(
    heldBy('circuit-panel-eight', {
      source: 'first',
      solarStart: 3,
      solarStop: 2.5,
      circuitSpeed: 2900,
      'circuitSpeed/3': 2900,
      'circuitSpeed/6': 2400,
      output: 100,
      frost: 'on',
      programs: [
        { slot: 1, circuit: 'c1', days: '1234567', start: 480, stop: 1320 },
        { slot: 2, circuit: 'c3', days: '135', start: 480, stop: 600 },
      ],
    }),
  );
  await pups.plan(duty('pool-pups'));
  await pups.set();
  await pups.prove(1);
  await pups.handOver(dateAgo(-115));
}
