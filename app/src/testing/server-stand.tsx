import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react-native';
import type { ReactNode } from 'react';

/** What the stand-in server answers to paths that contain a piece; the first that fits is taken. */
export interface Answer {
  readonly to: string;
  readonly body: object;
  readonly status?: number;
}

/** Serves answers to the app’s own fetches, and keeps what is sent. A path without an answer cannot be reached. */
export function serve(answers: readonly Answer[]) {
  const asked: string[] = [];
  const sent: unknown[] = [];
  globalThis.fetch = jest.fn((path: string, init?: RequestInit) => {
    asked.push(path);
    if (init?.body) sent.push(JSON.parse(String(init.body)));
    const answer = answers.find(({ to }) => path.includes(to));
    if (!answer) return Promise.reject(new TypeError('No answer.'));
    const { status = 200, body } = answer;
    const type = status < 400 ? 'application/json' : 'application/problem+json';
    return Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'content-type': type } }));
  }) as typeof fetch;
  return { asked, sent };
}

/** A screen that fetches for itself. */
export function standScreen(part: ReactNode) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, gcTime: Infinity } } });
  const shown = render(<QueryClientProvider client={client}>{part}</QueryClientProvider>);
  return { ...shown, clear: () => client.clear() };
}
