import { useEffect, useState, type ComponentType } from 'react';
import { Screen } from '../ui/screen/screen';
import { Failed, Loading } from '../ui/screen/states';

type HeavyScreens = typeof import('./heavy-screens');

let loaded: HeavyScreens | null = null;
const load = async () => (loaded = await import('./heavy-screens'));

/** Fetches the heavy screens ahead of time, so that going there works with no network too. */
export function fetchHeavyScreens(): void {
  // out of reach now: the route itself asks again and says so
  load().catch(() => undefined);
}

/** A route's screen out of the heavy bundle. Out of reach it says so, and tries again by a tap or when the network is back. */
export function lazyScreen(
  name: keyof HeavyScreens,
  fetchScreens: () => Promise<HeavyScreens> = load,
): ComponentType {
  return function LazyScreen() {
    const [screens, setScreens] = useState<HeavyScreens | null>(loaded);
    const [error, setError] = useState<Error | null>(null);
    const [attempt, setAttempt] = useState(0);
    useEffect(() => {
      if (screens) return;
      let gone = false;
      fetchScreens().then(
        (fetched) => gone || setScreens(fetched),
        () => gone || setError(new Error('There is no way to the server now. What was typed is kept.')),
      );
      return () => {
        gone = true;
      };
    }, [screens, attempt]);
    useEffect(() => {
      if (!error) return;
      const again = () => {
        setError(null);
        setAttempt((before) => before + 1);
      };
      window.addEventListener?.('online', again);
      return () => window.removeEventListener?.('online', again);
    }, [error]);
    if (screens) {
      const Inner = screens[name] as ComponentType;
      return <Inner />;
    }
    return (
      <Screen title={error ? 'Not reached' : ''}>
        {error ? (
          <Failed
            error={error}
            onRetry={() => {
              setError(null);
              setAttempt(attempt + 1);
            }}
          />
        ) : (
          <Loading what="the screen" />
        )}
      </Screen>
    );
  };
}
