import type { PumpResource } from '@barythm/contract/resources';
import { inOrderOfWork, movesByItself } from '@barythm/core/profile';
import { dateInWords, siteTime } from '@barythm/core/time';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { addressOfFile, fileUrl } from '../../api/client';
import { Button } from '../../ui/button';
import { Card, LinkCard } from '../../ui/card';
import { Empty } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { TriadSign } from '../../ui/words/triad';
import { Heading, Words } from '../../ui/words/words';
import { STATE_WORDS } from '../job/stage/state-words';
import { ValueText } from '../../kit/value';
import { knownFrom, seenByTechnician, type Known } from './known';

/** A sheet longer than this is folded on the pump's page. */
const LONG_SHEET = 20;

/** What the controller is believed to hold, and how that is known. */
export function SettingsCard({ pump, state }: { pump: PumpResource; state: Known }) {
  // a lamp says nothing of now
  const settings = inOrderOfWork(pump.profile).filter((parameter) => !movesByItself(parameter));
  const [all, setAll] = useState(settings.length <= LONG_SHEET);
  const shown = all ? settings : settings.slice(0, LONG_SHEET / 2);
  return (
    <Card title="Settings">
      <Words size="small" colour="quiet">
        {state.from}
      </Words>
      {shown.map((parameter) => {
        const value = state.values[parameter.key];
        return (
          <View key={parameter.key} style={styles.row}>
            <View style={styles.name}>
              <TriadSign column={seenByTechnician(state, parameter.key) ? 'left' : 'found'} />
              <View style={styles.grow}>
                <Words>{parameter.label}</Words>
                {parameter.fixed && (
                  <Words size="small" colour="quiet">
                    fixed in the controller
                  </Words>
                )}
                {value !== undefined && !parameter.fixed && knownFrom(state, parameter.key) !== null && (
                  <Words size="small" colour="quiet">
                    {knownFrom(state, parameter.key)}
                  </Words>
                )}
              </View>
            </View>
            <ValueText bold parameter={parameter} value={value} missing="not known" />
          </View>
        );
      })}
      {!all && (
        <Button
          kind="quiet"
          label={`All ${settings.length} settings`}
          testID="settings-all"
          onPress={() => setAll(true)}
        />
      )}
    </Card>
  );
}

/** The label with its code. */
export function LabelCard({ pump }: { pump: PumpResource }) {
  return (
    <Card title="Label and page">
      <Words>
        Code on its label:{' '}
        <Words figures bold size="large" testID="label-code">
          {pump.code}
        </Words>
      </Words>
      <Button
        label="Label to print (PDF)"
        testID="label-pdf"
        onPress={() => void Linking.openURL(addressOfFile(`/labels.pdf?pump=${pump.id}`))}
      />
      {pump.latest && (
        <Button
          label="Page for those who live with it (PDF)"
          testID="owner-pdf"
          onPress={() => void Linking.openURL(fileUrl(pump.latest!.job.id, 'owner.pdf'))}
        />
      )}
    </Card>
  );
}

/** Every job on it, each a way to its pages. */
export function JobsOfPump({ pump }: { pump: PumpResource }) {
  const router = useRouter();
  return (
    <>
      <Heading>Jobs on this pump</Heading>
      {pump.jobs.length === 0 && (
        <Empty title="Never visited" todo="Start a job: record what is there before anything is touched." />
      )}
      {pump.jobs.map((job) => (
        <LinkCard
          key={job.id}
          testID={`visit-${job.date}`}
          onPress={() =>
            router.navigate(`/job/${job.id}/${job.state === 'handed-over' ? 'hand-over' : 'as-found'}`)
          }
        >
          <View style={styles.row}>
            <Words bold>
              {dateInWords(job.date)}
              {pump.jobs.filter(({ date }) => date === job.date).length > 1
                ? `, begun at ${siteTime(job.startedAt, pump.zone)}`
                : ''}
            </Words>
            <Words bold colour={job.state === 'handed-over' ? 'moss' : 'ember'} size="small">
              {STATE_WORDS[job.state]}
            </Words>
          </View>
          <Words size="small" colour="quiet">
            {job.actor}
          </Words>
        </LinkCard>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m, alignItems: 'center' },
  name: { flexDirection: 'row', gap: SPACE.s, alignItems: 'center', flex: 1 },
  grow: { flex: 1 },
});
