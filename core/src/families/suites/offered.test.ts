import { FAMILY_NAMES, familyOf, type Duty, type FamilyName } from '@barythm/core/families';
import { METRIC } from '../../units';
import { shownPaths, textAt, textsOver, unansweredIn, withText } from '../../describe';

/** What a form of any family begins with is no answer, wherever it is shown. */

const samplesOf = (name: FamilyName) =>
  jest.requireActual<{ SAMPLES: readonly { duty: Duty }[] }>(`@barythm/core/families/${name}/fixtures`)
    .SAMPLES;

describe.each(FAMILY_NAMES)('the duty of %s', (name) => {
  const { duty: form } = familyOf(name).forms;
  const open = (texts: object, answered: readonly string[] = []) =>
    form.parts.flatMap((part) => unansweredIn(part, texts as never, form.blank, new Set(answered), METRIC));

  test('nobody has answered anything of a blank form', () => {
    const stands = form.parts
      .flatMap(({ fields }) => shownPaths(fields, form.blank, '', METRIC))
      .filter((path) => {
        const text = textAt(form.blank, path);
        return typeof text === 'string' && text !== '' && text !== 'no';
      });
    expect(stands.length).toBeGreaterThan(0);
    expect(open(form.blank as object)).toEqual(stands);
  });

  test.each(samplesOf(name).map((sample, i) => [i, sample] as const))(
    'sample %i: what it was offered waits, whatever merely followed, until it is answered or nothing stands there',
    (_, { duty }) => {
      const typed = textsOver(form.blank, form.write(duty as never));
      const waits = open(typed as object);
      expect(waits.length).toBeGreaterThan(0);
      for (const path of waits) {
        // another value that nobody chose there is no answer
        expect(open(withText(typed, path, textAt(typed, path) ?? '') as object)).toContain(path);
        expect(open(typed as object, [path])).not.toContain(path);
        // an empty place is missing, and not offered
        expect(open(withText(typed, path, '') as object)).not.toContain(path);
      }
      // what some choices show is shown with all of them answered too
      expect(open(typed as object, waits)).toEqual([]);
    },
  );
});
