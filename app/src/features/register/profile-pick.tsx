import type { PumpResource } from '@barythm/contract/resources';
import { mapProfile, type ProfileMapping } from '@barythm/core/job';
import { counted } from '@barythm/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useLibrary, useProfile } from '../../api/queries';
import { Button } from '../../ui/button';
import { Check, Choice } from '../../ui/fields/choice';
import { Words } from '../../ui/words/words';
import type { RegisterEdit } from './use-edit';

/** Another description of the controller, of the same kind of pump, or a newer version of its own: with what becomes of each setting. */
export function ProfilePick({ edit, pump }: { edit: RegisterEdit; pump: PumpResource }) {
  const library = useLibrary();
  const [open, setOpen] = useState(false);
  const chosen = edit.text('profile', pump.profile.id);
  const alike = (library.data?.profiles ?? []).filter(({ family }) => family === pump.profile.family);
  const { version = pump.profile.version } = alike.find(({ id }) => id === pump.profile.id) ?? {};
  const newer = version > pump.profile.version;
  if (!open && chosen === pump.profile.id) {
    return (
      <>
        {newer && <Newer edit={edit} pump={pump} version={version} />}
        <Button label="Another controller" testID="edit-profile-open" onPress={() => setOpen(true)} />
      </>
    );
  }
  return (
    <>
      <Choice
        label="Described by the profile"
        testID="edit-profile"
        options={alike.map(({ id, name }) => ({ value: id, label: name }))}
        value={chosen}
        error={edit.errors.profile ?? null}
        hint={alike.find(({ id }) => id === chosen)?.about}
        onChange={(id) => edit.change('profile', id, pump.profile.id)}
      />
      {chosen !== pump.profile.id && <Mapped pump={pump} to={chosen} />}
    </>
  );
}

/** A newer version of its profile is taken by a tick, with Save: the pump keeps the one it has until then. */
function Newer({ edit, pump, version }: { edit: RegisterEdit; pump: PumpResource; version: number }) {
  const taken = edit.text('newest', '') !== '';
  return (
    <>
      <Check
        label={`Take version ${version} of its profile (it has ${pump.profile.version})`}
        testID="edit-newest"
        checked={taken}
        onChange={(on) => edit.change('newest', on ? 'yes' : '', '')}
      />
      <Mapped pump={pump} to={pump.profile.id} />
    </>
  );
}

function Mapped({ pump, to }: { pump: PumpResource; to: string }) {
  const { data } = useProfile(to);
  if (!data || data.family !== pump.profile.family) return null;
  return <MappingLines mapping={mapProfile(pump.profile, data)} />;
}

function MappingLines({ mapping }: { mapping: ProfileMapping }) {
  const lines: readonly [string, string][] = [
    ['Goes on as it is known', counted(mapping.same, 'setting')],
    ['Called, measured or limited otherwise', mapping.changed.join(' · ')],
    ['New: not known yet', mapping.added.join(' · ')],
    ['Not in it any more', mapping.gone.join(' · ')],
  ];
  return (
    <View testID="edit-mapping">
      {lines.map(
        ([name, words]) =>
          words !== '' && (
            <View key={name}>
              <Words size="small" colour="quiet">
                {name}
              </Words>
              <Words>{words}</Words>
            </View>
          ),
      )}
    </View>
  );
}
