import type { Library, NewPump } from '@barythm/contract/resources';
import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { post, RefusedError } from '../../api/client';
import { useLibrary, useProfile, useSite } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { SearchedChoice } from '../../ui/fields/searched-choice';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { kindInWords, PLATE_CHOICES, type FamilyName } from '@barythm/core/families';
import { PlateFields, readPlate } from './plate-fields';

const BLANK: NewPump = {
  site: '',
  site_place: '',
  zone: '',
  tag: '',
  name: '',
  place: '',
  profile: '',
  model: '',
  serial: '',
};

/** One pump into the register: at a site that is there, or with its site. */
export function NewPumpScreen() {
  const { site: siteId } = useLocalSearchParams<{ site?: string }>();
  return siteId ? <AtSite siteId={siteId} /> : <NewPumpForm site={null} />;
}

function AtSite({ siteId }: { siteId: string }) {
  const site = useSite(siteId);
  if (site.error) {
    return (
      <Screen title="Add a pump" over="Register" back="/register">
        <Failed error={site.error} onRetry={() => void site.refetch()} />
      </Screen>
    );
  }
  return site.data ? (
    <NewPumpForm site={site.data} />
  ) : (
    <Screen title="Add a pump" over="Register" back="/register">
      <Loading what="the site" />
    </Screen>
  );
}

interface Site {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly zone: string;
}

function NewPumpForm({ site }: { site: Site | null }) {
  const router = useRouter();
  const client = useQueryClient();
  const [draft, setDraft] = useDraftOf<NewPump>(`new-pump:${site?.id ?? 'new'}`, {
    ...BLANK,
    zone: site ? '' : Intl.DateTimeFormat().resolvedOptions().timeZone,
  });
  const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
  const [general, setGeneral] = useState<string | null>(null);

  const { data: profile } = useProfile(draft.profile);
  const set = (changed: Readonly<Record<string, string>>) => {
    setDraft({ ...draft, ...changed });
    setErrors(Object.fromEntries(Object.entries(errors).filter(([key]) => !(key in changed))));
    setGeneral(null);
  };
  const field = (key: string, label: string) => (
    <Field
      label={label}
      words
      testID={`new-${key}`}
      value={draft[key] ?? ''}
      error={errors[key] ?? null}
      onChange={(text) => set({ [key]: text })}
    />
  );
  const save = async () => {
    if (draft.profile !== '' && !profile) {
      // its plate is read by it: in whose units its figures are is not known before
      setGeneral('The controller’s profile is not loaded yet. Try again in a moment.');
      return;
    }
    const plate = readPlate(profile ?? null, draft);
    if (Object.keys(plate.errors).length > 0) {
      setErrors(plate.errors);
      setGeneral('Put the marked places right.');
      return;
    }
    const place = site ? { site: site.name, site_place: site.place, zone: site.zone } : {};
    try {
      const { id } = await post<{ id: string }>('/register/pumps', { ...draft, ...plate.figures, ...place });
      setDraft(null);
      await client.invalidateQueries();
      router.replace(`/pump/${id}`);
    } catch (failure) {
      const told = failure instanceof RefusedError ? (failure.problem.errors ?? []) : [];
      setErrors(Object.fromEntries(told.map(({ field: at, words }) => [at, words])));
      setGeneral(told.length > 0 ? 'Put the marked places right.' : (failure as Error).message);
    }
  };
  return (
    <Screen
      title="Add a pump"
      over={site?.name ?? 'Register'}
      back={site ? `/site/${site.id}` : '/register'}
      action={
        <Button grow kind="main" label="Add to the register" testID="new-save" onPress={() => void save()} />
      }
    >
      {general && (
        <Words bold colour="rust" role="alert">
          {general}
        </Words>
      )}
      {!site && (
        <Card title="Site" testID="new-site-card">
          {field('site', 'Name of the site')}
          {field('site_place', 'Where it is')}
          {field('zone', 'Time zone, e.g. Atlantic/Faroe')}
        </Card>
      )}
      <Card title="Place of the pump" testID="new-place-card">
        {field('tag', 'Tag')}
        {field('name', 'What it does')}
        {field('place', 'Where it stands')}
      </Card>
      <ControllerCard draft={draft} error={errors.profile ?? null} onChange={set} />
      <Card title="Plate">
        {field('model', 'Model as on the plate')}
        {field('serial', 'Serial number')}
        {draft.profile !== '' && (
          <PlateFields
            profileId={draft.profile}
            draft={draft}
            errors={errors}
            onChange={(key, text) => set({ [key]: text })}
            onRecord={() => void save()}
          />
        )}
        <Words size="small" colour="quiet">
          What cannot be read now is left empty; it is asked for again on the job, under Plate and controller.
        </Words>
      </Card>
    </Screen>
  );
}

interface ControllerProps {
  readonly draft: NewPump;
  readonly error: string | null;
  readonly onChange: (changed: Readonly<Record<string, string>>) => void;
}

/** Which controller it is, by the profiles of the library, and its gear where it can have several. */
function ControllerCard({ draft, error, onChange }: ControllerProps) {
  const library = useLibrary();
  if (library.isLoading) return <Loading what="the controllers" />;
  if (library.error) return <Failed error={library.error} onRetry={() => void library.refetch()} />;
  const profiles = library.data?.profiles ?? [];
  return (
    <Card title="Controller">
      <SearchedChoice
        label="Described by the profile"
        testID="new-profile"
        options={inKinds(profiles)}
        value={draft.profile || null}
        error={error}
        hint={profiles.find(({ id }) => id === draft.profile)?.about}
        // what was chosen among another controller’s is none of this one’s
        onChange={(profile) =>
          onChange({ profile, ...Object.fromEntries(PLATE_CHOICES.map((key) => [key, ''])) })
        }
      />
      <Words size="small" colour="quiet">
        Not among them? Describe it under Library, from a copy or blank.
      </Words>
    </Card>
  );
}

/** Kind by kind, each with its kind before its name: a search for “spa” finds those of spa packs. */
function inKinds(profiles: Library['profiles']) {
  return profiles
    .map(({ id, family, name }) => ({ value: id, label: `${kindInWords(family as FamilyName)}: ${name}` }))
    .sort((a, b) => a.label.localeCompare(b.label));
}
