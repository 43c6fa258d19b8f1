import { QueryClient } from '@tanstack/react-query';
import { RefusedError } from './client';

/**
 * Fetches whether the browser thinks it is online or not: a place that cannot be fetched says so at once, and is fetched anew by itself
 * when the network is back. What the server said no to is not asked twice.
 */
export function newQueryClient(): QueryClient {
  return new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: 10_000,
        networkMode: 'always',
        refetchOnReconnect: true,
        retry: (failures, error) => failures < 1 && !(error instanceof RefusedError) && isOnline(),
      },
    },
  });
}

const isOnline = () => typeof navigator === 'undefined' || navigator.onLine !== false;
