import { familyOf, tryProfile, works, type AnyProfile, type Tried } from '@barythm/core/families';
import { counted } from '@barythm/core/words';
import { useDeferredValue, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** How a plan does with the profile on usual pumps of its family, tried as it is typed. */
export function useTried(profile: AnyProfile | null): readonly Tried[] | null {
  // a plan takes a few hundredths of a second: typing goes first
  const settled = useDeferredValue(profile);
  return useMemo(() => (settled ? tryProfile(settled) : null), [settled]);
}

/** What a plan of each usual pump sets with this profile, and what it finds no place for. */
export function TriedCard({ tried, family }: { tried: readonly Tried[]; family: AnyProfile['family'] }) {
  const { words } = familyOf(family);
  return (
    <Card title="Tried on usual pumps" testID="p-tried">
      {tried.map((one) => (
        <View key={one.title} style={styles.one} testID={`p-tried-${one.title}`}>
          <Words bold colour={works(one) ? 'moss' : 'ochre'}>
            {`${words.charAt(0).toUpperCase()}${words.slice(1)} ${one.title}: ${said(one)}`}
          </Words>
          {one.sets !== null && one.sets.length > 0 && (
            <Words size="small" colour="quiet">
              Sets: {one.sets.join('; ')}
            </Words>
          )}
          {one.lacks.length > 0 && (
            <Words size="small" bold colour="ochre">
              The plan finds no place for: {one.lacks.join('; ')}
            </Words>
          )}
        </View>
      ))}
    </Card>
  );
}

function said(tried: Tried): string {
  if (tried.why !== null) return tried.why;
  if (works(tried)) return `${counted(tried.sets?.length ?? 0, 'setting is', 'settings are')} planned`;
  return tried.sets?.length === 0 ? 'nothing is planned' : 'not all can be set';
}

const styles = StyleSheet.create({ one: { gap: SPACE.xs } });
