import { screen } from '@testing-library/react-native';
import { serve, standScreen } from '../../testing/server-stand';
import { type, wordsOf } from '../../testing/touch';
import { BenchListScreen } from './bench-list-screen';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

const pump = (tag: string) => ({ id: tag, tag, name: 'A pump', siteName: 'A site' });

test('every pump of a long register is found by a word; how many are not in sight is said', async () => {
  const { asked } = serve([
    { to: 'search=qua', body: { items: [pump('QUA-HP-01')], total: 1, page: 1, size: 25 } },
    { to: 'search=zz', body: { items: [], total: 0, page: 1, size: 25 } },
    { to: '/pumps?', body: { items: [pump('CLI-DP-01')], total: 28, page: 1, size: 25 } },
  ]);
  const { clear } = standScreen(<BenchListScreen />);
  await screen.findByTestId('bench-CLI-DP-01');
  expect(wordsOf('bench-more')).toBe('27 pumps more: search for yours.');
  type('bench-search', 'qua');
  await screen.findByTestId('bench-QUA-HP-01');
  expect(screen.queryByTestId('bench-more')).toBeNull();
  expect(asked.some((path) => path.includes('search=qua'))).toBe(true);
  type('bench-search', 'zz');
  await screen.findByText(/No pump has all of these words/);
  clear();
});
