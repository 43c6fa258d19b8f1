import { shownPaths, textAt, type Texts } from '@barythm/core/describe';
import { tryProfile, UNPLANNED } from '@barythm/core/families';
import { SHIPPED } from '@barythm/core/families/suites/shipped.fixtures';
import { METRIC } from '@barythm/core/units';
import { GROUP_FIELDS } from './group-fields';
import { PARAMETER_FIELDS } from './parameter-fields';
import { draftOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';

/** What is wrong is told where somebody can see it, whatever was taken away or changed of any profile. */

function unseen(draft: ProfileDraft): string[] {
  const texts = draft as unknown as Texts;
  const seen = new Set([
    'name',
    'groups',
    'parameters',
    ...shownPaths(GROUP_FIELDS, texts, '', METRIC),
    ...draft.parameters.flatMap((_, i) => shownPaths(PARAMETER_FIELDS, texts, `parameters.${i}`, METRIC)),
  ]);
  return Object.entries(profileOf(draft).errors).flatMap(([path, words]) =>
    path.startsWith('behaviours.') || seen.has(path) ? [] : [`${path}: ${words}`],
  );
}

type Change = readonly [what: string, draft: ProfileDraft];
const put = (row: Texts, change: Readonly<Record<string, Texts>>): Texts => ({
  ...(row as object),
  ...change,
});

/** Everything that can be taken away, and every kind and meaning that can be chosen instead. */
function changesOf(draft: ProfileDraft): Change[] {
  const { parameters, groups } = draft;
  const changed = (i: number, change: Readonly<Record<string, Texts>>): ProfileDraft => ({
    ...draft,
    parameters: parameters.map((row, k) => (k === i ? put(row, change) : row)),
  });
  return [
    ...groups.map((_, i): Change => [
      `without menu ${i}`,
      { ...draft, groups: groups.filter((_, k) => k !== i) },
    ]),
    ['with one menu', { ...draft, groups: groups.slice(0, 1) }],
    ...parameters.flatMap((row, i): Change[] => [
      [`without ${i}`, { ...draft, parameters: parameters.filter((_, k) => k !== i) }],
      [`${i} alone`, { ...draft, parameters: [row] }],
      ...['number', 'choice', 'time', 'days', ''].map((type): Change => [
        `${i} a ${type}`,
        changed(i, { type }),
      ]),
      [`${i} without choices`, changed(i, { options: [] })],
      [`${i} means nothing`, changed(i, { role: 'none' })],
      [
        `${i} means something else`,
        changed(i, { role: String(textAt(parameters.at(-1 - i) ?? row, 'role')) }),
      ],
      [`${i} in no menu`, changed(i, { group: '' })],
      [`${i} by nothing`, changed(i, { limitBy: '' })],
      [
        `${i} by what is gone`,
        changed(i, { limitBy: 'new:gone', limits: [{ when: 'x', least: '', greatest: '1' }] }),
      ],
      [
        `${i} after what is gone`,
        changed(i, { appliesWhen: [{ parameter: 'new:gone', in: 'x' }], rewrites: 'new:gone' }),
      ],
      [`${i} delivered as what is gone`, changed(i, { defaultOption: 'new:gone', default: 'x' })],
    ]),
  ];
}

/** Each profile takes its share; a kind of change comes round at every seventh parameter of each. */
const SHARES = 7;

test.each(SHIPPED.map((profile, at) => [profile.id, profile, at] as const))('“%s”', (_, profile, at) => {
  const changes = changesOf(draftOf(profile)).filter((_, n) => n % SHARES === at % SHARES);
  expect(changes.length).toBeGreaterThan(0);
  for (const [what, draft] of changes) {
    expect([what, unseen(draft)]).toEqual([what, []]);
    const { errors, profile: read } = profileOf(draft);
    for (const words of Object.values(errors)) {
      // no inner name, and no words for programmers
      expect([what, words]).toEqual([
        what,
        expect.not.stringMatching(/new:|^Invalid|^Too |expected|There is no (group|parameter)/),
      ]);
    }
    // whatever can be published can be tried
    if (read)
      expect([what, tryProfile(read).map(({ why }) => why)]).toEqual([
        what,
        expect.not.arrayContaining([UNPLANNED]),
      ]);
  }
});
