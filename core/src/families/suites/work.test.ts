import { METRIC, type Reader } from '../../units';
import { viewJob } from '../../job';
import { TODAY, Walk } from '../../job/testing/walk.fixtures';
import { familyOf, FAMILY_NAMES, type RecordBody } from '../all';
import { SAMPLE_OF } from './samples.fixtures';

/** A record of each kind of work, as somebody would write it: the poor one and the good one. */
const WRITTEN: readonly RecordBody[] = [
  { kind: 'leads-swapped', waited_min: 6, provedDead: true },
  { kind: 'leads-swapped', waited_min: null, provedDead: false },
  { kind: 'turning', unit: 1, way: 'right', waited_min: null, provedDead: false },
  { kind: 'turning', unit: 1, way: 'leads', waited_min: 15, provedDead: true },
  { kind: 'identified', unit: 1, way: 'done', took_min: 4 },
  { kind: 'identified', unit: 1, way: 'broken-off', took_min: null },
  { kind: 'precharge', measured_bar: 0, empty: true },
  { kind: 'precharge', measured_bar: 2.9, empty: false },
  { kind: 'closed-valve', shown_hz: 38.5, inlet_bar: -0.4, openedAgain: true },
  { kind: 'salt', panel_gl: 2.6, kit_gl: 3.1, added_kg: 10 },
  { kind: 'salt', panel_gl: 2.6, kit_gl: null, added_kg: 0 },
  { kind: 'valves', which: 'Suction to the tub', traced: true, seen: 'the tub fell' },
  { kind: 'heater-rule', number: 0, rule: 'one-high' },
  { kind: 'serviced', what: 'Diaphragm', counter: null },
];
const READERS: readonly Reader[] = [METRIC, { ...METRIC, system: 'us' }];

const WORKS = SAMPLE_OF.flatMap(([name, sample]) =>
  familyOf(name).arrival.work.map((work) => [`${name}: ${work.kind}`, sample, work] as const),
);

test('every family is tried', () => {
  expect(new Set(SAMPLE_OF.map(([name]) => name))).toEqual(new Set(FAMILY_NAMES));
  expect(WORKS.length).toBeGreaterThan(5);
});

describe.each(WORKS)('%s', (_, sample, work) => {
  const view = viewJob(new Walk(sample).document, TODAY);
  const bodies = WRITTEN.filter(({ kind }) => kind === work.kind);

  test('what was recorded comes back from its card as it went', () => {
    expect(bodies.length).toBeGreaterThan(0);
    const form = work.form(view);
    for (const body of bodies) expect(form.read(form.write(body))).toEqual({ value: body, errors: {} });
  });

  test('what nobody said is asked for, and recorded of nobody', () => {
    const { value, errors } = work.form(view).read(work.form(view).blank);
    const figures = Object.keys(errors).length;
    // two leads that were swapped may well have nothing known of them: that is a finding
    if (work.kind === 'leads-swapped') expect(value).toEqual(WRITTEN[1]);
    else expect([value, figures > 0]).toEqual([null, true]);
  });

  test('it reads without a hole, in the units of whoever reads', () => {
    for (const reader of READERS)
      for (const body of bodies) {
        const { words } = work.said(body, view, reader);
        expect(words).toMatch(/\S/);
        expect(words).not.toMatch(/undefined|null|NaN|\[object/);
      }
  });
});
