import { renderFinding, type Finding } from '@barythm/core/findings';
import type { Reader } from '@barythm/core/units';
import { memo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { SEVERITY_COLOUR, SeverityTag } from '../../ui/words/severity';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { ALL_TEXTS } from '@barythm/core/families';

interface FindingCardProps {
  /** the same slip in one place or several */
  readonly group: readonly [Finding, ...Finding[]];
  readonly reader: Reader;
  /** the settings it is about, by name; empty where they are not known */
  readonly places: string;
  /** what can be done about one */
  readonly children?: (finding: Finding) => ReactNode;
}

/** One slip: its title once, then what is so in each place, what that will do and what to do. */
export const FindingCard = memo(function FindingCard({ group, reader, places, children }: FindingCardProps) {
  const [first] = group;
  const texts = group.map((finding) => renderFinding(finding, ALL_TEXTS, reader));
  const { title, will, todo } = texts[0];
  const alike = (pick: 'title' | 'will' | 'todo') => texts.every((text) => text[pick] === texts[0][pick]);
  return (
    <Card edge={SEVERITY_COLOUR[first.severity]} testID={`finding-${first.code}`}>
      <View style={styles.head}>
        <SeverityTag severity={first.severity} />
        <Words size="small" colour="quiet" figures>
          {group.length > 1 ? `${first.code}, ${group.length} places` : first.code}
        </Words>
      </View>
      {alike('title') && (
        <Words bold size="large">
          {title}
        </Words>
      )}
      {texts.map((text, i) => (
        <View key={i} style={styles.place}>
          {!alike('title') && (
            <Words bold size="large">
              {text.title}
            </Words>
          )}
          <Words>
            {text.so} {alike('will') && group.length > 1 ? '' : text.will}
          </Words>
          {(!alike('todo') || group.length === 1) && <Words bold>{text.todo}</Words>}
          {children?.(group[i])}
        </View>
      ))}
      {group.length > 1 && alike('will') && <Words>{will}</Words>}
      {alike('todo') && group.length > 1 && <Words bold>{todo}</Words>}
      {places !== '' && (
        <Words size="small" colour="quiet">
          Settings: {places}.
        </Words>
      )}
    </Card>
  );
});

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  place: { gap: SPACE.xs },
});
