import { judgeState } from './judge';
import { stateCheck } from './state-check';

const said = { key: 'lamp', title: 'Lamp', method: 'Look at it.', expected: 'it burns' };
const seen = (value: string | null) => ({ check: 'lamp', seen: value, figures: {} });

describe('a check by eye', () => {
  const check = stateCheck(said, { burns: 'It burns', dark: 'It stays dark' }, 'burns');

  it('offers its states in their order, pumps nothing and cautions of nothing unless it says so', () => {
    expect(check).toMatchObject({ caution: null, pumps: false, tolerance: 'none' });
    expect(check.ask).toEqual({
      kind: 'state',
      states: [
        { value: 'burns', label: 'It burns' },
        { value: 'dark', label: 'It stays dark' },
      ],
      expected: 'burns',
    });
    expect(
      stateCheck({ ...said, pumps: true, caution: 'Hot.' }, { burns: 'It burns' }, 'burns'),
    ).toMatchObject({
      caution: 'Hot.',
      pumps: true,
    });
  });

  it('passes on the right state alone', () => {
    const { ask } = check;
    if (ask.kind !== 'state') throw new Error('not a check by eye');
    expect(judgeState(ask, seen('burns')).ok).toBe(true);
    expect(judgeState(ask, seen('dark'))).toMatchObject({ ok: false, seen: 'It stays dark' });
    expect(judgeState(ask, seen(null)).ok).toBe(false);
  });

  it('is refused when nobody could pass it', () => {
    expect(() => stateCheck(said, { dark: 'It stays dark' }, 'burns')).toThrow('not offered');
  });
});
