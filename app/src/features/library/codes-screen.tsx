import { FAMILY_NAMES, kindInWords } from '@barythm/core/families';
import { lookUp, type Explained } from '@barythm/core/profile';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useExplained } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SearchInput } from '../../ui/fields/search-input';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';

/** A code or a lamp looked up over every profile: what it means and what to do; one that two controllers show stands with both. */
export function CodesScreen() {
  const { shows = '', profile } = useLocalSearchParams<{ shows?: string; profile?: string }>();
  const all = useExplained();
  const [typed, setTyped] = useState(shows);
  const found = useMemo(() => lookUp(all.data ?? [], typed), [all.data, typed]);
  const none = found.exact.length + found.near.length === 0;
  return (
    <Screen title="Codes and lamps" over="Library" back="/library">
      <SearchInput
        atOnce={shows === ''}
        label="What it shows"
        placeholder="E4, or a word: dry, overload, red"
        testID="code-search"
        value={typed}
        onChange={setTyped}
      />
      {all.isLoading && <Loading what="the codes" />}
      {all.error && !all.data && <Failed error={all.error} onRetry={() => void all.refetch()} />}
      {all.data && typed.trim() === '' && (
        <Words colour="quiet">
          {`${all.data.length} codes, lamps and signs of every controller in the library. Signs, spaces and capitals do not count.`}
        </Words>
      )}
      <Found title="Shown just so" list={found.exact} testID="codes-exact" />
      <Found title="Near it, or with these words" list={found.near.slice(0, MOST_NEAR)} testID="codes-near" />
      {found.near.length > MOST_NEAR && (
        <Words colour="quiet">{`And ${found.near.length - MOST_NEAR} more: type more of it.`}</Words>
      )}
      {all.data && typed.trim() !== '' && (
        <Unknown none={none} profile={profile ?? null} typed={typed.trim()} />
      )}
    </Screen>
  );
}

/** More of them than this answer nothing. */
const MOST_NEAR = 20;

/** By kind of pump, in the order that the library has them. */
function Found({ title, list, testID }: { title: string; list: readonly Explained[]; testID: string }) {
  if (list.length === 0) return null;
  const kinds = [...FAMILY_NAMES.filter((name) => list.some(({ family }) => family === name))];
  return (
    <View style={styles.found} testID={testID}>
      <Heading>{title}</Heading>
      {kinds.map((kind) => (
        <View key={kind} style={styles.found}>
          <Heading level={3}>{kindInWords(kind)}</Heading>
          {list
            .filter(({ family }) => family === kind)
            .map((one, i) => (
              <OneCode key={`${one.profileId} ${one.shows} ${i}`} one={one} />
            ))}
        </View>
      ))}
    </View>
  );
}

const KIND = { fault: 'a fault', reminder: 'a reminder', state: 'no fault' } as const;

function OneCode({ one }: { one: Explained }) {
  const router = useRouter();
  const { profile, profileId, shows, lamp, kind, means, todo, manual, page, resetBy } = one;
  return (
    <Card
      edge={kind === 'fault' ? 'rust' : kind === 'reminder' ? 'ochre' : 'moss'}
      testID={`code-${profileId}`}
    >
      <Words bold size="large" colour={kind === 'fault' ? 'rust' : 'ink'}>
        {lamp ? `Lamp ${shows}` : `“${shows}”`}: {KIND[kind]}
      </Words>
      <Words>{means}</Words>
      {todo !== '' && <Words bold>{todo}</Words>}
      {(manual ?? page) !== null && (
        <Words size="small" colour="quiet">
          {[manual ?? 'Maker’s manual', page === null ? '' : `page ${page}`].filter(Boolean).join(', ')}.
        </Words>
      )}
      {kind === 'fault' && resetBy !== null && (
        <Words size="small" colour="quiet">
          Write down the last faults before any reset: putting the settings back to default wipes them (
          {resetBy}).
        </Words>
      )}
      <Button
        kind="quiet"
        label={profile}
        testID={`code-profile-${profileId}`}
        onPress={() => router.navigate(`/library/profile/${profileId}`)}
      />
    </Card>
  );
}

/** What to do with a code that no profile knows, or not this one: it is written into a new version of its profile. */
function Unknown({ none, profile, typed }: { none: boolean; profile: string | null; typed: string }) {
  const router = useRouter();
  if (!none && profile === null) return null;
  return (
    <Card edge="petrol" testID="code-unknown">
      {none && <Words bold>No profile in the library knows “{typed}”.</Words>}
      <Words>
        Look it up in the maker’s manual, and write it into the profile of its controller: a new version of
        it, which every later visit has.
      </Words>
      {profile === null ? (
        <Button
          label="To the profiles"
          testID="code-to-profiles"
          onPress={() => router.navigate('/library')}
        />
      ) : (
        <Button
          label="Add it to this controller’s profile"
          testID="code-add"
          onPress={() => router.navigate(`/library/edit/${profile}`)}
        />
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ found: { gap: SPACE.m } });
