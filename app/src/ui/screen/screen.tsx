import { useEffect, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { SCROLL_MARK } from '../pad/next-field';
import { SPACE, usePalette } from '../theme';
import { usePadIsOpen } from '../pad/figure-pad';
import { useWide } from './layout';
import { Words } from '../words/words';

interface ScreenProps {
  readonly title: string;
  /** a line over the title: where this is */
  readonly over?: string;
  readonly children: ReactNode;
  /** stays under the title while the rest scrolls */
  readonly rail?: ReactNode;
  /** the main action, at the thumb */
  readonly action?: ReactNode;
  /** holds still at the right on a wide screen, and comes last on a phone */
  readonly aside?: ReactNode;
}

/** One screen: title, what it is about, and one main action at the bottom. */
export function Screen({ title, over, children, rail, action, aside }: ScreenProps) {
  const palette = usePalette();
  const wide = useWide();
  // nothing that commits stands right above the digits
  const padIsOpen = usePadIsOpen();
  // tabs and screen readers tell pages apart by their titles
  useEffect(() => {
    if (typeof document !== 'undefined' && title !== '') document.title = `${title} · Barythm`;
  }, [title]);
  return (
    <View style={[styles.screen, { backgroundColor: palette.paper }]} role="main">
      <View style={[styles.head, wide && styles.headWide, { borderColor: palette.line }]}>
        {over && (
          <Words size="small" colour="quiet" numberOfLines={1}>
            {over}
          </Words>
        )}
        <Words role="heading" aria-level={1} bold size="title">
          {title}
        </Words>
        {rail}
      </View>
      <View style={styles.columns}>
        <ScrollView
          tabIndex={0}
          {...SCROLL_MARK}
          style={styles.scroll}
          contentContainerStyle={[styles.body, wide && styles.bodyWide]}
        >
          {children}
          {!wide && aside}
        </ScrollView>
        {wide && aside && (
          <ScrollView
            tabIndex={0}
            style={[styles.aside, { borderColor: palette.line }]}
            contentContainerStyle={styles.body}
          >
            {aside}
          </ScrollView>
        )}
      </View>
      {action && !padIsOpen && (
        <View
          style={[
            styles.action,
            wide && styles.actionWide,
            { backgroundColor: palette.surface, borderColor: palette.line },
          ]}
        >
          {action}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, minHeight: 0 },
  head: {
    paddingHorizontal: SPACE.l,
    paddingTop: SPACE.m,
    paddingBottom: SPACE.s,
    gap: 2,
    borderBottomWidth: 1,
  },
  headWide: { paddingHorizontal: SPACE.xl },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  scroll: { flex: 1 },
  body: { padding: SPACE.l, gap: SPACE.l, paddingBottom: SPACE.huge },
  bodyWide: { padding: SPACE.xl, maxWidth: 860 },
  aside: { width: 380, flexGrow: 0, borderLeftWidth: 1 },
  action: { padding: SPACE.m, borderTopWidth: 1, flexDirection: 'row', gap: SPACE.s },
  actionWide: { justifyContent: 'flex-end', paddingHorizontal: SPACE.xl },
});
