import { usePathname, useRouter } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { Mark } from '../../ui/words/mark';
import { useNarrow } from '../../ui/screen/layout';
import { SPACE, TOUCH, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { placeOf, PLACES } from './places';

/** The four places: at the thumb on a phone, at the left on a wide screen. */
export function PlacesBar({ wide }: { wide: boolean }) {
  const palette = usePalette();
  const narrow = useNarrow();
  const router = useRouter();
  const current = placeOf(usePathname());
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[
        wide ? styles.rail : styles.bar,
        { backgroundColor: palette.surface, borderColor: palette.line },
      ]}
    >
      {wide && (
        <View style={styles.brand}>
          <Mark size={36} />
          <Words bold size="small">
            Barythm
          </Words>
        </View>
      )}
      {PLACES.map(({ href, label, icon: Icon }) => {
        const here = href === current;
        return (
          <Pressable
            key={href}
            role="link"
            aria-label={label}
            aria-current={here ? 'page' : undefined}
            testID={`place-${label.toLowerCase()}`}
            onPress={() => router.navigate(href)}
            style={[
              wide ? styles.railItem : styles.barItem,
              here && narrow && styles.grown,
              here && { borderColor: palette.petrol },
            ]}
          >
            <Icon size={22} color={here ? palette.petrol : palette.quiet} strokeWidth={here ? 2.4 : 2} />
            {(here || !narrow) && (
              <Words size="small" bold={here} colour={here ? 'petrol' : 'quiet'}>
                {label}
              </Words>
            )}
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: 1 },
  barItem: {
    flex: 1,
    minHeight: 56,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 2,
    borderTopWidth: 3,
    borderColor: 'transparent',
  },
  rail: { width: 104, borderRightWidth: 1, paddingTop: SPACE.l, gap: SPACE.s },
  railItem: {
    minHeight: TOUCH + 16,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 2,
    borderLeftWidth: 3,
    borderColor: 'transparent',
  },
  grown: { flexGrow: 2 },
  brand: { alignItems: 'center', gap: SPACE.xs, paddingBottom: SPACE.l },
});
