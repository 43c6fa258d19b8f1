import { lastRecord, type Command } from '@barythm/core/visit';
import { parameterWithRole } from '@barythm/core/profile';
import type { PoolPlate } from '@barythm/core/families/pool';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Words } from '../../../ui/words';
import { optionalFigure } from '../../../features/job/figure';
import { usePool } from '../use-pool';

interface Draft {
  readonly serial: string;
  readonly greatest: string;
  readonly rated: string;
  readonly kind: string;
  readonly asProfile: boolean;
  readonly command: Command | null;
  readonly note: string;
}
const EMPTY: Draft = {
  serial: '',
  greatest: '',
  rated: '',
  kind: '',
  asProfile: false,
  command: null,
  note: '',
};

const COMMANDS: readonly { value: Command; label: string }[] = [
  { value: 'own', label: 'Its own programs' },
  { value: 'relay', label: 'Relay contacts' },
  { value: 'link', label: 'A data link' },
];

/** Plate and controller of a pool pump, read from this one, and who commands it as seen at the site (POO-20, POO-25). */
export function PoolIdentifyCard() {
  const { view, jobId, write } = usePool();
  const { document, profile, plate } = view;
  const recorded = lastRecord(document, 'identify');
  const [draft, setDraft] = useDraftOf<Draft>(`identify:${jobId}`, EMPTY);
  const [again, setAgain] = useState(false);
  const [tried, setTried] = useState(false);
  const greatest = optionalFigure(draft.greatest, 'speed');
  const rated = optionalFigure(draft.rated, 'power');
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const kinds = parameterWithRole(profile, 'pump.kind')?.options ?? [];
  const before = document.unit.plate as PoolPlate;

  /** what was read stands there to go on from; the confirmation is given anew */
  const readAgain = () => {
    if (recorded && draft === EMPTY) {
      const { serial, command, note } = recorded.body;
      const read = (recorded.body.plate ?? before) as PoolPlate;
      setDraft({
        serial,
        greatest: read.greatest_rpm === null ? '' : String(read.greatest_rpm),
        rated: read.rated_W === null ? '' : String(read.rated_W),
        kind: read.kind ?? '',
        asProfile: false,
        command: command ?? null,
        note,
      });
    }
    setAgain(true);
  };

  if (recorded && !again) {
    const { serial, command, controllerAsProfile } = recorded.body;
    return (
      <Card title="Plate and controller" edge="moss" testID="identify">
        <Words>
          Serial {serial || 'not read'}
          {plate.greatest_rpm === null ? '' : `, ${plate.greatest_rpm} rev/min`}
          {plate.rated_W === null ? '' : `, ${plate.rated_W} W`}. Commanded by{' '}
          {COMMANDS.find(({ value }) => value === command)?.label.toLowerCase() ?? 'nobody knows what'}.
        </Words>
        {!controllerAsProfile && (
          <Words bold colour="ochre">
            The controller is not quite as the profile says.
          </Words>
        )}
        {!document.handover && <Button label="Read again" onPress={readAgain} />}
      </Card>
    );
  }
  const save = () => {
    setTried(true);
    if (draft.command === null || greatest.error || rated.error) return;
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'identify',
        plate: {
          family: 'pool',
          greatest_rpm: greatest.value,
          rated_W: rated.value,
          kind: draft.kind || null,
        },
        serial: draft.serial,
        controllerAsProfile: draft.asProfile,
        command: draft.command,
        note: draft.note,
      },
    });
    if (refused === null) {
      setDraft(null);
      setAgain(false);
    }
  };
  return (
    <Card title="Plate and controller" testID="identify">
      <Words colour="quiet">
        Read from this pump. In the register: serial {document.unit.serial}
        {before.greatest_rpm === null ? '' : `, ${before.greatest_rpm} rev/min`}.
      </Words>
      <Button
        label="All as in the register"
        testID="identify-same"
        onPress={() =>
          change({
            serial: document.unit.serial,
            greatest: before.greatest_rpm === null ? '' : String(before.greatest_rpm),
            rated: before.rated_W === null ? '' : String(before.rated_W),
            kind: before.kind ?? '',
          })
        }
      />
      <Field
        words
        label="Serial number"
        testID="serial"
        value={draft.serial}
        onChange={(serial) => change({ serial })}
      />
      <Field
        label="Full speed"
        quantity="speed"
        testID="full-speed"
        value={draft.greatest}
        error={greatest.error}
        onChange={(text) => change({ greatest: text })}
      />
      <Field
        label="Rated power"
        quantity="power"
        testID="rated-power"
        value={draft.rated}
        error={rated.error}
        onChange={(text) => change({ rated: text })}
      />
      {kinds.length > 0 && (
        <Choice
          label="Kind of pump on the plate"
          testID="pump-kind"
          hint="The watts that a controller shows depend on the kind that is set in it"
          options={kinds.map(({ value, label }) => ({ value, label }))}
          value={draft.kind || null}
          onChange={(kind) => change({ kind })}
        />
      )}
      <Choice
        label="What commands it, as seen here"
        testID="command-seen"
        options={COMMANDS}
        value={draft.command}
        error={tried && draft.command === null ? 'Look who commands it, and choose.' : null}
        onChange={(command) => change({ command })}
      />
      <Check
        label="The controller is the one the profile describes"
        testID="identify-profile"
        checked={draft.asProfile}
        onChange={(asProfile) => change({ asProfile })}
      />
      <Button kind="main" label="Record plate" testID="identify-save" onPress={save} />
    </Card>
  );
}
