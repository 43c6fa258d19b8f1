import type { PathErrors, Texts } from '@barythm/core/describe';
import { FAMILY_NAMES, familyOf, profileSchema, works, type AnyProfile } from '@barythm/core/families';
import { counted } from '@barythm/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { post } from '../../api/client';
import { keys } from '../../api/keys';
import { useLibrary, useProfile } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { Fields } from '../../form/paint';
import { OpenParts } from '../../form/parts';
import { FormProvider } from '../../form/scope';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { FilePick } from '../../ui/fields/file-pick';
import { saveFile } from '../../ui/fields/save-file';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { broughtUp } from './earlier-draft';
import { GROUP_FIELDS } from './group-fields';
import { KnownKeys } from './known-keys';
import { ParametersCard } from './parameters-card';
import { MENU_FIELDS, PAGE_FIELDS } from './menu-fields';
import { PANEL_FIELDS } from './reach-fields';
import { blankDraft, copyOf, draftOf, habitsOf, idOf, usualGroups, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';
import { TriedCard, useTried } from './tried-card';

const BLANK = blankDraft(FAMILY_NAMES[0]);

/** A controller described by its user: from blank, from a copy, or from a file; checked and tried as it is typed. */
export function ProfileEditorScreen() {
  const { id, as } = useLocalSearchParams<{ id: string; as?: string }>();
  return id === 'blank' ? (
    <Editor from="blank" start={BLANK} />
  ) : (
    <FromProfile id={id} copy={as === 'copy'} />
  );
}

function FromProfile({ id, copy }: { id: string; copy: boolean }) {
  const profile = useProfile(id);
  const start = useMemo(() => profile.data && startOf(profile.data, copy), [profile.data, copy]);
  if (profile.isLoading) {
    return (
      <Screen title="Profile">
        <Loading what="the profile" />
      </Screen>
    );
  }
  if (!start) {
    return (
      <Screen title="Profile">
        <Failed error={profile.error ?? new Error('No answer.')} onRetry={() => void profile.refetch()} />
      </Screen>
    );
  }
  return <Editor from={copy ? `copy-of-${id}` : id} start={start} />;
}

const startOf = (profile: AnyProfile, copy: boolean): ProfileDraft =>
  copy ? copyOf(profile) : { ...draftOf(profile), version: profile.version + 1 };

/** What is typed, read as a profile; a new one may not take the name of another. */
function useRead(draft: ProfileDraft): { profile: AnyProfile | null; errors: PathErrors } {
  const library = useLibrary();
  const read = useMemo(() => profileOf(draft), [draft]);
  const id = idOf(draft);
  const taken = draft.id === '' && library.data?.profiles.some((other) => other.id === id);
  if (!taken) return read;
  return {
    profile: null,
    errors: { ...read.errors, name: `“${draft.name}” is taken by another profile. Choose another name.` },
  };
}

function Editor({ from, start }: { from: string; start: ProfileDraft }) {
  const [kept, setDraft] = useDraftOf<ProfileDraft>(`profile:${from}`, start);
  const draft = useMemo(() => broughtUp(kept), [kept]);
  const { profile, errors } = useRead(draft);
  const plans = useTried(profile);
  const habitErrors = useMemo(() => under('behaviours.', errors), [errors]);
  const [said, setSaid] = useState<string | null>(null);
  // an empty field is no mistake until somebody asks what is missing
  const [tried, setTried] = useState(false);
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
  const texts = { ...draft, version: String(draft.version) } as unknown as Texts;
  const typed = (next: Texts) => {
    const { groups, parameters, menu, pages, panels } = next as unknown as ProfileDraft;
    change({
      groups,
      parameters,
      ...(menu && { menu }),
      ...(pages && { pages }),
      ...(panels && { panels }),
    });
  };
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
      <StateCard
        wrong={Object.keys(errors).length}
        planned={plans === null ? null : plans.some(works)}
        onAsk={tried ? null : () => setTried(true)}
        said={said}
        onFile={(read) => setDraft(draftOf(read))}
      />
      <Card title="What it is">
        {from === 'blank' && (
          <Choice
            label="A controller of"
            testID="p-family"
            options={FAMILY_NAMES.map((value) => ({ value, label: familyOf(value).forms.controllerOf }))}
            value={draft.family}
            onChange={(family) =>
              change({ family, ...(draft.parameters.length === 0 ? { groups: usualGroups(family) } : {}) })
            }
          />
        )}
        <Field
          words
          label="Name, by kind"
          testID="p-name"
          value={draft.name}
          hint="Say its kind, e.g. motor pump, three gears"
          error={tried || draft.name !== '' ? errors.name : undefined}
          onChange={(name) => change({ name })}
        />
        <Field
          words
          lines={2}
          label="About"
          testID="p-about"
          value={draft.about}
          onChange={(about) => change({ about })}
        />
        <Words size="small" colour="quiet">
          {draft.id === ''
            ? 'A new profile, version 1.'
            : `Version ${draft.version} of this profile; pumps keep the version that they were handed over with.`}
        </Words>
      </Card>
      <FormProvider
        value={{
          texts: habitsOf(draft),
          errors: habitErrors,
          change: (texts) => change({ habits: { ...draft.habits, [draft.family]: texts } }),
          name: 'p',
          tried,
        }}
      >
        <OpenParts parts={familyOf(draft.family).forms.behaviours.parts} />
      </FormProvider>
      <FormProvider
        value={{ texts, errors, change: typed, name: 'p', tried, own: { 'known-keys': KnownKeys } }}
      >
        <Card title="Menus, in the order of work" testID="p-groups">
          <Fields fields={GROUP_FIELDS} />
        </Card>
        <Card title="The way through its menu" testID="p-menu">
          <Words size="small" colour="quiet">
            With it the keys from one setting to the next are shown, wherever the display stands.
          </Words>
          <Fields fields={MENU_FIELDS} />
          <Fields fields={PAGE_FIELDS} />
          <Words size="small" colour="quiet">
            Where it is set at more than its own panel: an inner one, a browser page, a phone.
          </Words>
          <Fields fields={PANEL_FIELDS} />
        </Card>
        <ParametersCard
          draft={draft}
          errors={errors}
          tried={tried}
          onChange={(parameters) => change({ parameters })}
        />
      </FormProvider>
      {plans && <TriedCard tried={plans} family={draft.family} />}
      <Button kind="danger" label="Begin again" testID="profile-again" onPress={() => setDraft(null)} />
    </Screen>
  );
}

/** Whether it can be published, and whether a plan works with it. */
function StateCard({
  wrong,
  planned,
  said,
  onAsk,
  onFile,
}: {
  wrong: number;
  /** shows what is missing; null once it is shown */
  onAsk: (() => void) | null;
  /** null while it cannot be tried */
  planned: boolean | null;
  said: string | null;
  onFile: (profile: AnyProfile) => void;
}) {
  const [importError, setImportError] = useState<string | null>(null);
  const good = wrong === 0 && planned === true;
  return (
    <Card edge={good ? 'moss' : 'ochre'} testID="profile-state">
      <Words bold colour={good ? 'moss' : 'ochre'}>
        {wrong > 0
          ? `${counted(wrong, 'place needs', 'places need')} attention.`
          : good
            ? 'Complete: a plan works with it. Ready to publish.'
            : planned === false
              ? 'Ready to publish, but no plan works with it yet: see below.'
              : 'Trying it on a usual pump.'}
      </Words>
      <Words size="small" colour="quiet">
        A published version never changes; a change gets the next version. Read everything from the maker’s
        manual and the controller itself.
      </Words>
      {wrong > 0 && onAsk && <Button label="Show what is missing" testID="profile-missing" onPress={onAsk} />}
      {said && (
        <Words bold colour="rust" role="alert">
          {said}
        </Words>
      )}
      <FilePick
        label="Import profile"
        accept=".json,application/json"
        testID="profile-import"
        onText={(text) => {
          const read = readProfileFile(text);
          setImportError(typeof read === 'string' ? read : null);
          if (typeof read !== 'string') onFile(read);
        }}
      />
      {importError && (
        <Words bold colour="rust" role="alert">
          {importError}
        </Words>
      )}
    </Card>
  );
}

/** What is wrong under a beginning, by what follows it. */
function under(start: string, errors: PathErrors): PathErrors {
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
