import type { BlockItem, BlockOf, BlockStrip } from '@barythm/core/visit';
import { StyleSheet, View } from 'react-native';
import { BeatStripView } from '../../../../charts/beat-strip-view';
import { Card } from '../../../../ui/card';
import { SPACE, type Colour } from '../../../../ui/theme';
import { COLUMN_COLOUR, TriadName } from '../../../../ui/words/triad';
import { Words } from '../../../../ui/words/words';

/** What was found and what is left, side by side; days are drawn one below the other, as wide as there is room. */
export function BeforeAfterCard({ block }: { block: BlockOf<'before-after'> }) {
  const { key, title, headline, sides, note } = block;
  const drawn = sides.some(({ items }) => items.some(({ kind }) => kind === 'strip'));
  return (
    <Card title={title} testID={`block-${key}`}>
      {headline && (
        <Words
          figures
          bold
          size="figure"
          colour={headline.good ? 'moss' : 'ochre'}
          testID={`${key}-headline`}
        >
          {headline.figure}
          <Words size="large" colour="quiet">
            {' '}
            {headline.words}
          </Words>
        </Words>
      )}
      <View style={drawn ? styles.below : styles.beside}>
        {sides.map(({ column, items }) => (
          <View key={column} style={drawn ? styles.wide : styles.side} testID={`${key}-${column}`}>
            <TriadName column={column} />
            {items.map((item, i) =>
              item.kind === 'strip' ? (
                <Day key={i} strip={item} colour={COLUMN_COLOUR[column]} />
              ) : (
                <Said key={i} item={item} />
              ),
            )}
          </View>
        ))}
      </View>
      {note && (
        <Words size="small" colour="quiet">
          {note}
        </Words>
      )}
    </Card>
  );
}

/** Figures short enough to stand beside each other are written large. */
const SHORT = 12;

function Said({ item }: { item: Exclude<BlockItem, BlockStrip> }) {
  switch (item.kind) {
    case 'figure':
      return (
        <Words figures bold size={item.known && item.words.length <= SHORT ? 'title' : 'large'}>
          {item.words}
        </Words>
      );
    case 'note':
      return (
        <Words size="small" colour="quiet">
          {item.words}
        </Words>
      );
    case 'line':
      return <Words size="small">{item.words}</Words>;
    case 'verdict':
      return (
        <Words size="small" bold colour={item.good ? 'moss' : 'rust'}>
          {item.words}
        </Words>
      );
  }
}

const ALONE = 36;
const OF_SEVERAL = 16;

function Day({
  strip: { name, rates, greatest, unit, says },
  colour,
}: {
  strip: BlockStrip;
  colour: Colour;
}) {
  const view = (
    <BeatStripView
      rates={rates}
      greatest={greatest}
      unit={unit}
      says={says}
      now={null}
      height={name === null ? ALONE : OF_SEVERAL}
      colour={colour}
    />
  );
  if (name === null) return view;
  return (
    <View style={styles.day}>
      <Words size="small" style={styles.name}>
        {name}
      </Words>
      <View style={styles.strip}>{view}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: SPACE.l },
  below: { gap: SPACE.m },
  side: { flex: 1, gap: 2, minWidth: 0 },
  wide: { gap: 2 },
  day: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  name: { width: 34 },
  strip: { flex: 1 },
});
