import { offeredChecks, workOrder } from '../../job';
import { Walk } from '../../job/testing/walk.fixtures';
import { FAMILY_NAMES } from '../all';
import { samplesOf } from './samples.fixtures';

const SAMPLES = FAMILY_NAMES.flatMap((name) =>
  samplesOf(name).map((sample) => [`${name}: ${sample.profile.id}`, sample] as const),
);
const linesOf = (walk: Walk, heading: string) =>
  workOrder(walk.view).sections.find((section) => section.heading === heading)!.lines;
const SETTINGS = 'Settings, in the order of work';

describe.each(SAMPLES)('%s', (_, sample) => {
  test('planned the evening before: duty, each target with its why, and what is tried, before anything was found', () => {
    const walk = new Walk(sample);
    walk.plan();
    const { sections, about } = workOrder(walk.view);
    expect(about).toContain('planned for');
    for (const { heading, lines } of sections) {
      expect([heading, lines.length > 0]).toEqual([heading, true]);
      expect(lines.join(' ')).not.toMatch(/undefined|null|NaN|\[object/);
    }
    const targets = walk.view.rows.filter(({ target }) => target?.value != null);
    expect(linesOf(walk, SETTINGS)).toHaveLength(targets.length);
    // what is not known yet is room to write it in, and no figure
    expect(
      linesOf(walk, SETTINGS).every((line) => line.includes('________ →') || line.includes('stays at')),
    ).toBe(true);
  });

  test('what it says is tried is what the job then asks for', () => {
    const walk = new Walk(sample);
    walk.arrive();
    walk.found(sample.found);
    walk.plan();
    const said = linesOf(walk, 'Proved at the pump');
    walk.set();
    for (const { title } of offeredChecks(walk.view).slice(0, 5))
      expect(said.some((line) => line.startsWith(`${title}: `))).toBe(true);
  });

  test('without a plan it is the whole sheet, to be filled in', () => {
    const { profile, plate } = sample;
    const walk = new Walk({ profile, plate, duty: null });
    expect(linesOf(walk, 'Duty')).toEqual(['No duty is entered yet.']);
    const [first, ...rest] = linesOf(walk, SETTINGS);
    expect(first).toContain('No plan is accepted yet');
    expect(rest.length).toBeGreaterThan(1);
    expect(rest.every((line) => line.includes('________'))).toBe(true);
    expect(linesOf(walk, 'Proved at the pump')).toEqual(['What is tried follows from the duty.']);
  });
});
