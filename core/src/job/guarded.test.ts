import { answersIn } from '../describe';
import { DUTY, PLATE, SAMPLES as DRIVES, SET } from '../families/drive/fixtures';
import { familyOf, type Duty, type JobCommand } from '../families';
import { renderFinding } from '../findings';
import { ALL_TEXTS } from '../families';
import { METRIC } from '../units';
import {
  answersOf,
  carriedOver,
  clashIn,
  gateOfSet,
  guardedChanges,
  leavingFindings,
  refusalOf,
} from './index';
import { TODAY, Walk, type Sample } from './testing/walk.fixtures';

const SAMPLE: Sample = { profile: SET, duty: DUTY, plate: PLATE, found: DRIVES[0].found };
const SET_PRESSURE = SET.parameters.find(({ role }) => role === 'set')!;
const address = `${SET_PRESSURE.group}/1/${SET_PRESSURE.key}`;
const found = Number(SAMPLE.found[SET_PRESSURE.key]);

/** A small job on a set of which nothing is known, with its set pressure chosen and read. */
function begin(value: number): Walk {
  const walk = new Walk({ ...SAMPLE, duty: null, small: true });
  walk.choose(address, value);
  walk.arrive();
  walk.found(SAMPLE.found, [address]);
  return walk;
}
const answered = (walk: Walk, duty: Record<string, unknown>) =>
  walk.record({ kind: 'duty-part', duty: { family: 'drive', ...duty } });
const texts = (walk: Walk) => walk.view.findings.target.map(({ text }) => text);
const LIMITS = { holds: { kind: 'pressure' }, rating: { lowest_bar: 10 } };

describe('a change that can hurt, with no duty', () => {
  test('asks for every limit that guards it, each by its name on the form', () => {
    const walk = begin(found + 1);
    const [change] = guardedChanges(walk.document, walk.view.rows);
    expect(change).toMatchObject({ address, greater: true, open: ['holds.kind', 'rating.lowest_bar'] });
    const stop = walk.view.findings.target.find(({ text }) => text === 'ANY-00.guard')!;
    expect(renderFinding(stop, ALL_TEXTS, METRIC).so).toMatch(/: lowest rating downstream\./);
    expect(gateOfSet(walk.view).map(({ code }) => code)).toEqual(['ANY-00']);
  });

  test('is judged by them once they are entered: within them it is free, beyond them a stop', () => {
    const walk = begin(found + 1);
    answered(walk, LIMITS);
    expect(texts(walk)).toEqual(['ANY-00.rest']);
    expect(gateOfSet(walk.view)).toEqual([]);
    // near miss: a rating one step above what is set, and one below it
    answered(walk, { ...LIMITS, rating: { lowest_bar: found + 1 } });
    expect(texts(walk)).not.toContain('DRV-09.set');
    answered(walk, { ...LIMITS, rating: { lowest_bar: found + 0.9 } });
    expect(texts(walk)).toContain('DRV-09.set');
    expect(gateOfSet(walk.view).map(({ code }) => code)).toEqual(['DRV-09']);
  });

  test('near miss: lowered it endangers nothing, and what it does to the taps is said to be unseen', () => {
    const walk = begin(found - 0.5);
    expect(texts(walk)).toEqual(['ANY-00.rest']);
    expect(gateOfSet(walk.view)).toEqual([]);
  });

  test('says on paper by what it was judged, and hands the answers on', () => {
    const walk = begin(found + 1);
    answered(walk, LIMITS);
    walk.set();
    expect(leavingFindings(walk.view).map(({ text }) => text)).not.toContain('ANY-00.guard');
    walk.leave();
    const { facts } = walk.document.handover!.summary;
    expect(facts).toEqual([
      {
        label: `${SET_PRESSURE.label}: checked against`,
        words: expect.stringMatching(/Lowest rating downstream 10\sbar$/) as string,
      },
    ]);
    const carried = carriedOver(walk.document).filter(({ body }) => body.kind === 'duty-part');
    expect(carried.map(({ body }) => body)).toEqual([
      { kind: 'duty-part', duty: { family: 'drive', ...LIMITS } },
    ]);
    const next = new Walk({ ...SAMPLE, duty: null, small: true });
    next.document = { ...next.document, earlier: carried };
    next.choose(address, found + 1);
    expect(guardedChanges(next.document, next.view.rows)[0].open).toEqual([]);
  });

  test('two that answered otherwise are asked which of them holds; the same answer twice is none', () => {
    const walk = begin(found + 1);
    const base = walk.document.job.version;
    answered(walk, LIMITS);
    const mine = (lowest_bar: number): JobCommand => ({
      id: 'c-1',
      device: 'another',
      actor: 'Technician 2',
      baseVersion: base,
      recordedAt: '2026-11-24T12:00:00.000Z',
      body: {
        kind: 'job.record',
        jobId: 'job-1',
        recordId: 'r-1',
        record: { kind: 'duty-part', duty: { family: 'drive', ...LIMITS, rating: { lowest_bar } } },
      },
    });
    expect(clashIn(walk.document, mine(6))?.words).toContain('wrote the same down otherwise');
    expect(clashIn(walk.document, mine(LIMITS.rating.lowest_bar))).toBeNull();
  });

  test.each([
    [{ rating: { lowest_bar: -3 } }, 'record.duty.rating.lowest_bar'],
    [{ rating: { lowest_bar: 'ten' } }, 'record.duty.rating.lowest_bar'],
    [{ rating: { highest_bar: 10 } }, 'record.duty.rating.highest_bar'],
    [{ colour: 'red' }, 'record.duty.colour'],
    [{ family: 'pool' }, 'record.duty.family'],
  ])('takes no answer that the duty has not: %j', (duty, field) => {
    const walk = begin(found + 1);
    const record = { kind: 'duty-part', duty: { family: 'drive', ...duty } } as const;
    const refusal = refusalOf(
      walk.document,
      { kind: 'job.record', jobId: 'job-1', recordId: 'r', record },
      TODAY,
    );
    expect(refusal?.field).toBe(field);
    expect(refusal?.words).toMatch(/^[A-Z].*\.$/);
  });
});

describe('a duty in parts', () => {
  const family = familyOf('drive');
  const part = { family: 'drive', holds: DUTY.holds, pump: { count: DUTY.pump.count } };
  const planOf = (duty: Duty | null) => ({
    kind: 'plan.accept' as const,
    jobId: 'job-1',
    planId: 'plan-1',
    duty,
    part,
    targets: [
      {
        entryId: 'e-1',
        address,
        value: found + 0.5,
        unit: SET_PRESSURE.unit ?? '',
        reason: 'As it follows',
      },
    ],
  });
  const begun = () => {
    const walk = new Walk({ ...SAMPLE, duty: null });
    walk.arrive();
    walk.found(SAMPLE.found);
    return walk;
  };

  test('is planned with as far as it goes: what was not looked at is a stop until it is accepted in writing', () => {
    const walk = begun();
    walk.write(planOf(null));
    expect(answersOf(walk.document)).toEqual(answersIn(family.wire.duty, part));
    expect(walk.document.plans).toEqual([]);
    const stops = walk.view.findings.target.filter(({ severity }) => severity === 'stop');
    expect(stops.map(({ text }) => text)).toContain('ANY-00.part');
    expect(gateOfSet(walk.view).map(({ code }) => code)).toContain('ANY-00');
    walk.acceptStops();
    expect(gateOfSet(walk.view)).toEqual([]);
    walk.set();
    expect(leavingFindings(walk.view).find(({ text }) => text === 'ANY-00.part')?.severity).toBe('warn');
  });

  test('gives way to the whole one, and is refused where that is known', () => {
    const walk = begun();
    walk.write(planOf(null));
    walk.write({ ...planOf(DUTY), planId: 'plan-2' });
    expect(answersOf(walk.document)).toBeNull();
    expect(walk.view.findings.target.map(({ text }) => text)).not.toContain('ANY-00.part');
    const refusal = refusalOf(walk.document, { ...planOf(null), planId: 'plan-3' }, TODAY);
    expect(refusal).toMatchObject({ field: 'duty', code: 'duty-known' });
  });

  test('of another family is refused at its place', () => {
    const walk = begun();
    const other = { ...planOf(null), part: { family: 'spa' } };
    expect(refusalOf(walk.document, other, TODAY)).toMatchObject({ field: 'part.family' });
  });
});
