import { DUTY, TEN_SLOTS, TODAY } from '../../families/pool/fixtures';
import { summarise } from './handover';
import { badlyRun, blankPoolJob, PoolWriter } from '../testing/pool-fixtures';
import { viewJob } from '../view';

const summaryOf = (document: Parameters<typeof viewJob>[0]) => summarise(viewJob(document, TODAY));

describe('what a hand-over says of a setting', () => {
  test('the value in force, and how it is known: read back, as found, or from the last visit', () => {
    const job = badlyRun().plan();
    const before = summaryOf(job.document).settings.find(({ address }) => address.endsWith('/limit'))!;
    expect(before).toMatchObject({
      found: '3260',
      target: '2630',
      left: '3260',
      leftBy: 'as found',
      changed: false,
    });
    job.enterMany('left', { limit: 2630 });
    const after = summaryOf(job.document).settings.find(({ address }) => address.endsWith('/limit'))!;
    expect(after).toMatchObject({ left: '2630', leftBy: 'read back', changed: true });
  });

  test('what nobody read is from the last visit, or not known', () => {
    const blank = blankPoolJob(TEN_SLOTS, DUTY);
    const limit = (document: typeof blank) =>
      summaryOf(document).settings.find(({ address }) => address.endsWith('/limit'))!;
    expect(limit({ ...blank, lastLeft: null })).toMatchObject({ left: null, leftBy: null });
    expect(
      limit({ ...blank, lastLeft: { source: 'left', date: '2026-09-01', values: { limit: 2500 } } }),
    ).toMatchObject({ found: null, left: '2500', leftBy: 'last visit' });
  });
});

test('checks that were offered and not tried are named, those that were are not', () => {
  const job = badlyRun().plan().set();
  const before = summaryOf(job.document).notTried!;
  job.check('prime', null, { minutes: 2 });
  const after = summaryOf(job.document).notTried!;
  expect(before.length).toBeGreaterThan(5);
  expect(after).toHaveLength(before.length - 1);
  expect(before.filter((title) => !after.includes(title))).toHaveLength(1);
});

test('readings on arrival are on the paper, and that there were none', () => {
  expect(summaryOf(blankPoolJob(TEN_SLOTS, DUTY)).facts).toEqual([
    { label: 'On arrival', words: 'no readings were taken' },
  ]);
});

describe('ANY-03 waits until something was touched', () => {
  const codes = (document: Parameters<typeof viewJob>[0]) =>
    viewJob(document, TODAY).findings.job.map(({ code }) => code);
  test('near miss: a job just begun has stopped nothing', () => {
    expect(codes(blankPoolJob(TEN_SLOTS, DUTY))).not.toContain('ANY-03');
    // and nobody saw it in automatic either
    expect(summaryOf(blankPoolJob(TEN_SLOTS, DUTY)).proof.automatic).toBe(false);
  });
  test('mistake: made safe, and left so', () => {
    expect(codes(new PoolWriter().arrive().document)).toContain('ANY-03');
  });
});
