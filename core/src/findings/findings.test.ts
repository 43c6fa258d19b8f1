import fc from 'fast-check';
import { MOTOR } from '../families/metering/fixtures';
import { TEN_SLOTS } from '../families/pool/fixtures';
import { METRIC, fig } from '../units';
import {
  anyFinding,
  bySeverity,
  decisionOn,
  fill,
  findingMaker,
  fingerprintOf,
  refusedValues,
  renderFinding,
  undecidedStops,
  type Decision,
  type Finding,
} from './index';
import { ALL_TEXTS } from '../families';

const finding = (change: Partial<Finding> = {}): Finding => ({
  code: 'POO-08',
  text: 'POO-08',
  severity: 'stop',
  subject: 'left',
  values: { speed: fig('speed', 3260) },
  addresses: ['motor/1/limit'],
  ...change,
});
const decided = (on: Finding, change: Partial<Decision> = {}): Decision => ({
  code: on.code,
  fingerprint: fingerprintOf(on),
  decision: 'accepted',
  reason: 'A new filter comes.',
  actor: 'Technician 1',
  recordedAt: '2026-11-24T09:00:00Z',
  ...change,
});

describe('a decision holds for what was decided on, and for nothing else', () => {
  test('for the same words and figures', () => {
    expect(decisionOn(finding(), [decided(finding())])?.reason).toBe('A new filter comes.');
    expect(undecidedStops([finding()], [decided(finding())])).toEqual([]);
  });
  test.each([
    ['another figure', { values: { speed: fig('speed', 3400) } }],
    ['another column', { subject: 'found' as const }],
    ['another text of the code', { text: 'POO-08.timed' }],
    ['another severity', { severity: 'warn' as const }],
  ])('not for %s', (_, change) => {
    expect(decisionOn(finding(change), [decided(finding())])).toBeNull();
  });
  test('where it stands on the sheet does not matter, and the last decision counts', () => {
    const moved = finding({ addresses: [] });
    const later = decided(finding(), { decision: 'customer-acts', reason: 'They see to it.' });
    expect(decisionOn(moved, [decided(finding()), later])?.reason).toBe('They see to it.');
    // what the customer is to do still keeps the next stage closed
    expect(undecidedStops([moved], [decided(finding()), later])).toEqual([moved]);
  });
  test('a warning closes nothing', () => {
    expect(undecidedStops([finding({ severity: 'warn' })], [])).toEqual([]);
  });
  test('a fingerprint hangs on every figure', () => {
    fc.assert(
      fc.property(
        fc.double({ noNaN: true, noDefaultInfinity: true }),
        fc.double({ noNaN: true, noDefaultInfinity: true }),
        (a, b) => {
          const [one, other] = [a, b].map((v) =>
            fingerprintOf(finding({ values: { speed: fig('speed', v) } })),
          );
          expect(one === other).toBe(JSON.stringify(a) === JSON.stringify(b));
        },
      ),
    );
  });
});

test('stops first, then warnings, then notes; by code within, and nothing is lost', () => {
  const list = [
    finding({ code: 'B-2', severity: 'note' }),
    finding({ code: 'B-1', severity: 'stop' }),
    finding({ code: 'A-9', severity: 'warn' }),
    finding({ code: 'A-1', severity: 'stop' }),
  ];
  expect(bySeverity(list).map(({ code }) => code)).toEqual(['A-1', 'B-1', 'A-9', 'B-2']);
  expect(list[0].code).toBe('B-2');
});

test('a finding takes its code from its text, and the severity of the text unless the figures raise it', () => {
  const make = findingMaker<'X-1' | 'X-1.bad'>({ 'X-1.bad': 'stop' });
  expect(make('X-1.bad', 'found', {})).toMatchObject({ code: 'X-1', severity: 'stop', addresses: [] });
  expect(make('X-1', 'found', {}, [undefined, 'a/1/b'])).toMatchObject({
    severity: 'warn',
    addresses: ['a/1/b'],
  });
  expect(make('X-1', 'found', {}, [], 'stop').severity).toBe('stop');
  expect(anyFinding('ANY-16', 'job', { times: '3' }).severity).toBe('stop');
});

describe('words', () => {
  test('figures are written in the reader’s units; a slot without a value is a defect', () => {
    expect(fill('At {speed}.', { speed: fig('speed', 2900) }, METRIC)).toBe('At 2900\u00a0rev/min.');
    expect(fill('{flow}', { flow: fig('waterFlow', 10) }, { system: 'us', decimal: '.' })).toContain('gpm');
    expect(() => fill('At {speed}.', {}, METRIC)).toThrow('no value for {speed}');
    expect(() => renderFinding(finding({ text: 'NONE' }), ALL_TEXTS, METRIC)).toThrow('no text “NONE”');
  });
  test.each(Object.entries(ALL_TEXTS))(
    '%s says what is so, what that will do, and what to do',
    (id, text) => {
      expect(id).toMatch(/^[A-Z]{3}-\d\d(\.[a-z-]+)?$/);
      for (const part of [text.so, text.will, text.todo]) expect(part.trim()).toMatch(/[.}]$/);
      expect(text.title).not.toMatch(/\.$/);
      // every brace belongs to a slot
      const bare = [text.title, text.so, text.will, text.todo].join(' ').replace(/\{\w+\}/g, '');
      expect(bare).not.toMatch(/[{}]/);
    },
  );
});

describe('ANY-09 a value that this controller would refuse', () => {
  const texts = (profile: Parameters<typeof refusedValues>[0], values: Record<string, number | string>) =>
    refusedValues(profile, 'found', values).map(({ text, addresses }) => [text, ...addresses]);
  test('mistake: below, above, off its step, or no choice of it', () => {
    expect(texts(TEN_SLOTS, { limit: 500 })).toEqual([['ANY-09.below', 'motor/1/limit']]);
    expect(texts(TEN_SLOTS, { limit: 3500 })).toEqual([['ANY-09.above', 'motor/1/limit']]);
    expect(texts(TEN_SLOTS, { boostTime: 47 })).toEqual([['ANY-09.step', 'prime/1/boostTime']]);
    expect(texts(TEN_SLOTS, { state: 'asleep' })).toEqual([['ANY-09.option', 'state/1/state']]);
    expect(texts(TEN_SLOTS, { 'start/3': 1440 })).toEqual([['ANY-09.option', 'programs/3/start']]);
  });
  test('near miss: at its limits and on its step', () => {
    expect(texts(TEN_SLOTS, { limit: 620, boostTime: 45, state: 'hold', 'start/3': 1439 })).toEqual([]);
    expect(texts(MOTOR, {})).toEqual([]);
  });
  test('it says the value, the limit and the unit', () => {
    const [above] = refusedValues(TEN_SLOTS, 'found', { limit: 3500 });
    const { so, todo } = renderFinding(above, ALL_TEXTS, METRIC);
    expect(`${so} ${todo}`).toContain('3500 rev/min');
    expect(`${so} ${todo}`).toContain('3260 rev/min');
  });
});
