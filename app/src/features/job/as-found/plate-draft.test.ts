import { familyOf } from '@barythm/core/families';
import { broughtUp, EMPTY_PLATE } from './plate-draft';

const kept = { serial: 'MM-7', greatest: '144', rated: '10', asProfile: true, note: '' };

test.each([
  [
    'metering',
    { gear: 'C', signalFrom: 'meter' },
    { gear: 'C', greatest_spm: '144', rated_bar: '10' },
    'meter',
  ],
  ['pool', { kind: 'M', command: 'relay' }, { greatest_rpm: '144', rated_W: '10', kind: 'M' }, 'relay'],
] as const)(
  'a plate of %s that was being typed when each family had a card of its own is read on',
  (family, own, plate, source) => {
    const draft = broughtUp({ ...kept, ...own }, familyOf(family).arrival.plate);
    expect(draft).toMatchObject({ serial: 'MM-7', asProfile: true, source, plate });
  },
);

test('a draft of today stays as it is', () => {
  expect(broughtUp(EMPTY_PLATE, [])).toBe(EMPTY_PLATE);
});
