import { grouped, type Finding, type Severity } from '@barythm/core/findings';
import { parameterAt } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import type { Reader } from '@barythm/core/units';
import { useReader } from '../../ui/reader';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { SeverityTag } from '../../ui/words/severity';
import { SPACE, TOUCH } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { FindingCard } from './finding-card';

interface FindingListProps {
  readonly findings: readonly Finding[];
  readonly reader?: Reader;
  /** said when there is nothing to say */
  readonly none: string;
  /** what can be done about one, under its words */
  readonly actions?: (finding: Finding) => ReactNode;
  /** names the settings that a finding is about */
  readonly profile?: AnyProfile;
  /** the worst stand open, the rest fold to a line for each severity */
  readonly folds?: boolean;
}

/** Findings in full: what is so, what that will do, what to do. What several places have in common is said once. */
export function FindingList({ findings, none, actions, profile, folds, ...props }: FindingListProps) {
  const own = useReader();
  const reader = props.reader ?? own;
  const [opened, setOpened] = useState<readonly Severity[]>([]);
  if (findings.length === 0) {
    return (
      <Words colour="moss" bold>
        {none}
      </Words>
    );
  }
  const groups = grouped(findings);
  const present = SEVERITIES.filter((severity) => groups.some(([first]) => first.severity === severity));
  const places = (group: readonly Finding[]) =>
    profile ? placesOf(profile, [...new Set(group.flatMap(({ addresses }) => addresses))]) : '';
  return (
    <View style={styles.list}>
      {present.map((severity, i) => {
        const alike = groups.filter(([first]) => first.severity === severity);
        const open = !folds || i === 0 || opened.includes(severity);
        return (
          <View key={severity} style={styles.list}>
            {folds && i > 0 && (
              <Pressable
                role="button"
                aria-expanded={open}
                testID={`findings-${severity}`}
                onPress={() =>
                  setOpened(open ? opened.filter((one) => one !== severity) : [...opened, severity])
                }
                style={styles.fold}
              >
                <SeverityTag severity={severity} count={alike.length} />
                <Words bold colour="petrol">
                  {open ? 'Fold' : 'Show'}
                </Words>
              </Pressable>
            )}
            {open &&
              alike.map((group) => (
                <FindingCard key={group[0].text} group={group} reader={reader} places={places(group)}>
                  {actions}
                </FindingCard>
              ))}
          </View>
        );
      })}
    </View>
  );
}

const SEVERITIES: readonly Severity[] = ['stop', 'warn', 'note'];
/** More names than this are counted and not listed. */
const NAMED = 4;

function placesOf(profile: AnyProfile, addresses: readonly string[]): string {
  const names = addresses.map((address) => parameterAt(profile, address)?.label ?? address);
  const more = names.length - NAMED;
  return `${names.slice(0, NAMED).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

const styles = StyleSheet.create({
  list: { gap: SPACE.m },
  fold: {
    minHeight: TOUCH,
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
  },
});
