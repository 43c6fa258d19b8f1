import type { Texts } from '@barythm/core/describe';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { blankDraft, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';

const blank: ProfileDraft = { ...blankDraft('metering'), groups: [] };

test('from blank: everything that is missing is said at its own place', () => {
  const { profile, errors } = profileOf(blank);
  expect(profile).toBeNull();
  expect(errors).toMatchObject({
    name: 'The profile needs a name.',
    groups: 'At least one menu.',
    parameters: 'At least one parameter.',
    'behaviours.priming': expect.stringContaining('Say what priming does'),
    'behaviours.greatestRate_spm': 'This is needed.',
  });
});

const good = draftOf(shipped('three-key-contact'));
const at2 = (change: Readonly<Record<string, Texts>>): ProfileDraft => ({
  ...good,
  parameters: good.parameters.map((one, i) => (i === 2 ? { ...(one as object), ...change } : one)),
});

test.each<[string, ProfileDraft, string, string]>([
  ['a limit of text', at2({ greatest: 'much' }), 'parameters.2.greatest', 'not a figure'],
  [
    'a limit by nothing',
    at2({ limitBy: 'gear', limits: [{ when: 'A', least: '', greatest: '1' }] }),
    'parameters.2.limitBy',
    'That setting is gone',
  ],
  ['limits crossed', at2({ least: '200' }), 'parameters.2.least', 'above the maximum'],
  ['a step of nothing', at2({ step: '0' }), 'parameters.2.step', 'more than 0'],
  ['a name without end', at2({ label: 'x'.repeat(81) }), 'parameters.2.label', 'At most 80 characters'],
  ['a step of text', at2({ step: 'x' }), 'parameters.2.step', 'not a figure'],
  ['an unknown meaning', at2({ role: 'rate.odd' }), 'parameters.2.role', 'no meaning of such a controller'],
  ['a meaning twice', at2({ role: 'mode' }), 'parameters.2.role', 'stands twice'],
  ['no meaning chosen', at2({ role: '' }), 'parameters.2.role', 'Choose one'],
  ['no menu', at2({ group: '' }), 'parameters.2.group', 'needed'],
  [
    'a unit of another quantity',
    at2({ role: 'signal.x1', unit: 'bar' }),
    'parameters.2.unit',
    'no unit of this',
  ],
  [
    'no way of pressing',
    at2({ route: [{ key: 'Left', press: '', times: '1' }] }),
    'parameters.2.route.0.press',
    'Choose one',
  ],
  [
    'presses without end',
    at2({ route: [{ key: 'Left', press: 'short', times: '100' }] }),
    'parameters.2.route.0.times',
    '1 to 99',
  ],
  ['a choice of none', at2({ type: 'choice', options: [] }), 'parameters.2.options', 'at least one option'],
  [
    'a choice without its words',
    at2({ type: 'choice', options: [{ value: 'new:1', label: '', role: '' }] }),
    'parameters.2.options.0.label',
    'as it is displayed',
  ],
  ['no way of storing', at2({ storedBy: '' }), 'parameters.2.storedBy', 'what stores it'],
  [
    'a rate of text',
    { ...good, habits: { metering: { ...(habitsOf(good) as object), greatestRate_spm: 'A=fast' } } },
    'behaviours.greatestRate_spm',
    'not a figure',
  ],
])('%s is said at its field', (_, draft, place, words) => {
  const { profile, errors } = profileOf(draft);
  expect(profile).toBeNull();
  expect(errors[place]).toContain(words);
});
