import type { PumpResource } from '@barythm/contract/resources';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { usePump, useSites } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { EditField, RetireCard } from './edit-parts';
import { ProfilePick } from './profile-pick';
import { useEdit, type RegisterEdit } from './use-edit';

/** What the register says of a pump, put right; and the pump out of use. */
export function PumpEditScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const pump = usePump(id);
  if (pump.data) return <EditForm pump={pump.data} />;
  return (
    <Screen title="Edit" over="Register" back="/register">
      {pump.error ? (
        <Failed error={pump.error} onRetry={() => void pump.refetch()} />
      ) : (
        <Loading what="the pump" />
      )}
    </Screen>
  );
}

function EditForm({ pump }: { pump: PumpResource }) {
  const router = useRouter();
  const edit = useEdit(`pumps/${pump.id}`, `/pump/${pump.id}`);
  const open = pump.jobs.some(({ state }) => state === 'open' || state === 'planned');
  return (
    <Screen
      title={`Edit ${pump.tag}`}
      over={pump.tag}
      back={`/pump/${pump.id}`}
      action={<Button grow kind="main" label="Save" testID="edit-save" onPress={() => void edit.save()} />}
    >
      {edit.general && (
        <Words bold colour="rust" role="alert">
          {edit.general}
        </Words>
      )}
      <Card title="Place of the pump">
        <EditField edit={edit} name="tag" label="Tag" registered={pump.tag} />
        <EditField edit={edit} name="name" label="What it does" registered={pump.name} />
        <EditField edit={edit} name="place" label="Where it stands" registered={pump.place} />
        <SitePick edit={edit} pump={pump} />
      </Card>
      <Card title="Plate and controller">
        <EditField edit={edit} name="model" label="Model as on the plate" registered={pump.unit.model} />
        <EditField edit={edit} name="serial" label="Serial number" registered={pump.unit.serial} />
        <ProfilePick edit={edit} pump={pump} />
        {pump.retiredOn === null && (
          <Button
            label="Another unit was installed"
            testID="edit-replace"
            onPress={() => router.navigate(`/register/unit/${pump.id}`)}
          />
        )}
        {open && (
          <Words size="small" colour="quiet" testID="edit-open-job">
            A job is open on this pump: it goes on with the controller that it began with.
          </Words>
        )}
      </Card>
      <Words size="small" colour="quiet">
        What was handed over keeps the names it was handed over with.
      </Words>
      <RetireCard edit={edit} what="pump" retired={pump.retiredOn !== null} />
    </Screen>
  );
}

/** Another site: found by its name. */
function SitePick({ edit, pump }: { edit: RegisterEdit; pump: PumpResource }) {
  const [search, setSearch] = useState<string | null>(null);
  const sites = useSites(search ?? '', 1);
  const chosen = edit.text('siteId', pump.siteId);
  if (search === null && chosen === pump.siteId) {
    return <Button label="Move to another site" testID="edit-move" onPress={() => setSearch('')} />;
  }
  return (
    <>
      <Field
        words
        label="Find the site"
        testID="edit-site-search"
        value={search ?? ''}
        onChange={setSearch}
      />
      <Choice
        label="Site"
        testID="edit-site"
        options={(sites.data?.items ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        value={chosen}
        error={edit.errors.siteId ?? null}
        onChange={(id) => edit.change('siteId', id, pump.siteId)}
      />
    </>
  );
}
