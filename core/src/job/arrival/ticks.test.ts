import { familyOf, type JobCommand, type JobDocument, type RecordBody } from '../../families';
import { SAMPLE_OF } from '../../families/suites/samples.fixtures';
import { applyCommand } from '../apply';
import { isMadeSafe } from '../safe';
import { clashIn } from '../sheet/merge';
import { TODAY, Walk } from '../testing/walk.fixtures';
import { ticksOf } from './ticks';

let count = 0;
const command = (record: RecordBody, baseVersion: number, actor: string): JobCommand => ({
  id: `c-${++count}`,
  baseVersion,
  recordedAt: '2026-11-24T10:05:00.000Z',
  device: actor,
  actor,
  body: { kind: 'job.record', jobId: 'job-1', recordId: `r-${count}`, record },
});

/** A phone: it sees a document, and each of its taps goes out on what it saw. */
class Phone {
  constructor(
    private readonly name: string,
    public seen: JobDocument,
    private readonly make: (
      steps: readonly string[],
      changed?: { on: string[]; off: string[] },
    ) => RecordBody,
    private readonly kind: RecordBody['kind'],
    private readonly saysWhat = true,
  ) {}
  tap(step: string, on: boolean): JobCommand {
    const last = this.seen.records.findLast(({ body }) => body.kind === this.kind);
    const steps = (last && ticksOf(this.seen, last.body)?.ticked) ?? [];
    const others = steps.filter((one) => one !== step);
    const changed = on ? { on: [step], off: [] } : { on: [], off: [step] };
    const body = this.make(on ? [...others, step] : others, this.saysWhat ? changed : undefined);
    const made = command(body, this.seen.job.version, this.name);
    this.seen = applyCommand(this.seen, made, TODAY);
    return made;
  }
}

const LISTS = SAMPLE_OF.flatMap(([name, sample]) => {
  const { makeSafe, first } = familyOf(name).arrival;
  const made = (steps: readonly string[], changed?: { on: string[]; off: string[] }) =>
    ({ kind: 'make-safe', steps, ...(changed ? { changed } : {}) }) as RecordBody;
  const safe = [
    `${name}: make safe`,
    sample,
    'make-safe' as const,
    makeSafe.map(({ key }) => key),
    made,
  ] as const;
  if (first === null) return [safe];
  const record = familyOf(name).wire.records.find(
    (schema) => (schema.shape.kind as unknown as { value: string }).value === first.kind,
  )!;
  const keys = (record.shape.seen as unknown as { element: { options: string[] } }).element.options;
  const seen = (steps: readonly string[], changed?: { on: string[]; off: string[] }) =>
    ({ kind: first.kind, seen: steps, why: '', ...(changed ? { changed } : {}) }) as unknown as RecordBody;
  return [safe, [`${name}: ${first.kind}`, sample, first.kind, keys, seen] as const];
});

describe.each(LISTS)('%s', (_, sample, kind, keys, make) => {
  const [a, b, c] = keys;
  const start = new Walk(sample).document;
  const listIn = (document: JobDocument) =>
    [
      ...(ticksOf(document, document.records.findLast(({ body }) => body.kind === kind)!.body)?.ticked ?? []),
    ].sort();
  const take = (document: JobDocument, ...commands: readonly JobCommand[]) =>
    commands.reduce((now, one) => applyCommand(now, one, TODAY), document);

  test('two people tick at once: nothing vanishes, whichever comes first', () => {
    const one = new Phone('Technician 1', start, make, kind);
    const two = new Phone('Workshop', start, make, kind);
    const mine = [one.tap(a, true), one.tap(b, true)];
    const theirs = [two.tap(c, true)];
    expect(listIn(take(start, ...mine, ...theirs))).toEqual([a, b, c].sort());
    expect(listIn(take(start, mine[0], ...theirs, mine[1]))).toEqual([a, b, c].sort());
  });

  test('what somebody withdrew stays withdrawn at another’s stale tap', () => {
    const one = new Phone('Technician 1', start, make, kind);
    const before = take(start, one.tap(a, true), one.tap(b, true));
    const stale = new Phone('Workshop', before, make, kind);
    const then = take(before, one.tap(a, false));
    const tap = stale.tap(c, true);
    expect(clashIn(then, tap)).toBeNull();
    expect(listIn(take(then, tap))).toEqual([b, c].sort());
    expect(isMadeSafe(take(then, tap))).toBe(false);
  });

  test('a write of an older version says the whole list: the same comes of it', () => {
    const one = new Phone('Technician 1', start, make, kind, false);
    const before = take(start, one.tap(a, true), one.tap(b, true));
    const stale = new Phone('Workshop', before, make, kind, false);
    const then = take(before, one.tap(a, false));
    expect(listIn(take(then, stale.tap(c, true)))).toEqual([b, c].sort());
  });

  test('confirmed after it was withdrawn, on a screen that did not show that: it is asked', () => {
    const one = new Phone('Technician 1', start, make, kind);
    const stale = new Phone('Workshop', start, make, kind);
    const then = take(start, one.tap(a, true), one.tap(a, false));
    expect(clashIn(then, stale.tap(a, true))?.words).toMatch(/Technician 1 withdrew “.+”; you confirm it/);
    const fresh = new Phone('Workshop', then, make, kind);
    expect(clashIn(then, fresh.tap(a, true))).toBeNull();
  });
});
