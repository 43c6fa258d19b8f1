import { useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useEffect, type ReactNode } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { SCROLL_MARK } from '../pad/next-field';
import { SPACE, TOUCH, usePalette } from '../theme';
import { usePadIsOpen } from '../pad/figure-pad';
import { useShort, useWide } from './layout';
import { Words } from '../words/words';

interface ScreenProps {
  readonly title: string;
  /** what tells this page from others of its title, where tabs are listed: a stage */
  readonly part?: string;
  /** a line over the title: where this is */
  readonly over?: string;
  /** where that line leads back to */
  readonly back?: string;
  readonly children: ReactNode;
  /** stays under the title while the rest scrolls */
  readonly rail?: ReactNode;
  /** the main action, at the thumb */
  readonly action?: ReactNode;
  /** holds still at the right on a wide screen, and comes last on a phone */
  readonly aside?: ReactNode;
  /** on a wide screen its tables take all of it, where one column would leave a third empty */
  readonly whole?: boolean;
}

/** One screen: title, what it is about, and one main action at the bottom. */
export function Screen({ title, part, over, back, children, rail, action, aside, whole }: ScreenProps) {
  const palette = usePalette();
  const wide = useWide();
  // under a rail on a phone everything that stands still takes as little as it can
  const low = rail !== undefined && !wide;
  const short = useShort() && !wide;
  // nothing that commits stands right above the digits
  const padIsOpen = usePadIsOpen();
  // tabs and screen readers tell pages apart by their titles
  useEffect(() => {
    if (typeof document !== 'undefined' && title !== '')
      document.title = [title, part, 'Barythm'].filter(Boolean).join(' · ');
  }, [title, part]);
  return (
    <View style={[styles.screen, { backgroundColor: palette.paper }]} role="main">
      <View
        style={[styles.head, wide && styles.headWide, low && styles.headLow, { borderColor: palette.line }]}
      >
        {low ? (
          <View style={styles.line}>
            {back !== undefined && <Back words={over ?? ''} to={back} signAlone />}
            <View style={styles.name}>
              <Title words={title} low />
            </View>
            {over && !short && (
              <View style={styles.rest}>
                <Over words={over} />
              </View>
            )}
            {short && !padIsOpen && <View style={styles.inLine}>{rail}</View>}
          </View>
        ) : (
          <>
            {over && <Over words={over} back={back} />}
            <Title words={title} />
          </>
        )}
        {!(low && short) && rail}
      </View>
      <View style={styles.columns}>
        <ScrollView
          tabIndex={0}
          {...SCROLL_MARK}
          style={styles.scroll}
          contentContainerStyle={[styles.body, wide && (whole ? styles.bodyWhole : styles.bodyWide)]}
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
            wide ? styles.actionWide : low && styles.actionLow,
            { backgroundColor: palette.surface, borderColor: palette.line },
          ]}
        >
          {action}
        </View>
      )}
    </View>
  );
}

function Title({ words, low }: { words: string; low?: boolean }) {
  return (
    <Words
      role="heading"
      aria-level={1}
      bold
      size={low ? 'large' : 'title'}
      numberOfLines={low ? 1 : undefined}
    >
      {words}
    </Words>
  );
}

/** Where a page belongs. */
function Over({ words, back }: { words: string; back?: string }) {
  if (back !== undefined) return <Back words={words} to={back} />;
  return (
    <Words size="small" colour="quiet" numberOfLines={1}>
      {words}
    </Words>
  );
}

/** The same, as the way back there. */
function Back({ words, to, signAlone }: { words: string; to: string; signAlone?: boolean }) {
  const router = useRouter();
  const palette = usePalette();
  return (
    <Pressable
      role="link"
      aria-label={`Back to ${words}`}
      testID="back"
      onPress={() => router.navigate(to)}
      style={[styles.back, signAlone && styles.sign]}
    >
      <ArrowLeft size={signAlone ? 22 : 16} color={palette.petrol} aria-hidden />
      {!signAlone && (
        <Words size="small" bold colour="petrol" numberOfLines={1} style={styles.backWords}>
          {words}
        </Words>
      )}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  // tall enough for a thumb, without a taller head
  back: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.xs,
    minHeight: TOUCH,
    marginVertical: -SPACE.m,
    alignSelf: 'flex-start',
    maxWidth: '100%',
  },
  backWords: { flexShrink: 1 },
  sign: { width: TOUCH, marginLeft: -SPACE.m, marginRight: -SPACE.s, justifyContent: 'center' },
  headLow: { paddingTop: 2, paddingBottom: 0, gap: 0 },
  line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, minHeight: 26 },
  // the tag stays whole as long as it can; what else it is called gives way first
  name: { flexShrink: 1, minWidth: 0, maxWidth: '85%' },
  rest: { flex: 1, minWidth: 0, alignItems: 'flex-end' },
  inLine: { flex: 1, minWidth: 0, marginTop: -SPACE.s },
  actionLow: { paddingVertical: 0 },
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
  bodyWhole: { padding: SPACE.xl },
  aside: { width: 380, flexGrow: 0, borderLeftWidth: 1 },
  action: { padding: SPACE.m, borderTopWidth: 1, flexDirection: 'row', gap: SPACE.s },
  actionWide: { justifyContent: 'flex-end', paddingHorizontal: SPACE.xl },
});
