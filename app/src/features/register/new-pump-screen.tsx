import type { NewPump } from '@barythm/contract/resources';
import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { post, RefusedError } from '../../api/client';
import { useLibrary, useProfile, useSite } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { familyOf, PLATE_CHOICES } from '@barythm/core/families';
import { INTERNAL_UNIT } from '@barythm/core/units';

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
    const place = site ? { site: site.name, site_place: site.place, zone: site.zone } : {};
    try {
      const { id } = await post<{ id: string }>('/register/pumps', { ...draft, ...place });
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
      <Choice
        label="Described by the profile"
        testID="new-profile"
        options={profiles.map(({ id, name }) => ({ value: id, label: name }))}
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

interface PlateProps {
  readonly profileId: string;
  readonly draft: NewPump;
  readonly errors: Partial<Record<string, string>>;
  readonly onChange: (key: string, text: string) => void;
}

/** What stands on the plate of a pump with this controller. */
function PlateFields({ profileId, draft, errors, onChange }: PlateProps) {
  const { data: profile } = useProfile(profileId);
  if (!profile) return null;
  return familyOf(profile.family).arrival.plate.map(({ key, label, quantity, options }) => {
    const choices = options?.(profile) ?? null;
    if (choices?.length === 0) return null;
    return choices ? (
      <Choice
        key={key}
        label={label}
        testID={`new-${key}`}
        options={choices}
        value={draft[key] || null}
        onChange={(text) => onChange(key, text)}
      />
    ) : (
      <Field
        key={key}
        label={label}
        unit={quantity ? INTERNAL_UNIT[quantity] : undefined}
        words={!quantity}
        testID={`new-${key}`}
        value={draft[key] ?? ''}
        error={errors[key] ?? null}
        onChange={(text) => onChange(key, text)}
      />
    );
  });
}
