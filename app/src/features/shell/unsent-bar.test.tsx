import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { outbox } from '../../api/device';
import { press, wordsOf } from '../../testing/touch';
import { UnsentBar } from './unsent-bar';

interface State {
  pending: object[];
  offline: boolean;
  refused: object | null;
  unkept: string[];
}
let mockState: State;
jest.mock('../../api/use-outbox', () => ({ useOutbox: () => mockState }));
jest.mock('../../api/device', () => ({
  outbox: { flush: jest.fn(), keepRefused: jest.fn(), dropRefused: jest.fn(), tryRefused: jest.fn() },
}));
beforeEach(() => {
  jest.clearAllMocks();
  mockState = { pending: [], offline: false, refused: null, unkept: [] };
});

const mine = {
  id: 'id-1',
  baseVersion: 4,
  body: {
    kind: 'sheet.enter',
    jobId: 'job-1',
    entryId: 'e-1',
    address: 'gear/1/length',
    column: 'found',
    raw: '62',
    unit: '%',
    value: 62,
    reason: null,
  },
};
// made anew each time: what is the same as before is not painted again
const bar = () => (
  <QueryClientProvider client={new QueryClient()}>
    <UnsentBar />
  </QueryClientProvider>
);
const show = () => render(bar());

test('nothing to say, nothing shown: online, or offline with all sent', () => {
  const { rerender } = show();
  expect(screen.queryByTestId('unsent')).toBeNull();
  mockState = { ...mockState, offline: true };
  rerender(bar());
  expect(screen.queryByTestId('unsent')).toBeNull();
});

test('offline it says how much is kept here, and can be tried at once', () => {
  mockState = { pending: [{}], offline: true, refused: null, unkept: [] };
  const { rerender } = show();
  expect(wordsOf('unsent')).toContain('One entry is kept on this device');
  mockState = { ...mockState, pending: [{}, {}, {}] };
  rerender(bar());
  expect(wordsOf('unsent')).toContain('3 entries are kept on this device');
  fireEvent.press(screen.getByText('Try now'));
  expect(outbox.flush).toHaveBeenCalled();
});

test('a write that came too late is sent on top of what the server has, or dropped', () => {
  mockState = {
    pending: [mine, mine, mine, { ...mine, body: { ...mine.body, jobId: 'another' } }],
    offline: false,
    unkept: [],
    refused: {
      command: mine,
      problem: {
        code: 'stale',
        title: 'Stale',
        detail: 'The job is at version 6.',
        status: 409,
        current: { job: { version: 6 } },
      },
    },
  };
  show();
  expect(wordsOf('refused')).toContain('This job was changed elsewhere meanwhile');
  expect(wordsOf('refused')).toContain('2 more of this job wait behind it; all other jobs are sent.');
  // what was typed stands there: nobody has to throw away what they cannot see
  expect(wordsOf('refused')).toContain('gear/1/length as found: 62 %');
  press('keep-mine');
  expect(outbox.keepRefused).toHaveBeenCalledWith(6);
  press('drop-mine');
  expect(outbox.dropRefused).toHaveBeenCalledWith(6);
});

test('a write that the server does not take is told in its words, and cannot be forced', () => {
  mockState = {
    pending: [mine],
    offline: false,
    unkept: [],
    refused: {
      command: mine,
      problem: {
        code: 'invalid',
        title: 'Something in the request is not right.',
        status: 422,
        errors: [{ field: 'record.kit_gl', words: 'Test the water with a kit first.' }],
      },
    },
  };
  show();
  expect(wordsOf('refused')).toContain('The server did not take an entry');
  expect(wordsOf('refused')).toContain('Test the water with a kit first.');
  expect(screen.queryByTestId('keep-mine')).toBeNull();
  press('drop-mine');
  expect(outbox.dropRefused).toHaveBeenCalledWith(4);
});

test('what the device cannot keep is told, and the page is to stay open', () => {
  mockState = { pending: [{}], offline: false, refused: null, unkept: ['a'] };
  show();
  expect(wordsOf('unkept')).toContain('cannot keep an entry');
  press('send-unkept');
  expect(outbox.flush).toHaveBeenCalled();
});

test('a refusal that is not stale can be tried again: dropping is never the only way', () => {
  mockState = {
    pending: [mine],
    offline: false,
    unkept: [],
    refused: {
      command: mine,
      problem: { code: 'ANY-01', title: 'No', detail: 'Not yet.', status: 422 },
    },
  };
  show();
  press('try-mine');
  expect(outbox.tryRefused).toHaveBeenCalled();
});
