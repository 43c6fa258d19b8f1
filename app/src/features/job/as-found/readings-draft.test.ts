import type { ReadingField } from '@barythm/core/families';
import { broughtUp, EMPTY_READINGS } from './readings-draft';

const FIELDS: readonly ReadingField[] = [
  { key: 'rate_spm', label: 'Rate', said: 'rate', quantity: 'strokeRate' },
  { key: 'flow_m3h', label: 'Flow', said: 'flow', quantity: 'waterFlow' },
];

test('readings that were being typed in the cards of before go on with nothing lost', () => {
  expect(
    broughtUp({ texts: { rate_spm: '48' }, unread: { flow_m3h: 'no meter' }, rateBy: 'tap' }, FIELDS),
  ).toEqual({
    texts: { rate_spm: '48' },
    unread: { flow_m3h: 'no meter' },
    by: { rate_spm: 'tap' },
    state: null,
  });
  expect(broughtUp({ texts: { rate_spm: '48' }, why: 'no meter', state: 'hand' }, FIELDS)).toEqual({
    texts: { rate_spm: '48' },
    unread: { flow_m3h: 'no meter' },
    by: {},
    state: 'hand',
  });
  expect(broughtUp(EMPTY_READINGS, FIELDS)).toEqual(EMPTY_READINGS);
});
