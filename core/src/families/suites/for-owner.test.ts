import { ownerPage, refusalOf, toldLeft, toldToOwner } from '../../job';
import { TODAY, Walk } from '../../job/testing/walk.fixtures';
import { inOrderOfWork, optionWithRole } from '../../profile';
import { FAMILY_NAMES } from '../all';
import { samplesOf } from './samples.fixtures';

const SAMPLES = FAMILY_NAMES.flatMap((name) =>
  samplesOf(name).map((sample) => [`${name}: ${sample.profile.id}`, sample] as const),
);
const done = (sample: (typeof SAMPLES)[number][1]) => {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.set();
  return walk;
};
const linesOf = (walk: Walk, heading: string) =>
  ownerPage(walk.view).sections.find((section) => section.heading === heading)!.lines;

describe.each(SAMPLES)('%s', (_, sample) => {
  test('every part says something in whole sentences; when it runs is known once it is set', () => {
    const walk = done(sample);
    const { title, sections } = ownerPage(walk.view);
    expect(title).toContain(walk.document.pump.tag);
    for (const { heading, lines } of sections) {
      expect([heading, lines.length > 0]).toEqual([heading, true]);
      for (const line of lines) expect(line).toMatch(/^\p{Lu}.*[.!?]$|: |^\S/u);
      expect(lines.join(' ')).not.toMatch(/undefined|null|NaN|\[object/);
    }
    expect(linesOf(walk, 'When it runs').join(' ')).not.toContain('not known');
  });

  test('of a pump of which nothing was read it names no figure', () => {
    const { profile, plate } = sample;
    const walk = new Walk({ profile, plate, duty: null });
    const [first] = linesOf(walk, 'When it runs');
    // what it is by its kind alone may be known; no figure of it is
    if (!first.startsWith('The '))
      expect(first).toBe('When it runs is not known: its settings were not read yet.');
    expect(linesOf(walk, 'When it runs').join(' ')).not.toMatch(/\d/);
    expect(linesOf(walk, 'How it is stopped')[0]).toBe('Where it is switched off was not written down.');
  });

  test('what is locked is said by its name, and never what opens it', () => {
    const walk = new Walk(sample);
    const locks = inOrderOfWork(sample.profile).flatMap((one) => {
      const on = ['lock.on', 'access.locked', 'password.own']
        .map((role) => optionWithRole(one, role))
        .find((value) => value !== undefined);
      return on === undefined ? [] : [{ one, on }];
    });
    walk.arrive();
    walk.found({ ...sample.found, ...Object.fromEntries(locks.map(({ one, on }) => [one.key, on])) });
    const said = linesOf(walk, 'What is locked').join(' ');
    for (const { one } of locks) expect(said).toContain(one.label);
    expect(said).not.toMatch(/\d{3}/);
    if (locks.length > 0) expect(said).toContain('Who keeps code or key was not written down.');
  });
});

describe('what is written down for them', () => {
  const [, sample] = SAMPLES[0];
  const told = { stopAt: 'Isolator left of the door.', keeper: 'The caretaker', call: 'Workshop, 555 012' };
  const write = (walk: Walk, part: Partial<typeof told> = {}) =>
    walk.record({ kind: 'for-owner', ...told, ...part });

  test('stands on the page, on the last that was written, and goes on to the next job', () => {
    const walk = done(sample);
    write(walk, { call: 'The office' });
    write(walk);
    expect(linesOf(walk, 'How it is stopped')[0]).toBe('Switched off at: Isolator left of the door.');
    expect(linesOf(walk, 'What is locked').join(' ')).toContain('Code or key is kept by: The caretaker');
    expect(linesOf(walk, 'Whom to call')[0]).toBe('Workshop, 555 012');
    const [handed] = toldLeft(walk.document);
    expect(handed.body).toEqual({ kind: 'for-owner', ...told });
    const next = new Walk(sample);
    next.document = { ...next.document, earlier: [handed] };
    expect(toldToOwner(next.document)).toMatchObject(told);
    // and from there on, where nobody writes it anew
    expect(toldLeft(next.document)).toEqual([handed]);
  });

  test('a code where a person is asked for is refused at its field; near miss: a room of two figures', () => {
    const walk = done(sample);
    const asked = (part: Partial<typeof told>) =>
      refusalOf(
        walk.document,
        {
          kind: 'job.record',
          jobId: walk.document.job.id,
          recordId: 'r',
          record: { kind: 'for-owner', ...told, ...part },
        },
        TODAY,
      );
    expect(asked({ keeper: 'Caretaker, 4711' })).toMatchObject({ field: 'record.keeper' });
    expect(asked({ keeper: 'The office, room 12' })).toBeNull();
    expect(asked({ stopAt: ' ', keeper: '', call: '' })).toMatchObject({ field: 'record.stopAt' });
    expect(asked({ stopAt: '', keeper: '' })).toBeNull();
    expect(asked({ call: 'c'.repeat(301) })).toMatchObject({ field: 'record.call' });
    expect(asked({ call: 'c'.repeat(300) })).toBeNull();
  });

  test('it is no work at the pump: a planned job stays planned, and nothing proved is proved anew', () => {
    const walk = new Walk(sample);
    write(walk);
    expect(walk.document.job.state).toBe('planned');
    const whole = done(sample);
    whole.prove();
    whole.record({ kind: 'automatic', seen: 'It runs.' });
    const codes = () => whole.view.findings.job.map(({ code }) => code);
    const before = codes();
    write(whole);
    expect(codes()).toEqual(before);
  });
});
