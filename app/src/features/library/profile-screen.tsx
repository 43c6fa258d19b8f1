import { inOrderOfWork, type Parameter, type Profile } from '@barythm/core/profile';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useProfile } from '../../api/queries';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { saveFile } from '../../ui/save-file';
import { Screen } from '../../ui/screen';
import { Failed, Loading } from '../../ui/states';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words';
import { RouteKeys } from './route-keys';
import { limitsInWords } from './limits-in-words';
import { ENTER_WHEN } from './entry-words';

/** A controller as it is described: its habits, then its parameters in the order of work. */
export function ProfileScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const profile = useProfile(id);
  return (
    <Screen title={profile.data?.name ?? 'Profile'} over="Library">
      {profile.isLoading && <Loading what="the profile" />}
      {profile.error && <Failed error={profile.error} onRetry={() => void profile.refetch()} />}
      {profile.data && <ProfileBody profile={profile.data} />}
    </Screen>
  );
}

function ProfileBody({ profile }: { profile: Profile }) {
  const router = useRouter();
  const parameters = inOrderOfWork(profile);
  return (
    <>
      <Words testID="profile-about">{profile.about}</Words>
      <ButtonRow>
        <Button
          label="Change a copy"
          testID="profile-copy"
          onPress={() => router.navigate(`/library/edit/${profile.id}`)}
        />
        <Button
          label="Export (JSON)"
          testID="profile-save"
          onPress={() => saveFile(`${profile.id}.v${profile.version}.json`, JSON.stringify(profile, null, 2))}
        />
      </ButtonRow>
      <Card title="How it behaves">
        {behaviourLines(profile).map(([name, words]) => (
          <View key={name}>
            <Words size="small" colour="quiet">
              {name}
            </Words>
            <Words>{words}</Words>
          </View>
        ))}
      </Card>
      {profile.groups.map((group) => (
        <View key={group.key} style={styles.group}>
          <Heading>{group.label}</Heading>
          {parameters
            .filter((parameter) => parameter.group === group.key)
            .map((parameter) => (
              <ParameterCard key={parameter.key} parameter={parameter} />
            ))}
        </View>
      ))}
    </>
  );
}

function ParameterCard({ parameter }: { parameter: Parameter }) {
  return (
    <Card>
      <Words bold>{parameter.label}</Words>
      <Words figures size="small">
        {limitsInWords(parameter)}
      </Words>
      <RouteKeys route={parameter.route} />
      <Words size="small">
        {ENTER_WHEN[parameter.enterWhen]} {parameter.storedBy}
        {parameter.needsRestart ? ' Needs a restart.' : ''}
      </Words>
      {parameter.caution && (
        <Words size="small" bold colour="ochre">
          {parameter.caution}
        </Words>
      )}
    </Card>
  );
}

function behaviourLines({ behaviours }: Profile): readonly (readonly [string, string])[] {
  const rates = Object.entries(behaviours.greatestRate_spm);
  const set = 'as set';
  return [
    [
      'Signal',
      behaviours.analog.kind === 'plain'
        ? `${behaviours.analog.ranges.join(' or ')} mA`
        : behaviours.analog.kind === 'none'
          ? 'no current input'
          : 'two free set points',
    ],
    ['Below the first point', behaviours.below === 'set' ? set : behaviours.below],
    [
      'Broken wire',
      behaviours.brokenWire
        ? `watched at ${behaviours.brokenWire.low_mA ?? '–'} and ${behaviours.brokenWire.high_mA ?? '–'} mA, reaction ${behaviours.brokenWire.reaction === 'set' ? set : behaviours.brokenWire.reaction}`
        : 'not watched',
    ],
    [
      'Greatest rate',
      rates.length === 1
        ? `${rates[0][1]} strokes/min`
        : rates.map(([gear, rate]) => `gear ${gear} ${rate} strokes/min`).join(', '),
    ],
    ['Least rate', `${behaviours.leastRate_spm} strokes/min; below that it stands`],
    ['After a power cut', behaviours.afterPowerCut === 'set' ? set : behaviours.afterPowerCut],
    ['Priming', behaviours.priming],
    ['Shows its signal', behaviours.showsSignal ? 'yes, in mA' : 'no'],
    ['Clock', behaviours.hasClock ? 'yes' : 'none'],
    ...(behaviours.setUpEnd ? [['End of set-up', behaviours.setUpEnd] as const] : []),
    ...widerLines(behaviours),
  ];
}

const SET = 'as set';

function widerLines(behaviours: Profile['behaviours']): (readonly [string, string])[] {
  const { pulses, batch, smooth, slowSuction } = behaviours;
  const lines: (readonly [string, string])[] = [];
  if (smooth) lines.push(['Drive', `smooth, set in flow; ${smooth.nominal_mL} mL a turn taken for granted`]);
  if (pulses) {
    const store = pulses.memory === 'set' ? SET : pulses.memory === 'kept' ? 'stored' : 'lost';
    lines.push([
      'Pulses',
      `up to × ${pulses.multiplyMost} and ÷ ${pulses.divideMost}; those it cannot answer are ${store}, those while stopped ${pulses.whileStopped}; recognised after ${pulses.recognition_ms.join(', ')} ms`,
    ]);
  }
  if (batch) lines.push(['Triggers while a batch runs', batch.whileRunning]);
  const named = [
    [
      'Stop input',
      { stops: 'stops when closed', permits: 'permits when closed', set: SET },
      behaviours.stopInput,
    ],
    ['Running dry', { none: 'nothing happens', stop: 'stops', warn: 'warns', set: SET }, behaviours.dry],
    [
      'When a fault has gone',
      { resume: 'carries on', wait: 'waits', set: SET, unknown: 'not known' },
      behaviours.afterFault,
    ],
  ] as const;
  for (const [name, words, value] of named) {
    if (value) lines.push([name, (words as Record<string, string>)[value]]);
  }
  if (slowSuction) {
    lines.push([
      'Slow suction',
      `leaves ${slowSuction.map((share) => `${Math.round(share * 100)} %`).join(', ')}`,
    ]);
  }
  const has = [
    behaviours.deaerates && 'deaeration',
    behaviours.compensates && 'pressure compensation',
    behaviours.locks && 'key lock',
  ].filter(Boolean);
  if (has.length > 0) lines.push(['Also', has.join(', ')]);
  return lines;
}

const styles = StyleSheet.create({ group: { gap: SPACE.m } });
