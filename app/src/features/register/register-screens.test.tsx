import type { RegisterPreview } from '@barythm/contract/resources';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { Linking } from 'react-native';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { RegisterFileScreen } from './register-file-screen';
import { RegisterScreen } from './register-screen';
import { SiteScreen } from './site-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: 'site-1' }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
let mockWide = false;
jest.mock('../../ui/screen/layout', () => ({
  ...jest.requireActual<object>('../../ui/screen/layout'),
  useWide: () => mockWide,
}));
// the browser’s own dialog is stood in for by what it would give
const mockPicks: Record<string, (text: string) => void> = {};
const mockPick = (text: string) => mockPicks['register-file'](text);
jest.mock('../../ui/fields/file-pick', () => ({
  FilePick: ({ testID, onText }: { testID: string; onText: (text: string) => void }) => {
    mockPicks[testID] = onText;
    return null;
  },
}));
afterEach(() => mockNavigate.mockClear());

const ROW = {
  id: 'pump-1',
  tag: 'CID-DP-01',
  name: 'Acid',
  place: 'Bottling',
  siteId: 'site-1',
  siteName: 'Cider Press',
  family: 'metering',
};
const KINDS = [
  { family: 'metering', words: 'Metering pump' },
  { family: 'spa', words: 'Tub' },
];
const page = (items: object[], total = items.length) => ({
  items,
  total,
  page: 1,
  size: 25,
  kinds: KINDS,
});

describe('the register', () => {
  test('is searched as one types, leads to a pump, and turns its pages', async () => {
    const { asked } = serve([
      { to: 'search=&page=2', body: { ...page([{ ...ROW, tag: 'CID-DP-26' }], 26), page: 2 } },
      { to: 'search=nothing', body: page([]) },
      { to: '/pumps', body: page([ROW], 26) },
    ]);
    const { clear } = standScreen(<RegisterScreen />);
    fireEvent.press(await screen.findByTestId('pump-CID-DP-01'));
    expect(mockNavigate).toHaveBeenCalledWith('/pump/pump-1');
    expect(screen.getByText('Page 1 of 2, 26 pumps')).toBeTruthy();
    fireEvent.press(screen.getByText('On'));
    expect(await screen.findByTestId('pump-CID-DP-26')).toBeTruthy();
    type('search', 'nothing at all');
    expect(await screen.findByText('No pump found')).toBeTruthy();
    expect(asked.at(-1)).toContain('search=nothing%20at%20all');
    clear();
  });
  test('a filter is folded on a phone, says what it narrows the list to, and outlives the next letter typed', async () => {
    const { asked } = serve([{ to: '/pumps', body: page([ROW]) }]);
    const { clear } = standScreen(<RegisterScreen />);
    await screen.findByTestId('pump-CID-DP-01');
    expect(screen.queryByTestId('register-only')).toBeNull();
    press('register-filter');
    press('register-only-open');
    await waitFor(() => expect(asked.at(-1)).toContain('&only=open'));
    press('register-kind-spa');
    await waitFor(() => expect(asked.at(-1)).toContain('&family=spa&only=open'));
    expect(wordsOf('register-filter')).toContain('Filter: Tub, Findings open');
    type('search', 'ci');
    await waitFor(() => expect(asked.at(-1)).toContain('search=ci&page=1&family=spa&only=open'));
    press('register-only-all');
    await waitFor(() => expect(asked.at(-1)).toMatch(/family=spa$/));
    clear();
  });
  test('what was looked for instead of a slip is said', async () => {
    serve([{ to: '/pumps', body: { ...page([ROW]), instead: 'cider' } }]);
    const { clear } = standScreen(<RegisterScreen />);
    type('search', 'cidre');
    await screen.findByTestId('search-instead');
    expect(wordsOf('search-instead')).toContain('Nothing has “cidre”. Shown: cider.');
    clear();
  });
  test('where there is room it is a table, of one kind or all, in the order of tags or of sites', async () => {
    mockWide = true;
    const { asked } = serve([{ to: '/pumps', body: page([ROW]) }]);
    const { clear } = standScreen(<RegisterScreen />);
    expect(await screen.findByLabelText('Pumps')).toBeTruthy();
    expect(screen.getAllByText('Metering pump').length).toBe(2);
    press('sort-site');
    await waitFor(() => expect(asked.at(-1)).toContain('&sort=site'));
    press('register-kind-spa');
    await waitFor(() => expect(asked.at(-1)).toContain('&sort=site&family=spa'));
    fireEvent.press(await screen.findByTestId('pump-CID-DP-01'));
    expect(mockNavigate).toHaveBeenCalledWith('/pump/pump-1');
    clear();
    mockWide = false;
  });
  test('shows sites with how many pumps each has', async () => {
    serve([
      {
        to: '/sites',
        body: page([
          { id: 'site-1', name: 'Cider Press', place: 'North', pumps: 1 },
          { id: 'site-2', name: 'Hostel', place: 'Point', pumps: 3 },
        ]),
      },
      { to: '/pumps', body: page([ROW]) },
    ]);
    const { clear } = standScreen(<RegisterScreen />);
    fireEvent.press(screen.getByText('Sites'));
    await screen.findByTestId('site-site-1');
    expect(wordsOf('site-site-1')).toContain('1 pump');
    expect(wordsOf('site-site-1')).not.toContain('1 pumps');
    expect(wordsOf('site-site-2')).toContain('3 pumps');
    press('site-site-2');
    expect(mockNavigate).toHaveBeenCalledWith('/site/site-2');
    clear();
  });
  test('without a server it says so, and asks again', async () => {
    serve([]);
    const { clear } = standScreen(<RegisterScreen />);
    expect(await screen.findByText(/The server cannot be reached/)).toBeTruthy();
    serve([{ to: '/pumps', body: page([ROW]) }]);
    fireEvent.press(screen.getByText('Try again'));
    expect(await screen.findByTestId('pump-CID-DP-01')).toBeTruthy();
    clear();
  });
});

test('a site with its zone; one without a pump says what to do', async () => {
  serve([
    {
      to: '/sites/site-1',
      body: { id: 'site-1', name: 'Cider Press', place: 'North', zone: 'Atlantic/Faroe', pumps: [] },
    },
  ]);
  const { clear } = standScreen(<SiteScreen />);
  expect(await screen.findByText('No pump here yet')).toBeTruthy();
  expect(screen.getByText(/time zone Atlantic\/Faroe/)).toBeTruthy();
  press('add-pump');
  expect(mockNavigate).toHaveBeenCalledWith('/register/new?site=site-1');
  expect(screen.queryByTestId('labels-site')).toBeNull();
  clear();
});

describe('register files', () => {
  const PREVIEW = {
    sites: [
      { name: 'Cider Press', place: 'North', isNew: true },
      { name: 'Hostel', place: 'Point', isNew: false },
    ],
    pumps: Array.from({ length: 22 }, (_, i) => ({
      tag: `CID-DP-${i + 1}`,
      name: 'Acid',
      site: 'Cider Press',
      profile: 'numbered-timer',
    })),
    changes: [] as RegisterPreview['changes'],
    unchanged: 0,
    faults: [],
  };
  const CHANGE = {
    tag: 'CID-DP-01',
    site: 'Cider Press',
    lines: [
      { label: 'Tag', from: 'CID-DP-01', to: 'CID-DP-31' },
      { label: 'Model', from: '', to: 'Rail 12' },
    ],
  };
  test.each([
    [
      'changes alone',
      { pumps: [], changes: [CHANGE], unchanged: 3 },
      'Change 1 pump',
      '3 pumps are registered',
    ],
    ['both', { changes: [CHANGE, CHANGE], unchanged: 1 }, 'Add 22 pumps, change 2', '1 pump is registered'],
  ])('what would change is seen before and after: %s', async (_, part, button, rest) => {
    serve([{ to: '/register/preview', body: { ...PREVIEW, ...part } }]);
    const { clear } = standScreen(<RegisterFileScreen />);
    await act(async () => mockPick('site,tag'));
    expect(wordsOf('register-take')).toBe(button);
    expect(wordsOf('register-changes')).toContain('Tag: CID-DP-01 → CID-DP-31');
    expect(wordsOf('register-changes')).toContain('Model: empty → Rail 12');
    expect(wordsOf('register-unchanged')).toContain(rest);
    clear();
  });
  test('a file that says nothing new says so, and there is nothing to take in', async () => {
    serve([{ to: '/register/preview', body: { ...PREVIEW, sites: [], pumps: [], unchanged: 28 } }]);
    const { clear } = standScreen(<RegisterFileScreen />);
    await act(async () => mockPick('site,tag'));
    expect(wordsOf('register-unchanged')).toContain('Nothing new: 28 pumps are registered as the file says.');
    expect(screen.queryByTestId('register-take')).toBeNull();
    expect(screen.queryByTestId('register-preview')).toBeNull();
    clear();
  });
  test('what would come in is seen first; it is taken in as a whole', async () => {
    const { sent } = serve([
      { to: '/register/preview', body: PREVIEW },
      { to: '/register/import', body: { pumps: 22 } },
    ]);
    const { clear } = standScreen(<RegisterFileScreen />);
    expect(screen.queryByTestId('register-take')).toBeNull();
    await act(async () => mockPick('site,tag\n…'));
    expect(wordsOf('register-preview')).toContain('Cider Press, a new site');
    expect(wordsOf('register-preview')).toContain('Hostel, already here');
    expect(wordsOf('register-preview')).toContain('And 2 more.');
    expect(wordsOf('register-take')).toBe('Add 22 pumps');
    press('register-take');
    await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith('/register'));
    expect(sent).toEqual([{ csv: 'site,tag\n…' }, { csv: 'site,tag\n…' }]);
    clear();
  });
  test('faults are told by line and column, and nothing can be taken in', async () => {
    serve([
      {
        to: '/register/preview',
        body: { ...PREVIEW, faults: [{ line: 3, column: 2, words: '“Nowhere” is no time zone.' }] },
      },
    ]);
    const { clear } = standScreen(<RegisterFileScreen />);
    await act(async () => mockPick('site,tag'));
    expect(wordsOf('register-faults')).toContain('Line 3, column 2: “Nowhere” is no time zone.');
    expect(screen.queryByTestId('register-preview')).toBeNull();
    expect(screen.queryByTestId('register-take')).toBeNull();
    clear();
  });
  describe('a job from a file', () => {
    const document = {
      pump: { tag: 'A-1', name: 'Acid' },
      site: { name: 'Hostel' },
      job: { plannedFor: '2026-10-28' },
    };
    const FILE = JSON.stringify({ format: 'barythm-job', formatVersion: 1, document });
    test('is seen first, then taken in and opened', async () => {
      const { sent } = serve([{ to: '/jobs/import', status: 201, body: { jobId: 'job-7' } }]);
      const { clear } = standScreen(<RegisterFileScreen />);
      await act(async () => mockPicks['job-file'](FILE));
      expect(wordsOf('job-file-what')).toBe('A-1 Acid, Hostel, 28 Oct 2026');
      expect(sent).toEqual([]);
      press('job-file-take');
      await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith('/job/job-7/hand-over'));
      expect(sent).toEqual([JSON.parse(FILE)]);
      clear();
    });
    test.each([
      ['half of one', FILE.slice(0, 40), 'no JSON file'],
      ['a profile', '{"id":"x","family":"pool"}', 'This file is no job.'],
      ['nothing at all', 'null', 'This file is no job.'],
    ])('%s is refused in words', async (_, text, words) => {
      serve([]);
      const { clear } = standScreen(<RegisterFileScreen />);
      await act(async () => mockPicks['job-file'](text));
      expect(wordsOf('job-file-wrong')).toContain(words);
      expect(screen.queryByTestId('job-file-take')).toBeNull();
      clear();
    });
    test('one that is here already is told in the server’s words, and can be chosen again', async () => {
      const errors = [{ field: 'id', words: 'This job is already in the database; nothing was changed.' }];
      serve([{ to: '/jobs/import', status: 409, body: { code: 'exists', status: 409, title: 'x', errors } }]);
      const { clear } = standScreen(<RegisterFileScreen />);
      await act(async () => mockPicks['job-file'](FILE));
      press('job-file-take');
      expect(await screen.findByText(errors[0].words)).toBeTruthy();
      clear();
    });
  });
  test('a refusal is said in the server’s words', async () => {
    serve([
      {
        to: '/register/preview',
        status: 413,
        body: { type: 'x', title: 'The file is larger than 5 MB.', status: 413, code: 'too-large' },
      },
    ]);
    const { clear } = standScreen(<RegisterFileScreen />);
    await act(async () => mockPick('x'));
    expect(screen.getByRole('alert')).toHaveTextContent('The file is larger than 5 MB.');
    clear();
  });
  test('register and labels leave as files', () => {
    const open = jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
    const { clear } = standScreen(<RegisterFileScreen />);
    press('register-export');
    press('labels-all');
    expect(open.mock.calls.map(([url]) => url)).toEqual(['/api/v1/register.csv', '/api/v1/labels.pdf']);
    open.mockRestore();
    clear();
  });
});
