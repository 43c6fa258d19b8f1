import { viewJob } from '../../../job';
import { Walk } from '../../../job/testing/walk.fixtures';
import { SAMPLES, DUTY } from '../fixtures';
import { FIRST_STEPS } from '../wire/records';

const [sample] = SAMPLES;
const ALL = FIRST_STEPS.map(({ key }) => key);
const codesOf = (walk: Walk) => viewJob(walk.document, '2026-11-24').findings.job.map(({ text }) => text);
const begun = (duty = DUTY) => {
  const walk = new Walk({ ...sample, duty });
  walk.arrive();
  return walk;
};

describe('CIR-01 and CIR-02, what is seen before it runs', () => {
  test('mistake: power before water is a stop; near miss: all of it was seen', () => {
    const walk = begun();
    walk.record({
      kind: 'seen-first',
      seen: ALL.filter((key) => key !== 'water-first'),
      why: 'It ran already.',
    });
    expect(codesOf(walk)).toContain('CIR-01');
    expect(codesOf(walk)).not.toContain('CIR-02');
    walk.record({ kind: 'seen-first', seen: ALL, why: '' });
    expect(codesOf(walk)).not.toContain('CIR-01');
  });
  test('mistake: the arrow was not looked at; what was not seen is named, with why', () => {
    const walk = begun();
    walk.record({ kind: 'seen-first', seen: ALL.filter((key) => key !== 'valves'), why: 'Lagged over.' });
    expect(codesOf(walk)).toContain('CIR-02');
    expect(codesOf(begun())).not.toContain('CIR-02');
  });
});

describe('CIR-21 the sensor’s wire', () => {
  test('mistake: nobody tried what it does without; near miss: tried, whatever it was told by', () => {
    const sensor = begun({ ...DUTY, control: { kind: 'sensor', range_bar: 0.6 } });
    expect(codesOf(sensor)).toContain('CIR-21.sensor');
    sensor.found(sample.found);
    sensor.plan();
    sensor.set();
    sensor.prove();
    expect(codesOf(sensor)).not.toContain('CIR-21.sensor');
    expect(codesOf(begun())).not.toContain('CIR-21.sensor');
  });
});
