import { shipped } from '../../families/suites/shipped.fixtures';
import { familyOf, type AnyProfile } from '../../families';
import { addressOf, inOrderOfWork, type SettingValue } from '../../profile';
import { Walk } from '../testing/walk.fixtures';
import { gateOfHandover, lastLeftOf, leftAsFound, linksMade, offeredChecks, summarise } from '..';

const LAMPS = shipped('metering-outside-lamps');
const MODULE = shipped('circulator-module-browser');

function walkOf(profile: AnyProfile, title: RegExp): Walk {
  const { duty, plate } = familyOf(profile.family)
    .examples(profile)
    .find((one) => title.test(one.title))!;
  return new Walk({ profile, duty, plate });
}
const address = (profile: AnyProfile, key: string) =>
  addressOf(inOrderOfWork(profile).find((one) => one.key === key)!);
const defaults = (profile: AnyProfile): Record<string, SettingValue | undefined> =>
  Object.fromEntries(inOrderOfWork(profile).map(({ key, default: value }) => [key, value]));
const lampOf = (walk: Walk) => offeredChecks(walk.view).find(({ key }) => key === 'seen-outside');
const left = (walk: Walk, key: string, value: SettingValue) =>
  walk.write({
    kind: 'sheet.enter',
    jobId: 'job-1',
    entryId: `left-${key}-${value}`,
    address: address(walk.document.profile, key),
    column: 'left',
    raw: String(value),
    unit: '',
    value,
    reason: null,
  });

describe('a lamp as a proof', () => {
  const arrived = () => {
    const walk = walkOf(LAMPS, /current signal/);
    walk.arrive();
    walk.found({ ...defaults(LAMPS), outside: 'dark', waits: 'dark', stopped: 'dark' });
    return walk;
  };
  test('what it must show follows what is in the controller, and a look proves it', () => {
    const walk = arrived();
    expect(lampOf(walk)?.expected).toBe('Dark');
    walk.plan();
    walk.acceptStops();
    walk.set();
    expect(lampOf(walk)?.expected).toBe('Steady');
    walk.record({ kind: 'discharge-safe', how: 'Into a container.' });
    walk.record({ kind: 'check', check: 'seen-outside', seen: 'dark', figures: {}, note: '' });
    expect(walk.view.checks[0].verdict.ok).toBe(false);
    walk.record({ kind: 'check', check: 'seen-outside', seen: 'steady', figures: {}, note: '' });
    expect(walk.view.checks[1].verdict.ok).toBe(true);
    expect(walk.view.checks[1].voided).toBe(false);
    // another setting leaves it, the one that it hangs on does not
    left(walk, 'memory', 'on');
    expect(walk.view.checks[1].voided).toBe(false);
    left(walk, 'mode', 'signal0');
    expect(walk.view.checks[1].voided).toBe(true);
  });
  test('the paper says what it showed when it was looked at last, never what it showed on arrival as what was left', () => {
    const walk = arrived();
    walk.plan();
    walk.acceptStops();
    walk.set();
    const line = () =>
      summarise(walk.view).settings.find(({ address: at }) => at === address(LAMPS, 'outside'));
    expect(line()).toMatchObject({ found: 'Dark', left: null, leftBy: null });
    walk.record({ kind: 'discharge-safe', how: 'Into a container.' });
    walk.record({ kind: 'check', check: 'seen-outside', seen: 'steady', figures: {}, note: '' });
    expect(line()).toMatchObject({ found: 'Dark', left: 'Steady', leftBy: 'read back' });
    // and nobody takes it over from there
    expect(walk.view.values.force.outside).toBeUndefined();
    expect(lastLeftOf(walk.document)?.values).not.toHaveProperty('strokes');
    expect(lastLeftOf(walk.document)?.values).toHaveProperty('mode');
  });
  test('one of which nothing is expected is asked for as a proof by nobody', () => {
    expect(offeredChecks(arrived().view).map(({ key }) => key)).not.toContain('seen-waits');
  });
  test('it is read as found like any other line, and never set', () => {
    const walk = arrived();
    walk.plan();
    const targets = walk.view.rows.filter(({ target }) => target).map((row) => row.address);
    for (const key of ['outside', 'strokes', 'version']) expect(targets).not.toContain(address(LAMPS, key));
  });
});

describe('what is fixed in the controller', () => {
  test('it counts without being read, and is on nobody’s list', () => {
    const walk = walkOf(MODULE, /^of radiators$/);
    walk.arrive();
    const owed = leftAsFound(walk.view);
    expect(walk.view.values.force).toMatchObject({ vOff: 1, vOn: 1.5, vFull: 10 });
    walk.found(defaults(MODULE));
    expect(owed - leftAsFound(walk.view)).toBeGreaterThan(20);
    expect(walk.view.rows.find((row) => row.address === address(MODULE, 'vOff'))?.found).toBeNull();
    walk.plan();
    expect(walk.view.rows.find((row) => row.address === address(MODULE, 'vOff'))?.target).toBeNull();
  });
});

describe('settings that a link between terminals opens', () => {
  const arrived = () => {
    const walk = walkOf(MODULE, /^of radiators$/);
    walk.arrive();
    return walk;
  };
  const told = (walk: Walk) => walk.view.findings.job.filter(({ text }) => text === 'ANY-17.link');
  const leave = (walk: Walk, leaving: ('covers' | 'link' | 'afar')[]) =>
    walk.record({ kind: 'automatic', seen: 'It follows its set value.', leaving });
  const read = (walk: Walk, key: string, confirmed?: true) =>
    walk.write({
      kind: 'sheet.enter-many',
      jobId: 'job-1',
      column: 'found',
      entries: [
        {
          entryId: `found-${key}`,
          address: address(MODULE, key),
          raw: '',
          unit: '',
          value: 'd',
          reason: null,
          ...(confirmed && { confirmed }),
        },
      ],
    });

  test('once one was read the link is asked for on leaving, and keeps the job open', () => {
    const walk = arrived();
    read(walk, 'sensorKind');
    expect(linksMade(walk.document)).toEqual(['a link between terminals 31 and 32.']);
    leave(walk, ['covers']);
    expect(told(walk)[0].values.connect).toContain('31 and 32');
    expect(gateOfHandover(walk.view).map(({ code }) => code)).toContain('ANY-17');
    leave(walk, ['covers', 'link']);
    expect(told(walk)).toEqual([]);
  });
  test('panels that somebody elsewhere can use are asked for too, and are no stop', () => {
    const walk = arrived();
    const open = () => walk.view.findings.job.filter(({ text }) => text === 'ANY-11.afar');
    expect(open()).toEqual([]);
    leave(walk, ['covers']);
    expect(open()[0]).toMatchObject({
      severity: 'warn',
      values: { panels: 'Browser page, Phone, by radio' },
    });
    leave(walk, ['covers', 'afar']);
    expect(open()).toEqual([]);
    const here = walkOf(LAMPS, /current signal/);
    here.arrive();
    leave(here, ['covers']);
    expect(here.view.findings.job.map(({ text }) => text)).not.toContain('ANY-11.afar');
  });
  test('one that was only confirmed as known, or not looked at, opened nothing', () => {
    const walk = arrived();
    expect(linksMade(walk.document)).toEqual([]);
    leave(walk, ['covers']);
    expect(told(walk)).toEqual([]);
  });
});
