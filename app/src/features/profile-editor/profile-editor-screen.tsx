import type { AnyProfile } from '@barythm/core/families';
import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { post } from '../../api/client';
import { keys } from '../../api/keys';
import { useProfile } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { type PathErrors } from '@barythm/core/describe';
import { counted } from '@barythm/core/words';
import { saveFile } from '../../ui/fields/save-file';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { FilePick } from '../../ui/fields/file-pick';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { FAMILY_NAMES, familyOf } from '@barythm/core/families';
import { ParametersCard } from './parameters-card';
import { broughtUp, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';
import { profileSchema } from '@barythm/core/families';
import type { ProfileErrors } from '../../families/family-screens';
import { OpenParts } from '../../form/parts';
import { FormProvider } from '../../form/scope';

const [FIRST] = FAMILY_NAMES;

const BLANK: ProfileDraft = {
  id: '',
  version: '1',
  name: '',
  about: '',
  family: FIRST,
  groups: familyOf(FIRST).forms.groups,
  parameters: [],
  habits: {},
};

/** A controller described by its user: from blank, from a copy, or from a file; checked as it is typed. */
export function ProfileEditorScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return id === 'blank' ? <Editor from="blank" start={BLANK} /> : <FromCopy id={id} />;
}

function FromCopy({ id }: { id: string }) {
  const profile = useProfile(id);
  if (profile.isLoading) {
    return (
      <Screen title="Profile">
        <Loading what="the profile" />
      </Screen>
    );
  }
  if (!profile.data) {
    return (
      <Screen title="Profile">
        <Failed error={profile.error ?? new Error('No answer.')} onRetry={() => void profile.refetch()} />
      </Screen>
    );
  }
  const copy = draftOf(profile.data);
  return <Editor from={id} start={{ ...copy, version: String(profile.data.version + 1) }} />;
}

function Editor({ from, start }: { from: string; start: ProfileDraft }) {
  const [kept, setDraft] = useDraftOf<ProfileDraft>(`profile:${from}`, start);
  const draft = useMemo(() => broughtUp(kept), [kept]);
  const { profile, errors } = useMemo(() => profileOf(draft), [draft]);
  const habitErrors = useMemo(() => under('behaviours.', errors), [errors]);
  const [said, setSaid] = useState<string | null>(null);
  const [importError, setImportError] = useState<string | null>(null);
  const router = useRouter();
  const client = useQueryClient();
  const change = (part: Partial<ProfileDraft>) => {
    setDraft({ ...draft, ...part });
    setSaid(null);
  };
  const publish = async () => {
    if (!profile) return;
    try {
      await post('/profiles', profile);
      setDraft(null);
      await client.invalidateQueries({ queryKey: keys.library });
      await client.invalidateQueries({ queryKey: keys.profile(profile.id) });
      router.navigate(`/library/profile/${profile.id}`);
    } catch (error) {
      setSaid((error as Error).message);
    }
  };
  const load = (text: string) => {
    const read = readProfileFile(text);
    setImportError(typeof read === 'string' ? read : null);
    if (typeof read !== 'string') setDraft(draftOf(read));
  };
  const count = Object.keys(errors).length;
  return (
    <Screen
      title={draft.name || 'New profile'}
      over="Library"
      back="/library"
      action={
        <>
          <Button
            grow
            label="Export"
            testID="profile-export"
            disabled={!profile}
            onPress={() =>
              profile && saveFile(`${profile.id}.v${profile.version}.json`, JSON.stringify(profile, null, 2))
            }
          />
          <Button
            grow
            kind="main"
            label="Publish"
            testID="profile-publish"
            disabled={!profile}
            onPress={() => void publish()}
          />
        </>
      }
    >
      <Card edge={profile ? 'moss' : 'ochre'} testID="profile-state">
        <Words bold colour={profile ? 'moss' : 'ochre'}>
          {profile
            ? 'Complete: it can be published.'
            : `${counted(count, 'place needs', 'places need')} attention.`}
        </Words>
        <Words size="small" colour="quiet">
          A published version never changes; a change gets the next version. Read everything from the maker’s
          manual and the controller itself.
        </Words>
        {said && (
          <Words bold colour="rust" role="alert">
            {said}
          </Words>
        )}
        <FilePick
          label="Import profile"
          accept=".json,application/json"
          testID="profile-import"
          onText={load}
        />
        {importError && (
          <Words bold colour="rust" role="alert">
            {importError}
          </Words>
        )}
      </Card>
      <Card title="What it is">
        {from === 'blank' && (
          <Choice
            label="A controller of"
            testID="p-family"
            options={FAMILY_NAMES.map((value) => ({ value, label: familyOf(value).forms.controllerOf }))}
            value={draft.family}
            onChange={(family) => change({ family, groups: familyOf(family).forms.groups })}
          />
        )}
        <Field
          words
          label="Name, by kind"
          testID="p-name"
          value={draft.name}
          error={errors.name}
          onChange={(name) => change({ name })}
        />
        <Field
          words
          label="Id"
          testID="p-id"
          value={draft.id}
          error={errors.id}
          hint="e.g. motor-three-gears"
          onChange={(id) => change({ id })}
        />
        <Field
          label="Version"
          testID="p-version"
          value={draft.version}
          error={errors.version}
          onChange={(version) => change({ version })}
        />
        <Field
          words
          lines={2}
          label="About"
          testID="p-about"
          value={draft.about}
          onChange={(about) => change({ about })}
        />
        <Field
          words
          lines={4}
          label="Groups in the order of work"
          testID="p-groups"
          value={draft.groups}
          error={errors.groups}
          hint="A line each: key | label; one that repeats: key | label | 10 × Program"
          onChange={(groups) => change({ groups })}
        />
      </Card>
      <FormProvider
        value={{
          texts: habitsOf(draft),
          errors: habitErrors,
          change: (texts) => change({ habits: { ...draft.habits, [draft.family]: texts } }),
          name: 'p',
        }}
      >
        <OpenParts parts={familyOf(draft.family).forms.behaviours.parts} />
      </FormProvider>
      <ParametersCard
        family={draft.family}
        parameters={draft.parameters}
        errors={errors}
        onChange={(parameters) => change({ parameters })}
      />
      <Button kind="danger" label="Begin again" testID="profile-again" onPress={() => setDraft(null)} />
    </Screen>
  );
}

/** What is wrong under a beginning, by what follows it. */
function under(start: string, errors: ProfileErrors): PathErrors {
  return Object.fromEntries(
    Object.entries(errors).flatMap(([path, words]) =>
      path.startsWith(start) ? [[path.slice(start.length), words]] : [],
    ),
  );
}

function readProfileFile(text: string): AnyProfile | string {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return 'This file is no JSON.';
  }
  const parsed = profileSchema.safeParse(json);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  return `This is no profile of format version 1: ${issue.path.join('.') || 'file'}: ${issue.message}`;
}
