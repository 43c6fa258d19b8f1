import { familyOf } from '../families';
import { DUTY, PLATE, SAMPLES as DRIVES, PAGES, SET } from '../families/drive/fixtures';
import { parameterAt } from '../profile';
import { stateOf } from '../sheet';
import { clashIn, gateOfHandover, gateOfSet, leavingFindings, offeredChecks, refusalOf } from './index';
import { plannedDrive } from './testing/drive-walk.fixtures';
import { TODAY, Walk, type Sample } from './testing/walk.fixtures';
import type { JobCommandBody } from '../families';

const SAMPLE: Sample = { profile: SET, duty: DUTY, plate: PLATE, found: DRIVES[0].found };

/** Addresses of the profile by their role. */
const at = (role: string) => {
  const parameter = SET.parameters.find((one) => one.role === role);
  if (!parameter) throw new Error(`No setting means ${role}.`);
  return `${parameter.group}/1/${parameter.key}`;
};
const rowOf = (walk: Walk, address: string) => walk.view.rows.find((row) => row.address === address)!;

function planned(): Walk {
  const walk = plannedDrive();
  walk.acceptStops();
  return walk;
}
const refused = (walk: Walk, body: Partial<Extract<JobCommandBody, { kind: 'target.choose' }>>) =>
  refusalOf(
    walk.document,
    {
      kind: 'target.choose',
      jobId: 'job-1',
      entryId: 'e',
      address: at('set'),
      by: 'hand',
      value: 1,
      unit: '',
      reason: 'Try-out',
      ...body,
    },
    TODAY,
  );

describe('a target by hand', () => {
  const address = at('set');
  test('stands in place of the plan’s, which is kept beside it, through another plan, until it is the plan’s again', () => {
    const walk = planned();
    const plan = rowOf(walk, address).target?.value;
    walk.choose(address, 3.2, 'Asked by the site');
    expect(rowOf(walk, address).target?.value).toBe(3.2);
    expect(rowOf(walk, address).planned?.value).toBe(plan);
    walk.plan();
    expect(rowOf(walk, address).target?.value).toBe(3.2);
    walk.choose(address, null, '', 'plan');
    expect(rowOf(walk, address).target?.value).toBe(plan);
    expect(rowOf(walk, address)).not.toHaveProperty('chosen');
  });
  test('is judged by the same findings as a plan', () => {
    const walk = planned();
    const codes = () => walk.view.findings.target.map(({ text }) => text);
    const before = codes();
    // more than the pipe stands, by the duty
    walk.choose(address, 9.9);
    expect(codes().filter((text) => !before.includes(text))).not.toEqual([]);
  });
  test('needs a why, a value, and one that the controller takes; what nobody can set has none', () => {
    const walk = planned();
    expect(refused(walk, { address, value: 3.2, reason: '  ' })?.field).toBe('reason');
    expect(refused(walk, { address, value: null })?.field).toBe('value');
    const { greatest } = parameterAt(SET, address)!;
    expect(refused(walk, { address, value: Number(greatest) + 0.1 })?.code).toBe('ANY-09');
    expect(refused(walk, { address, value: Number(greatest) })).toBeNull();
    expect(refused(walk, { address: 'ctrl/1/none' })?.code).toBe('unknown-address');
  });
  test('two who choose otherwise clash, and say both; who chooses the same does not', () => {
    const walk = planned();
    const { version } = walk.document.job;
    walk.choose(address, 3.2);
    const body = (value: number): JobCommandBody => ({
      kind: 'target.choose',
      jobId: 'job-1',
      entryId: 'mine',
      address,
      by: 'hand',
      value,
      unit: 'bar',
      reason: 'Try-out',
    });
    const command = (value: number) => ({
      id: 'c',
      baseVersion: version,
      recordedAt: '2026-11-24T10:05:00.000Z',
      device: 'other',
      actor: 'Workshop',
      body: body(value),
    });
    expect(clashIn(walk.document, command(3.4))?.words).toContain('chose 3.2 as its target; yours is 3.4');
    expect(clashIn(walk.document, command(3.2))).toBeNull();
    // what was moved in a plan is a choice like any other
    const { kind: _, jobId: __, ...moved } = body(3.4) as Extract<JobCommandBody, { kind: 'target.choose' }>;
    const accept = (hand: (typeof moved)[]) => ({
      ...command(3.4),
      body: { kind: 'plan.accept', jobId: 'job-1', planId: 'p', duty: DUTY, targets: [], hand } as const,
    });
    expect(clashIn(walk.document, accept([moved]))?.words).toContain('yours is 3.4');
    expect(clashIn(walk.document, accept([]))).toBeNull();
  });
  test('a choice taken back is none', () => {
    const walk = planned();
    const plan = rowOf(walk, address).target?.value;
    walk.choose(address, 3.2);
    walk.takeBack(rowOf(walk, address).chosen!.id);
    expect(rowOf(walk, address).target?.value).toBe(plan);
  });
});

describe('left as found', () => {
  const address = at('set');
  test('has nothing to enter, and says on paper what the plan was', () => {
    const walk = planned();
    expect(stateOf(rowOf(walk, address))).toBe('to-do');
    const plan = rowOf(walk, address).target!.value;
    walk.choose(address, null, 'Asked by the site');
    expect(stateOf(rowOf(walk, address))).toBe('keep');
    walk.acceptStops();
    walk.set();
    walk.prove();
    walk.leave();
    const line = walk.document.handover!.summary.settings.find((one) => one.address === address)!;
    expect(line).toMatchObject({ target: null, targetBy: 'found', changed: false });
    expect(line.reason).toBe(`Left as found: Asked by the site. Plan: ${String(plan)} bar.`);
  });
  test('what was set already is put back', () => {
    const walk = planned();
    walk.set();
    walk.choose(address, null);
    expect(stateOf(rowOf(walk, address))).toBe('differs');
    expect(rowOf(walk, address).target?.value).toBe(SAMPLE.found[address.split('/')[2]]);
  });
});

describe('a job of a few settings', () => {
  const address = at('set');
  const begin = (duty: typeof DUTY | null = DUTY) => new Walk({ ...SAMPLE, duty, small: true });

  test('asks for its own settings alone, from as found to hand-over', () => {
    const walk = begin();
    expect(gateOfSet(walk.view).map(({ code }) => code)).toContain('PLAN');
    walk.choose(address, 3.4, 'Asked by the site');
    expect(walk.document.job.state).toBe('planned');
    walk.arrive();
    expect(gateOfSet(walk.view).map(({ code }) => code)).toContain('ANY-01');
    walk.found(SAMPLE.found, [address]);
    walk.acceptStops();
    expect(gateOfSet(walk.view)).toEqual([]);
    walk.set();
    walk.leave();
    expect(gateOfHandover(walk.view)).toEqual([]);
    const { summary } = walk.document.handover!;
    expect(summary.settings.map((one) => one.address)).toEqual([address]);
    expect(summary.blocks.first).toEqual([]);
    expect(walk.view.findings.job.map(({ code }) => code)).not.toContain('ANY-04');
  });

  test('is proved where a check touches what was changed, and nowhere else', () => {
    const walk = begin();
    const whole = planned();
    whole.set();
    walk.choose(address, 3.4);
    walk.arrive();
    walk.found(SAMPLE.found);
    walk.acceptStops();
    walk.set();
    const offered = offeredChecks(walk.view).map(({ key }) => key);
    expect(offered.length).toBeLessThan(offeredChecks(whole.view).length);
    expect(offered).not.toEqual([]);
  });

  test('without a duty its change is a stop until that is accepted in writing; the paper says that it was not checked', () => {
    const walk = begin(null);
    walk.choose(address, 6);
    walk.arrive();
    walk.found(SAMPLE.found, [address]);
    expect(gateOfSet(walk.view).map(({ code }) => code)).toEqual(['ANY-00']);
    walk.acceptStops();
    expect(gateOfSet(walk.view)).toEqual([]);
    walk.set();
    expect(leavingFindings(walk.view).map(({ text }) => text)).toContain('ANY-00.guard');
    walk.leave();
    const { open } = walk.document.handover!.summary;
    expect(open.map(({ title }) => title)).toContain(
      'Not checked: a limit that guards Set pressure is not entered',
    );
  });

  test('near miss: what means nothing to the pump needs no duty', () => {
    const plain = PAGES.parameters.find(({ key }) => key === 'language')!;
    const [found, other] = plain.options!;
    const own = `${plain.group}/1/${plain.key}`;
    const walk = new Walk({ profile: PAGES, duty: null, plate: PLATE, small: true });
    walk.choose(own, other.value);
    walk.arrive();
    walk.found({ [plain.key]: found.value }, [own]);
    expect(gateOfSet(walk.view)).toEqual([]);
  });

  test('becomes a whole one with its first plan; what was chosen stays', () => {
    const walk = begin();
    walk.choose(address, 3.4);
    walk.arrive();
    walk.plan();
    expect(gateOfSet(walk.view).map(({ code }) => code)).toContain('ANY-01');
    expect(rowOf(walk, address).target?.value).toBe(3.4);
    expect(familyOf(walk.document.profile.family).name).toBe('drive');
  });
});
