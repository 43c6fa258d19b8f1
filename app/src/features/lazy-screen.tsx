import { lazy, Suspense, type ComponentType } from 'react';
import { Screen } from '../ui/screen';
import { Loading } from '../ui/states';

type HeavyScreens = typeof import('./heavy-screens');

const load = () => import('./heavy-screens');

/** Fetches the heavy screens ahead of time, so that going there works with no network too. */
export function fetchHeavyScreens(): void {
  // out of reach now: the route itself asks again and says so
  load().catch(() => undefined);
}

/** A route's screen out of the heavy bundle. */
export function lazyScreen(name: keyof HeavyScreens): ComponentType {
  const Inner = lazy(async () => ({ default: (await load())[name] as ComponentType }));
  return function LazyScreen() {
    return (
      <Suspense
        fallback={
          <Screen title="">
            <Loading what="the screen" />
          </Screen>
        }
      >
        <Inner />
      </Suspense>
    );
  };
}
