import { Walk } from '../../../job/testing/walk.fixtures';
import { applies, inOrderOfWork } from '../../../profile';
import { checkSettings } from '../checks/checks';
import { contextOf, DUTY, ONE, PLATE, SHEETS, sound, texts } from '../fixtures';
import type { DriveDuty } from '../wire/duty';

const three: DriveDuty = { ...DUTY, pump: { ...DUTY.pump, count: 3 } };
const context = contextOf(SHEETS, three);

describe('drives with a sheet each', () => {
  test('each fitted one is planned, and none that is not there', () => {
    const plan = sound(context);
    expect([1, 2, 3].map((unit) => plan[unit === 1 ? 'amps' : `amps/${unit}`])).toEqual([4.6, 4.6, 4.6]);
    expect([plan.own, plan['own/2'], plan['own/3']]).toEqual([1, 2, 3]);
    expect(plan['amps/4']).toBeUndefined();
    // what is sent to all is entered once
    expect(plan['set/2']).toBeUndefined();
  });
  test('a place past the number of drives asks for nothing', () => {
    const rows = inOrderOfWork(SHEETS).filter((one) => applies(one, { ...sound(context), count: 3 }));
    expect(rows.map(({ key }) => key)).toContain('amps/3');
    expect(rows.map(({ key }) => key)).not.toContain('amps/4');
    // while nobody read how many there are, every place may count
    expect(
      inOrderOfWork(SHEETS)
        .filter((one) => applies(one, {}))
        .map(({ key }) => key),
    ).toContain('amps/8');
  });
  test('DRV-02 and DRV-05: a slip at the third alone is told there; near miss: at none', () => {
    const found = checkSettings(context, 'found', { ...sound(context), 'amps/3': 3.4, 'dry/2': 'w' });
    const of = (text: string) =>
      found.filter((one) => one.text === text).flatMap(({ addresses }) => addresses);
    expect(of('DRV-02')).toEqual(['drive/3/amps']);
    expect(of('DRV-05')).toEqual(['drive/2/dry']);
    expect(texts(context)).not.toEqual(expect.arrayContaining(['DRV-02']));
  });
  test('the same slip at two of them is decided on one by one', () => {
    const found = checkSettings(context, 'found', { ...sound(context), amps: 3.4, 'amps/3': 3.4 });
    const slips = found.filter(({ text }) => text === 'DRV-02');
    expect(slips).toHaveLength(2);
    expect(new Set(slips.map(({ values }) => JSON.stringify(values))).size).toBe(2);
  });
  test('DRV-06: two alike are told once, over all of them', () => {
    const found = checkSettings(context, 'found', { ...sound(context), 'own/3': 2 });
    expect(found.filter(({ text }) => text === 'DRV-06')).toHaveLength(1);
  });
});

describe('DRV-00 motor identification', () => {
  const profile = { ...SHEETS, behaviours: { ...SHEETS.behaviours, identifies_min: 4 } };
  const begun = (duty: DriveDuty) => {
    const walk = new Walk({ profile, duty, plate: PLATE });
    walk.arrive();
    return walk;
  };
  const told = (walk: Walk) => walk.view.findings.job.filter(({ code }) => code === 'DRV-00');
  const identified = (unit: number, way: 'done' | 'broken-off') =>
    ({ kind: 'identified', unit, way, took_min: 4 }) as const;

  test('mistake: not at all, broken off, or one left out; near miss: each finished, the last time counts', () => {
    const walk = begun(DUTY);
    walk.plan();
    const units = () => told(walk).find(({ text }) => text === 'DRV-00.identify')?.values.units;
    expect(units()).toBe('unit 1, unit 2');
    walk.record(identified(1, 'broken-off'));
    walk.record(identified(2, 'done'));
    expect(units()).toBe('unit 1');
    walk.record(identified(1, 'done'));
    expect(units()).toBeUndefined();
  });
  test('mistake: the motor entered anew afterwards; near miss: before it', () => {
    const walk = begun(ONE);
    walk.found({ amps: 3.4, rpm: 2880 });
    walk.plan();
    walk.record(identified(1, 'done'));
    walk.set();
    expect(told(walk).map(({ text, addresses }) => [text, addresses])).toContainEqual([
      'DRV-00.again',
      ['drive/1/amps'],
    ]);
    walk.record(identified(1, 'done'));
    expect(told(walk).map(({ text }) => text)).not.toContain('DRV-00.again');
  });
  test('a controller that does it is asked by a card of its own, and by no tick', () => {
    const walk = begun(ONE);
    walk.plan();
    const words = told(walk)
      .map(({ values }) => JSON.stringify(values))
      .join();
    expect(words).not.toContain('identified at rest');
  });
});
