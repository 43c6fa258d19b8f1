import { answerAt, answersIn, asWhole, textAt, type Answers } from '../../describe';
import type { Finding } from '../../findings';
import { bareContext } from '../../job';
import { familyOf, FAMILY_NAMES, type AnyFamily, type Duty } from '../index';
import { TODAY, type Sample } from '../../job/testing/walk.fixtures';
import { samplesOf } from './samples.fixtures';

/**
 * A duty of which some answers are missing: what is planned and found without them is what would be planned and found whatever they
 * were, and all else is said to wait.
 */

const familyName = ({ profile }: Sample) => profile.family;
const samples = FAMILY_NAMES.flatMap(samplesOf);

/** Every answer of a duty that can be given by itself, by its path. */
function pathsOf(answers: Answers, at: readonly string[] = []): string[][] {
  return Object.entries(answers).flatMap(([key, value]) => {
    const path = [...at, key];
    const group = typeof value === 'object' && value !== null && !Array.isArray(value);
    return group ? pathsOf(value as Answers, path) : [path];
  });
}

function without(answers: Answers, [key, ...rest]: readonly string[]): Answers {
  if (rest.length > 0) return { ...answers, [key]: without(answers[key] as Answers, rest) };
  const { [key]: _, ...left } = answers;
  return left;
}

const contextWith = ({ profile, plate, found }: Sample, duty: Duty) =>
  bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce: found });

const schemaOf = (sample: Sample) => familyOf(familyName(sample)).wire.duty;
const inParts = (sample: Sample, answers: Answers) => asWhole<Duty>(schemaOf(sample), answers);
const answersOf = (sample: Sample) => answersIn(schemaOf(sample), sample.duty);

const printOf = ({ text, addresses, values }: Finding) => JSON.stringify([text, addresses, values]);

function judged(family: AnyFamily, sample: Sample, duty: Duty) {
  const context = contextWith(sample, duty);
  const plan = family.plan(context);
  return {
    plan,
    found: family.check(context, 'found', sample.found),
    onPlan: family.checkPlan(context, plan),
  };
}

describe.each(samples.map((sample) => [`${familyName(sample)}: ${sample.profile.id}`, sample] as const))(
  '%s',
  (_, sample) => {
    const family = familyOf(familyName(sample));
    const whole = judged(family, sample, sample.duty);

    test('a duty that is whole is read the same by its answers', () => {
      const same = judged(family, sample, inParts(sample, answersOf(sample)));
      expect(same.plan.waits).toEqual([]);
      expect(same.plan.targets).toEqual(whole.plan.targets);
      expect(same.plan.problems).toEqual(whole.plan.problems);
      expect(same.found).toEqual(whole.found);
      expect(same.onPlan).toEqual(whole.onPlan);
    });

    test('without any one answer nothing else is planned or found than with it, and what waits is said', () => {
      const odd: string[] = [];
      const ofWhole = new Map(whole.plan.targets.map(({ address, value }) => [address, value]));
      const prints = new Set(whole.found.map(printOf));
      // what is moved since a finding says so hangs on what can be found
      const moved = (reason: object) => (reason as { text: string }).text === 'repaired';
      for (const path of pathsOf(answersOf(sample))) {
        if (path[0] === 'family') continue;
        const at = path.join('.');
        const part = judged(family, sample, inParts(sample, without(answersOf(sample), path)));
        const optional = part.plan.waits.length === 0 && !JSON.stringify(part.found).includes('ANY-00.part');
        // what may be left empty is read as empty: that is another duty
        if (optional) continue;
        const waits = new Set(part.plan.waits.map(({ address }) => address));
        for (const { address, value, reason } of part.plan.targets) {
          if (waits.has(address)) odd.push(`${at}: ${address} is planned and waits`);
          const same = JSON.stringify(ofWhole.get(address)) === JSON.stringify(value);
          const anyMoved =
            moved(reason) || whole.plan.targets.some((one) => one.address === address && moved(one.reason));
          if (!same && !anyMoved)
            odd.push(
              `${at}: ${address} is ${String(value)} without it, ${String(ofWhole.get(address))} with it`,
            );
        }
        for (const address of ofWhole.keys())
          if (!waits.has(address) && !part.plan.targets.some((one) => one.address === address))
            odd.push(`${at}: ${address} is neither planned nor waits`);
        for (const one of part.found)
          if (one.code !== 'ANY-00' && !prints.has(printOf(one)))
            odd.push(`${at}: ${one.text} is found only without it`);
      }
      expect(odd).toEqual([]);
    });

    test('answers stand in the form of the next job, and are read from it as they were: none is lost, none comes of itself', () => {
      const { duty: form } = family.forms;
      const all = answersOf(sample);
      const again = (answers: Answers) => form.answers(form.write(answers as never));
      expect(again(all)).toMatchObject(all);
      for (const path of pathsOf(all)) {
        if (path[0] === 'family') continue;
        const part = without(all, path);
        const read = again(part);
        // what a form begins with is only a start, and counts as no answer on the screen
        const start = (at: string) => textAt(form.blank, at) ?? '';
        const invented = pathsOf(read).map((one) => one.join('.'));
        expect([
          path,
          invented.filter(
            (at) =>
              answerAt(part, at) === undefined &&
              at !== path.join('.') &&
              start(at) === '' &&
              !at.startsWith('choices.'),
          ),
        ]).toEqual([path, []]);
      }
    });

    test('with no answer at all nothing breaks, and nothing is planned that an answer decides', () => {
      const none = judged(family, sample, inParts(sample, { family: familyName(sample) }));
      const said = none.found.find(({ text }) => text === 'ANY-00.part');
      expect(said).toBeDefined();
      // each is said by its words on the form
      expect(String(said?.values.what)).not.toMatch(/_|\.[a-z]/);
      expect(none.plan.waits.length).toBeGreaterThan(0);
    });
  },
);
