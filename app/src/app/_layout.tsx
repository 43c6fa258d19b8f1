import { QueryClientProvider } from '@tanstack/react-query';
import { useFonts } from 'expo-font';
import { Navigator, Slot, usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { outbox } from '../api/device';
import { keys } from '../api/keys';
import { newQueryClient } from '../api/query-client';
import { fetchHeavyScreens } from '../features/lazy-screen';
import { PlacesBar } from '../features/shell/places-bar';
import { ScreenGuard } from '../features/shell/screen-guard';
import { Shortcuts } from '../features/shell/shortcuts';
import { TimersBar } from '../features/shell/timers-bar';
import { UnsentBar } from '../features/shell/unsent-bar';
import { FigurePadProvider, usePadIsOpen } from '../ui/pad/figure-pad';
import { useWide } from '../ui/screen/layout';
import { useUnitsWanted } from '../ui/reader';
import { usePalette } from '../ui/theme';
import { keepFocus } from '../ui/touch/keep-focus';

const FONT_FILES = {
  Next: require('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
  NextBold: require('@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
  Mono: require('@expo-google-fonts/atkinson-hyperlegible-mono/400Regular/AtkinsonHyperlegibleMono_400Regular.ttf'),
  MonoBold: require('@expo-google-fonts/atkinson-hyperlegible-mono/700Bold/AtkinsonHyperlegibleMono_700Bold.ttf'),
};

/** So long after the last look it is looked again whether the screens may be fetched ahead. */
const AHEAD_ms = 1500;

export default function Layout() {
  const [client] = useState(newQueryClient);
  const [fontsLoaded, fontError] = useFonts(FONT_FILES);
  const palette = usePalette();
  const wide = useWide();
  const place = usePathname();
  const units = useUnitsWanted();
  useEffect(() => {
    void outbox.start();
    const letFocusGo = keepFocus(document);
    // what is on the screen comes first: the others are fetched ahead once nothing is being asked for any more
    const ahead = setInterval(() => {
      if (client.isFetching() > 0) return;
      clearInterval(ahead);
      fetchHeavyScreens();
    }, AHEAD_ms);
    const stop = outbox.onSent(() => {
      void client.invalidateQueries({ queryKey: keys.round });
      void client.invalidateQueries({ queryKey: ['pump'] });
    });
    const again = () => void outbox.flush();
    window.addEventListener?.('online', again);
    return () => {
      clearInterval(ahead);
      stop();
      letFocusGo();
      outbox.stop();
      window.removeEventListener?.('online', again);
    };
  }, [client]);
  if (!fontsLoaded && !fontError) return null;
  return (
    <QueryClientProvider client={client}>
      <View style={[styles.shell, wide && styles.wide, { backgroundColor: palette.paper }]}>
        {wide && <PlacesBar wide />}
        <View style={styles.main}>
          <FigurePadProvider>
            <View style={styles.main}>
              {/* the navigator stands outside the guard: one that went with a failed screen would forget where it was */}
              <Navigator>
                {/* words that were made for a reader of other units are made anew */}
                <ScreenGuard key={units} place={place}>
                  <Slot />
                </ScreenGuard>
              </Navigator>
            </View>
            <TimersBar />
            <UnsentBar />
            {!wide && <BarUnlessPad />}
          </FigurePadProvider>
        </View>
        <Shortcuts />
      </View>
    </QueryClientProvider>
  );
}

/** The pad takes the bar's place while a figure is entered; at work on a job its stages and its main action do, and its head leads back. */
function BarUnlessPad() {
  const pad = usePadIsOpen();
  const atWork = usePathname().startsWith('/job/');
  return pad || atWork ? null : <PlacesBar wide={false} />;
}

const styles = StyleSheet.create({
  shell: { flex: 1, minHeight: 0 },
  wide: { flexDirection: 'row' },
  main: { flex: 1, minHeight: 0, minWidth: 0 },
});
