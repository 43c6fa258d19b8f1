import { SAMPLE_OF } from '../../families/suites/samples.fixtures';
import type { HandoverSetting } from '../../visit';
import { Walk } from '../testing/walk.fixtures';
import { changedLines, offeredLine } from './changed-lines';
import { measuredLine } from './measured-line';
import { summarise } from './handover';

const setting = (label: string, found: string | null, left: string | null, unit = ''): HandoverSetting => ({
  address: `main/1/${label.replace(/\W/g, '')}`,
  label,
  unit,
  found,
  target: left,
  left,
  changed: found !== left,
  reason: null,
});

test('each change has its unit on both sides, a program is one line, and what was left is none', () => {
  expect(
    changedLines([
      setting('Stroke length', '100', '74', '%'),
      setting('Program 5: start', '7:00', '22:00'),
      setting('Program 5: speed', '2900', '1400', 'rev/min'),
      setting('Program 6: start', '6:00', '7:00'),
      setting('Mode', 'Manual', 'Analog', '-'),
      setting('Rate', null, '40', '1/min'),
      setting('Language', 'English', 'English'),
    ]),
  ).toEqual([
    { what: 'Stroke length', from: '100 %', to: '74 %' },
    { what: 'Program 5', from: 'start 7:00, speed 2900 rev/min', to: 'start 22:00, speed 1400 rev/min' },
    { what: 'Program 6: start', from: '6:00', to: '7:00' },
    { what: 'Mode', from: 'Manual', to: 'Analog' },
    { what: 'Rate', from: null, to: '40 1/min' },
  ]);
});

describe.each(SAMPLE_OF)('%s', (_name, sample) => {
  test('page one names every setting that was changed, and every proof that was not tried', () => {
    const walk = new Walk(sample);
    walk.arrive();
    walk.found(sample.found);
    walk.plan();
    walk.acceptStops();
    walk.set();
    const summary = summarise(walk.view);
    const said = (summary.changed ?? []).flatMap(({ what, to }) => [what, to]).join(' ');
    for (const { label, changed } of summary.settings)
      if (changed) expect(said).toContain(label.split(': ')[0]);
    const line = offeredLine(summary);
    if (summary.notTried.length > 0)
      expect(line).toMatch(/^0 of \d+ proofs offered were tried\. Not tried: /);
    walk.prove();
    const proved = summarise(walk.view);
    if (proved.notTried.length === 0 && proved.checks.length > 0)
      expect(offeredLine(proved)).toMatch(/^All \d+ proofs that were offered were tried\.$/);
    // a figure that was read stands with its title, a state that was seen does not
    const measured = measuredLine(proved);
    const asked = walk.view.checks.filter(({ verdict }) => verdict.ok);
    const figures = asked.filter(({ record }) => Object.keys(record.body.figures).length > 0);
    expect(measured === null).toBe(figures.length === 0);
    for (const { check, verdict } of figures.slice(0, 6))
      expect(measured).toContain(`${check.title}: ${verdict.seen}`);
    for (const { check, record } of asked)
      if (record.body.seen !== null) expect(measured ?? '').not.toContain(`${check.title}: `);
  });
});
