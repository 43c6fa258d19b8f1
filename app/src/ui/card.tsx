import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { CARD_MARK } from './pad/next-field';
import { RADIUS, SPACE, usePalette, type Colour } from './theme';
import { Heading } from './words/words';

interface CardProps {
  readonly title?: string;
  readonly children: ReactNode;
  /** a coloured edge at the left, for what the card says */
  readonly edge?: Colour;
  readonly testID?: string;
}

export function Card({ title, children, edge, testID }: CardProps) {
  const palette = usePalette();
  return (
    <View
      testID={testID}
      {...CARD_MARK}
      style={[
        styles.card,
        { backgroundColor: palette.surface, borderColor: palette.line },
        edge && { borderLeftColor: palette[edge], borderLeftWidth: 4 },
      ]}
    >
      {title && <Heading>{title}</Heading>}
      {children}
    </View>
  );
}

/** A card that leads somewhere; it is called by all that stands on it. */
export function LinkCard({
  onPress,
  children,
  testID,
  edge,
}: {
  onPress: () => void;
  children: ReactNode;
  testID?: string;
  edge?: Colour;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="link"
      testID={testID}
      onPress={onPress}
      style={({ pressed }) => [
        styles.card,
        { backgroundColor: palette.surface, borderColor: pressed ? palette.petrol : palette.line },
        edge && { borderLeftColor: palette[edge], borderLeftWidth: 4 },
      ]}
    >
      {children}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: RADIUS.card, padding: SPACE.l, gap: SPACE.m },
});
