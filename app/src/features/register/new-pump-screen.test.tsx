import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import { MOTOR } from '../../testing/job-stand';
import { NewPumpScreen } from './new-pump-screen';
import { type } from '../../testing/touch';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({}),
  useRouter: () => ({ replace: (path: string) => mockReplace(path) as unknown }),
}));

const LIBRARY = {
  profiles: [{ id: MOTOR.id, version: 1, name: MOTOR.name, about: 'Three gears.' }],
  products: [],
  instruments: [],
};

/** A server that answers the library and the profile, and the pump as given. */
function serve(answer: { status: number; body: object }) {
  const sent: unknown[] = [];
  globalThis.fetch = jest.fn((path: string, init?: RequestInit) => {
    const said = (status: number, body: object, type = 'application/json') =>
      Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'content-type': type } }));
    if (path.endsWith('/library')) return said(200, LIBRARY);
    if (path.includes('/profiles/')) return said(200, MOTOR);
    sent.push(JSON.parse(String(init?.body)));
    return said(answer.status, answer.body, answer.status < 400 ? undefined : 'application/problem+json');
  }) as typeof fetch;
  return sent;
}

function open() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: Infinity } } });
  render(
    <QueryClientProvider client={client}>
      <NewPumpScreen />
    </QueryClientProvider>,
  );
  return client;
}


test('what the server refuses stands at its field, and nothing typed is lost; then it is taken in', async () => {
  let sent = serve({
    status: 400,
    body: {
      type: 'urn:barythm:problem:invalid',
      title: 'Something in the request is not right.',
      status: 400,
      code: 'invalid',
      errors: [{ field: 'tag', words: 'CID-DP-01 is there already at the press.' }],
    },
  });
  const client = open();
  type('new-site', 'Cider Press');
  type('new-tag', 'CID-DP-01');
  fireEvent.press(await screen.findByTestId(`new-profile-${MOTOR.id}`));
  fireEvent.press(await screen.findByTestId('new-gear-B'));
  fireEvent.press(screen.getByTestId('new-save'));
  expect(await screen.findByText('CID-DP-01 is there already at the press.')).toBeTruthy();
  expect(screen.getByText('Put the marked places right.')).toBeTruthy();
  expect(sent[0]).toMatchObject({ site: 'Cider Press', tag: 'CID-DP-01', profile: MOTOR.id, gear: 'B' });

  sent = serve({ status: 201, body: { id: 'pump-7' } });
  type('new-tag', 'CID-DP-02');
  expect(screen.queryByText('CID-DP-01 is there already at the press.')).toBeNull();
  fireEvent.press(screen.getByTestId('new-save'));
  await waitFor(() => expect(mockReplace).toHaveBeenCalledWith('/pump/pump-7'));
  expect(sent[0]).toMatchObject({ site: 'Cider Press', tag: 'CID-DP-02', gear: 'B' });
  client.clear();
});
