import type { PumpResource } from '@barythm/contract/resources';
import { PLATE_CHOICES } from '@barythm/core/families';
import { addDays, parseDate } from '@barythm/core/time';
import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { post, RefusedError } from '../../api/client';
import { useLibrary, useProfile, usePump } from '../../api/queries';
import { keepDraft, useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { DateField } from '../../ui/fields/date-field';
import { Field } from '../../ui/fields/field';
import { SearchedChoice } from '../../ui/fields/searched-choice';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { PlateFields, readPlate } from './plate-fields';

/** Another unit at the place of a pump: since when, which controller it has, and what stands on its plate. */
export function ReplaceUnitScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const pump = usePump(id);
  if (pump.data) return <UnitForm pump={pump.data} />;
  return (
    <Screen title="Replace the unit" over="Register" back="/register">
      {pump.error ? (
        <Failed error={pump.error} onRetry={() => void pump.refetch()} />
      ) : (
        <Loading what="the pump" />
      )}
    </Screen>
  );
}

type Draft = Readonly<Record<string, string>>;
const BLANK: Draft = {};

function UnitForm({ pump }: { pump: PumpResource }) {
  const router = useRouter();
  const client = useQueryClient();
  const [draft, setDraft] = useDraftOf<Draft>(`replace-unit:${pump.id}`, BLANK);
  const [errors, setErrors] = useState<Draft>({});
  const [general, setGeneral] = useState<string | null>(null);
  const { data: profile } = useProfile(draft.profile ?? '');
  const set = (changed: Draft) => {
    setDraft({ ...draft, ...changed });
    setErrors(Object.fromEntries(Object.entries(errors).filter(([key]) => !(key in changed))));
    setGeneral(null);
  };
  const refuse = (told: Draft) => {
    setErrors(told);
    setGeneral('Put the marked places right.');
  };
  const save = async () => {
    const on = parseDate(draft.on ?? '');
    const plate = readPlate(profile ?? null, draft);
    const told = {
      ...(on === null ? { on: 'Enter the day on which it was replaced.' } : {}),
      ...(draft.profile ? {} : { profile: 'Choose the controller of the new unit.' }),
      ...plate.errors,
    };
    if (Object.keys(told).length > 0) return refuse(told);
    const unit = { model: '', serial: '', ...draft, ...plate.figures, on };
    try {
      await post(`/register/pumps/${pump.id}/unit`, unit);
      // as typed: taken back at the pump's page, it is here to be put right
      keepDraft(`replaced-unit:${pump.id}`, JSON.stringify(draft));
      setDraft(null);
      await client.invalidateQueries();
      router.navigate(`/pump/${pump.id}`);
    } catch (failure) {
      const faults = failure instanceof RefusedError ? (failure.problem.errors ?? []) : [];
      if (faults.length > 0) refuse(Object.fromEntries(faults.map(({ field, words }) => [field, words])));
      else setGeneral((failure as Error).message);
    }
  };
  const text = (key: string, label: string) => (
    <Field
      words
      label={label}
      testID={`unit-${key}`}
      value={draft[key] ?? ''}
      error={errors[key] ?? null}
      onChange={(typed) => set({ [key]: typed })}
    />
  );
  return (
    <Screen
      title="Replace the unit"
      over={`${pump.tag}, ${pump.name}`}
      back={`/register/pump/${pump.id}`}
      action={<Button grow kind="main" label="Replace" testID="unit-save" onPress={() => void save()} />}
    >
      {general && (
        <Words bold colour="rust" role="alert" testID="unit-refused">
          {general}
        </Words>
      )}
      <Words>
        Tag, label and visits stay with the place. Settings, calibration and plate were those of{' '}
        {pump.unit.model || 'the old unit'}
        {pump.unit.serial ? `, serial ${pump.unit.serial}` : ''}: nothing is believed of the new one before it
        is read.
      </Words>
      <Card title="The new unit">
        <DateField
          label="Replaced on"
          testID="unit-on"
          value={draft.on ?? ''}
          error={errors.on ?? null}
          hint="e.g. 24.11.2026"
          often={[
            { label: 'Today', date: pump.today },
            { label: 'Yesterday', date: addDays(pump.today, -1) },
          ]}
          onChange={(on) => set({ on })}
        />
        <Controllers
          pump={pump}
          chosen={draft.profile ?? null}
          error={errors.profile ?? null}
          // what was chosen among another controller’s is none of this one’s
          onChange={(chosen) =>
            set({ profile: chosen, ...Object.fromEntries(PLATE_CHOICES.map((key) => [key, ''])) })
          }
        />
        {text('model', 'Model as on the plate')}
        {text('serial', 'Serial number')}
        {draft.profile ? (
          <PlateFields
            profileId={draft.profile}
            draft={draft}
            errors={errors}
            onChange={(key, typed) => set({ [key]: typed })}
            onRecord={() => void save()}
          />
        ) : null}
        <Words size="small" colour="quiet">
          What cannot be read now is left empty; it is asked for again on the job, under Plate and controller.
        </Words>
      </Card>
    </Screen>
  );
}

interface ControllersProps {
  readonly pump: PumpResource;
  readonly chosen: string | null;
  readonly error: string | null;
  readonly onChange: (profile: string) => void;
}

/** Controllers for this kind of pump; the one that the old unit had first, since most are replaced like for like. */
function Controllers({ pump, chosen, error, onChange }: ControllersProps) {
  const library = useLibrary();
  const own = pump.profile.id;
  const alike = (library.data?.profiles ?? [])
    .filter(({ family }) => family === pump.profile.family)
    .sort((a, b) => Number(b.id === own) - Number(a.id === own));
  return (
    <SearchedChoice
      label="Its controller, by its profile"
      testID="unit-profile"
      options={alike.map(({ id, name }) => ({ value: id, label: id === own ? `As before: ${name}` : name }))}
      value={chosen}
      error={error}
      hint={alike.find(({ id }) => id === chosen)?.about}
      onChange={onChange}
    />
  );
}
