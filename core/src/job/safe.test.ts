import { familyOf, type RecordBody } from '../families';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { kindsThat } from '../visit';
import { refusalOf } from './refusals';
import { isLockedOff, isMadeSafe, isOpenToPower, powerBack, powerSteps, stepsHolding } from './safe';
import { TODAY, Walk } from './testing/walk.fixtures';

/** Power against work, on every family: what is isolated, what is not any more, and what asks for it anew. */

/** What a record says where only some of its kind are done with the hands in the pump. */
const WITH_HANDS: Readonly<Record<string, object | undefined>> = { turning: { way: 'leads' } };

describe.each(SAMPLE_OF)('%s', (name, sample) => {
  const steps = familyOf(name).arrival.makeSafe;
  const safe = (walk: Walk, keys: readonly string[], on: readonly string[] = keys) =>
    walk.record({ kind: 'make-safe', steps: [...keys], changed: { on: [...on], off: [] } });
  const all = steps.map(({ key }) => key);
  const hands = steps.filter((step) => step.hands).map(({ key }) => key);
  const handsIn = kindsThat('handsIn', familyOf(name).wire.records);

  test('what takes the supply off is a step before hands go in', () => {
    expect(steps.filter(({ power }) => power).every((step) => step.hands)).toBe(true);
  });

  test('once the power returns nothing is isolated, and keys go on; locked off again it is', () => {
    const walk = new Walk(sample);
    safe(walk, all);
    expect(isMadeSafe(walk.document)).toBe(true);
    const locks = powerSteps(walk.document);
    expect(isLockedOff(walk.document)).toBe(locks.length > 0);
    walk.record({ kind: 'power-back' });
    expect(isLockedOff(walk.document)).toBe(false);
    expect(isMadeSafe(walk.document)).toBe(true);
    if (locks.length === 0) return;
    expect(powerBack(walk.document)).not.toBeNull();
    // near miss: one lock of two is none
    for (const [i, key] of locks.entries()) {
      safe(walk, all, [key]);
      expect(isLockedOff(walk.document)).toBe(i === locks.length - 1);
    }
    // a lock that is taken off again is none: the power is as it was when it returned
    const less = all.filter((key) => key !== locks[0]);
    walk.record({ kind: 'make-safe', steps: less, changed: { on: [], off: [locks[0]] } });
    expect(isLockedOff(walk.document)).toBe(false);
    expect(isOpenToPower(walk.document)).toBe(true);
    expect(stepsHolding(walk.document)).not.toContain(locks[0]);
  });

  test('keys, eyes and instruments only: made safe without a lock; near miss: not without the other steps', () => {
    const walk = new Walk(sample);
    const keys = all.filter((key) => !hands.includes(key));
    safe(walk, [...keys, 'no-hands']);
    expect(isMadeSafe(walk.document)).toBe(true);
    expect(isLockedOff(walk.document)).toBe(false);
    const short = new Walk(sample);
    safe(short, [...keys.slice(1), 'no-hands']);
    expect(isMadeSafe(short.document)).toBe(false);
  });

  test.each(handsIn.length === 0 ? ['none'] : handsIn)('hands in (%s) ask for it anew', (kind) => {
    if (kind === 'none') return expect(handsIn).toEqual([]);
    const walk = new Walk(sample);
    const write = () =>
      refusalOf(
        walk.document,
        {
          kind: 'job.record',
          jobId: 'job-1',
          recordId: 'r',
          record: { kind, ...(WITH_HANDS[kind] ?? {}) } as RecordBody,
        },
        TODAY,
      )?.code;
    // nothing was said of it yet: nothing is refused for it
    expect(write()).not.toBe('ANY-02');
    safe(walk, all);
    expect(write()).not.toBe('ANY-02');
    walk.record({ kind: 'power-back' });
    expect(write()).toBe('ANY-02');
    safe(walk, all, powerSteps(walk.document));
    expect(write()).not.toBe('ANY-02');
  });
});

test('leads are swapped with the lock on; near miss: a direction put right by menu is keys', () => {
  const [, sample] = SAMPLE_OF.find(([name]) => name === 'drive')!;
  const walk = new Walk(sample);
  walk.record({ kind: 'power-back' });
  const turned = (way: string) =>
    refusalOf(
      walk.document,
      {
        kind: 'job.record',
        jobId: 'job-1',
        recordId: 'r',
        record: { kind: 'turning', unit: 1, way } as RecordBody,
      },
      TODAY,
    )?.code;
  expect(turned('leads')).toBe('ANY-02');
  expect(turned('menu')).not.toBe('ANY-02');
});
