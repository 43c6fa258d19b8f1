import type { RegisterPreview } from '@barythm/contract/resources';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { addressOfFile, post } from '../../api/client';
import { counted } from '@barythm/core/words';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { FilePick } from '../../ui/fields/file-pick';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';
import { JobFileCard } from './job-file-card';

const SHOWN = 20;

/** The register out to a file and in again: seen before it is taken in, all of it or nothing. */
export function RegisterFileScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const [csv, setCsv] = useState<string | null>(null);
  const [preview, setPreview] = useState<RegisterPreview | null>(null);
  const [error, setError] = useState<string | null>(null);
  const look = async (text: string) => {
    setError(null);
    setPreview(null);
    setCsv(text);
    try {
      setPreview(await post<RegisterPreview>('/register/preview', { csv: text }));
    } catch (failure) {
      setError((failure as Error).message);
    }
  };
  const take = async () => {
    try {
      await post('/register/import', { csv });
      await client.invalidateQueries();
      router.navigate('/register');
    } catch (failure) {
      setError((failure as Error).message);
    }
  };
  const sound = preview !== null && preview.faults.length === 0;
  const ready = sound && preview.pumps.length + preview.changes.length > 0;
  return (
    <Screen
      title="Register files"
      over="Register"
      back="/register"
      action={
        ready ? (
          <Button
            grow
            kind="main"
            label={takeWords(preview)}
            testID="register-take"
            onPress={() => void take()}
          />
        ) : undefined
      }
    >
      <Card title="Out">
        <Words>Every site and pump as CSV, in the columns that come in again.</Words>
        <Button
          label="Register (CSV)"
          testID="register-export"
          onPress={() => void Linking.openURL(addressOfFile('/register.csv'))}
        />
        <Button
          label="Labels for every pump (PDF)"
          testID="labels-all"
          onPress={() => void Linking.openURL(addressOfFile('/labels.pdf'))}
        />
      </Card>
      <Card title="In">
        <Words>Nothing is taken in before you have seen it, and then all of it or nothing.</Words>
        <FilePick
          label="Choose a CSV file"
          accept=".csv,text/csv"
          testID="register-file"
          onText={(text) => void look(text)}
        />
        {error && (
          <Words bold colour="rust" role="alert">
            {error}
          </Words>
        )}
      </Card>
      {preview && preview.faults.length > 0 && (
        <Card title="Faults; nothing was taken in" edge="rust" testID="register-faults">
          {preview.faults.map((fault, i) => (
            <Words key={i}>
              <Words bold>
                Line {fault.line}, column {fault.column}:
              </Words>{' '}
              {fault.words}
            </Words>
          ))}
        </Card>
      )}
      {ready && preview.pumps.length > 0 && (
        <Card title="What would come in" edge="moss" testID="register-preview">
          {preview.sites.map((site) => (
            <Words key={site.name}>
              <Words bold>{site.name}</Words>
              {site.isNew ? ', a new site' : ', already here'}
            </Words>
          ))}
          {preview.pumps.slice(0, SHOWN).map((pump) => (
            <Words key={`${pump.site}/${pump.tag}`}>
              <Words bold>{pump.tag}</Words> {pump.name}, {pump.site}
            </Words>
          ))}
          {preview.pumps.length > SHOWN && <Words>And {preview.pumps.length - SHOWN} more.</Words>}
        </Card>
      )}
      {ready && preview.changes.length > 0 && <Changes changes={preview.changes} />}
      {preview === null && <JobFileCard />}
      {sound && <Unchanged count={preview.unchanged} nothing={!ready} />}
    </Screen>
  );
}

/** “Add 3 pumps, change 2”, as far as there is either. */
function takeWords({ pumps, changes }: RegisterPreview): string {
  if (changes.length === 0) return `Add ${counted(pumps.length, 'pump')}`;
  if (pumps.length === 0) return `Change ${counted(changes.length, 'pump')}`;
  return `Add ${counted(pumps.length, 'pump')}, change ${changes.length}`;
}

/** Pumps that are here and that the file says something else of, before and after. */
function Changes({ changes }: { changes: RegisterPreview['changes'] }) {
  return (
    <Card title="What would change" edge="ochre" testID="register-changes">
      {changes.slice(0, SHOWN).map(({ tag, site, lines }) => (
        <View key={`${site}/${tag}`}>
          <Words>
            <Words bold>{tag}</Words> {site}
          </Words>
          {lines.map(({ label, from, to }) => (
            <Words key={label} size="small">
              {label}: {from || 'empty'} → {to || 'empty'}
            </Words>
          ))}
        </View>
      ))}
      {changes.length > SHOWN && <Words>And {changes.length - SHOWN} more.</Words>}
      <Words size="small" colour="quiet">
        A serial that is changed here is put right, not replaced: a new unit is entered under Edit.
      </Words>
    </Card>
  );
}

function Unchanged({ count, nothing }: { count: number; nothing: boolean }) {
  if (!nothing && count === 0) return null;
  return (
    <Words testID="register-unchanged" bold={nothing}>
      {nothing ? 'Nothing new: ' : ''}
      {counted(count, 'pump')} {count === 1 ? 'is' : 'are'} registered as the file says. Pumps that it does
      not name stay as they are.
    </Words>
  );
}
