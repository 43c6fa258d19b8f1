import { act, renderHook } from '@testing-library/react-native';
import { forgetDrafts, useDraft, useDraftOf, useDraftsUnkept } from './use-draft';

afterEach(() => act(() => forgetDrafts('')));

test('what is typed is there again for whoever comes next with the same key', () => {
  const first = renderHook(() => useDraft('field'));
  act(() => first.result.current[1]('12,5'));
  first.unmount();
  expect(renderHook(() => useDraft('field')).result.current[0]).toBe('12,5');
  expect(renderHook(() => useDraft('other')).result.current[0]).toBeNull();
});

test('a value that cannot be read is as good as none', () => {
  const text = renderHook(() => useDraft('json'));
  act(() => text.result.current[1]('{broken'));
  const initial = { a: 1 };
  expect(renderHook(() => useDraftOf('json', initial)).result.current[0]).toBe(initial);
});

test('a change of a part goes onto what stands there in that moment, whatever was painted', () => {
  const initial = { a: 1, b: 1 };
  const painted = renderHook(() => useDraftOf('parts', initial));
  const [, early] = painted.result.current;
  act(() => painted.result.current[1]((now) => ({ ...now, a: 2 })));
  // by the setter of the painting before
  act(() => early((now) => ({ ...now, b: 2 })));
  expect(painted.result.current[0]).toEqual({ a: 2, b: 2 });
});

test('drafts of one job are forgotten together, others stay', () => {
  const mine = renderHook(() => useDraft('left:job-1:a'));
  const other = renderHook(() => useDraft('left:job-2:a'));
  act(() => {
    mine.result.current[1]('1');
    other.result.current[1]('2');
  });
  act(() => forgetDrafts('left:job-1'));
  expect(mine.result.current[0]).toBeNull();
  expect(other.result.current[0]).toBe('2');
});

describe('a device whose store is full', () => {
  const full = {
    ...({} as Storage),
    length: 0,
    key: () => null,
    getItem: () => null,
    removeItem: () => undefined,
    setItem: () => {
      throw new Error('QuotaExceededError');
    },
  };
  beforeEach(() => Object.defineProperty(globalThis, 'localStorage', { value: full, configurable: true }));
  afterEach(() => {
    act(() => forgetDrafts(''));
    delete (globalThis as { localStorage?: unknown }).localStorage;
  });
  test('what is typed stays in the page, and whoever types is told until it is recorded', () => {
    const field = renderHook(() => useDraft('full'));
    const told = renderHook(() => useDraftsUnkept());
    expect(told.result.current).toBe(false);
    act(() => field.result.current[1]('12'));
    expect(field.result.current[0]).toBe('12');
    expect(told.result.current).toBe(true);
    act(() => field.result.current[1](null));
    expect(told.result.current).toBe(false);
  });
});
