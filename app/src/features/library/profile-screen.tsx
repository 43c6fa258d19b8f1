import { inOrderOfWork, PAGE_WORDS, type CommonBehaviours, type Parameter } from '@barythm/core/profile';
import { capital } from '@barythm/core/words';
import type { AnyProfile } from '@barythm/core/families';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useProfile } from '../../api/queries';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { matches } from '../../ui/fields/matches';
import { saveFile } from '../../ui/fields/save-file';
import { SearchInput } from '../../ui/fields/search-input';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { useReader } from '../../ui/reader';
import { Heading, Words } from '../../ui/words/words';
import { behaviourLines } from './behaviour-lines';
import { MessageMeaning } from './message-meaning';
import { MenuTree } from './menu-tree';
import { ParameterCard } from './parameter-card';
import { RouteKeys } from '../../kit/keys';

/** A controller as it is described: its habits, then its parameters in the order of work. */
export function ProfileScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const profile = useProfile(id);
  return (
    <Screen title={profile.data?.name ?? 'Profile'} over="Library" back="/library">
      {profile.isLoading && <Loading what="the profile" />}
      {profile.error && <Failed error={profile.error} onRetry={() => void profile.refetch()} />}
      {profile.data && <ProfileBody profile={profile.data} />}
    </Screen>
  );
}

function ProfileBody({ profile }: { profile: AnyProfile }) {
  const router = useRouter();
  const reader = useReader();
  const parameters = inOrderOfWork(profile);
  const { messages = [] }: CommonBehaviours = profile.behaviours;
  return (
    <>
      <Words testID="profile-about">{profile.about}</Words>
      <ButtonRow>
        <Button
          label="Copy as a new profile"
          testID="profile-copy"
          onPress={() => router.navigate(`/library/edit/${profile.id}?as=copy`)}
        />
        <Button
          label="Change: next version"
          testID="profile-change"
          onPress={() => router.navigate(`/library/edit/${profile.id}`)}
        />
        <Button
          label="Export (JSON)"
          testID="profile-save"
          onPress={() => saveFile(`${profile.id}.v${profile.version}.json`, JSON.stringify(profile, null, 2))}
        />
      </ButtonRow>
      <Card title="How it behaves">
        {behaviourLines(profile, reader).map(([name, words]) => (
          <View key={name}>
            <Words size="small" colour="quiet">
              {name}
            </Words>
            <Words>{words}</Words>
          </View>
        ))}
      </Card>
      {messages.length > 0 && (
        <Card title="What it shows" testID="profile-messages">
          {messages.map((message) => (
            <MessageMeaning key={message.shows} message={message} />
          ))}
        </Card>
      )}
      <Pages profile={profile} />
      <MenuTree profile={profile} />
      <Menus profile={profile} parameters={parameters} />
    </>
  );
}

/** Where pages are found that are no settings, and which keys set something going. */
function Pages({ profile }: { profile: AnyProfile }) {
  const { pages = [], menu } = profile;
  if (pages.length === 0 && !menu) return null;
  return (
    <Card title="Pages and keys" testID="profile-pages">
      {menu && <Words>From anywhere home, to “{menu.home.shows}”:</Words>}
      {menu && <RouteKeys inline route={menu.home.keys} />}
      {pages.map(({ of, route }) => (
        <View key={of}>
          <Words bold>{capital(PAGE_WORDS[of])}</Words>
          <RouteKeys inline route={route} />
        </View>
      ))}
      {menu?.acts.map(({ key, press, words }) => (
        <Words key={`${key} ${press}`} bold colour="ochre">
          {key}, {press === 'hold' ? 'held' : press === 'turn' ? 'turned' : 'pressed'}: {words}
        </Words>
      ))}
    </Card>
  );
}

/** Its settings by menu; a word or two of one finds it. */
function Menus({ profile, parameters }: { profile: AnyProfile; parameters: readonly Parameter[] }) {
  const [search, setSearch] = useState('');
  const found = parameters.filter(({ label, group }) =>
    matches(`${profile.groups.find(({ key }) => key === group)?.label ?? ''} ${label}`, search),
  );
  return (
    <>
      {parameters.length > SEARCHED && (
        <SearchInput
          label="Search its settings"
          placeholder="A word of a setting or menu"
          testID="setting-search"
          value={search}
          onChange={setSearch}
        />
      )}
      {found.length === 0 && <Words>No setting has all of these words. Try a shorter one.</Words>}
      {profile.groups.map(({ key, label }) => {
        const own = found.filter(({ group }) => group === key);
        if (own.length === 0) return null;
        return (
          <View key={key} style={styles.group}>
            <Heading>{label}</Heading>
            {own.map((parameter) => (
              <ParameterCard key={parameter.key} profile={profile} parameter={parameter} />
            ))}
          </View>
        );
      })}
    </>
  );
}

/** More settings than these are searched. */
const SEARCHED = 8;

const styles = StyleSheet.create({ group: { gap: SPACE.m } });
