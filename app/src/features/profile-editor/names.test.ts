import { textAt, type Texts } from '@barythm/core/describe';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { freshName, nameOf } from './names';
import { blankParameter, draftOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';

const good = draftOf(shipped('three-key-contact'));

describe('names that nobody types', () => {
  const named = (label: string, draft: ProfileDraft): ProfileDraft => ({
    ...draft,
    parameters: [
      ...draft.parameters,
      {
        ...(blankParameter(draft, good.parameters[0]) as object),
        label,
        role: 'none',
        type: 'number',
        unit: '-',
      },
    ],
  });
  test('a parameter is called after what the display shows, none like another', () => {
    const draft = ['▲ Höhe 2', 'Drive', '45', '▲'].reduce((now, label) => named(label, now), good);
    const { profile, errors } = profileOf(draft);
    expect(errors).toEqual({});
    const before = good.parameters.length;
    expect(profile?.parameters.slice(before).map(({ key }) => key)).toEqual([
      'ho-he-2',
      good.parameters.some((one) => textAt(one, 'key') === 'drive') ? 'drive-2' : 'drive',
      'n-45',
      `key-${before + 4}`,
    ]);
  });
  test('what refers to a new parameter or choice goes with it when it is renamed', () => {
    const choice = {
      ...(blankParameter(good, good.parameters[0]) as object),
      label: 'Head',
      role: 'none',
      type: 'choice',
      options: [
        { value: 'new:1', label: 'Small', role: '' },
        { value: 'new:2', label: 'Large', role: '' },
      ],
      defaultOption: 'new:2',
    };
    const draft = { ...good, parameters: [...good.parameters, choice] };
    const key = String(textAt(choice as Texts, 'key'));
    const hanging: ProfileDraft = {
      ...draft,
      parameters: draft.parameters.map((one, i) =>
        i === 2
          ? {
              ...(one as object),
              greatest: '',
              limitBy: key,
              limits: [{ when: 'new:2', least: '', greatest: '80' }],
              appliesWhen: [{ parameter: key, in: 'new:1,new:2' }],
              rewrites: key,
            }
          : one,
      ),
    };
    expect(profileOf(hanging)).toMatchObject({ errors: {} });
    expect(profileOf(hanging).profile?.parameters[2]).toMatchObject({
      greatest: { by: 'head', values: { large: 80 } },
      appliesWhen: { parameter: 'head', in: ['small', 'large'] },
      rewrites: ['head'],
    });
    expect(profileOf(hanging).profile?.parameters.at(-1)).toMatchObject({ default: 'large' });
  });
});

test('a word that cannot be a key is made one, and no row is known by what another was', () => {
  expect(['Constructor', '45', 'Höhe 2'].map(nameOf)).toEqual(['n-constructor', 'n-45', 'ho-he-2']);
  expect(freshName()).not.toBe(freshName());
});
