import { renderFinding, type Finding } from '@barythm/core/findings';
import { ALL_TEXTS } from '@barythm/core/job';
import { type Reader } from '@barythm/core/units';
import { useReader } from '../../ui/reader';
import { memo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { SEVERITY_COLOUR, SeverityTag } from '../../ui/severity';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words';

interface FindingListProps {
  readonly findings: readonly Finding[];
  readonly reader?: Reader;
  /** said when there is nothing to say */
  readonly none: string;
  /** what can be done about one, under its words */
  readonly actions?: (finding: Finding) => ReactNode;
}

/** Findings in full: what is so, what that will do, what to do. */
export function FindingList({ findings, none, actions, ...props }: FindingListProps) {
  const own = useReader();
  const reader = props.reader ?? own;
  if (findings.length === 0) {
    return (
      <Words colour="moss" bold>
        {none}
      </Words>
    );
  }
  return (
    <View style={styles.list}>
      {findings.map((finding, i) => (
        <FindingCard key={`${finding.text}-${i}`} finding={finding} reader={reader}>
          {actions?.(finding)}
        </FindingCard>
      ))}
    </View>
  );
}

const FindingCard = memo(function FindingCard({
  finding,
  reader,
  children,
}: {
  finding: Finding;
  reader: Reader;
  children?: ReactNode;
}) {
  const text = renderFinding(finding, ALL_TEXTS, reader);
  return (
    <Card edge={SEVERITY_COLOUR[finding.severity]} testID={`finding-${finding.code}`}>
      <View style={styles.head}>
        <SeverityTag severity={finding.severity} />
        <Words size="small" colour="quiet" figures>
          {finding.code}
        </Words>
      </View>
      <Words bold size="large">
        {text.title}
      </Words>
      <Words>
        {text.so} {text.will}
      </Words>
      <Words bold>{text.todo}</Words>
      {children}
    </Card>
  );
});

const styles = StyleSheet.create({
  list: { gap: SPACE.m },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
