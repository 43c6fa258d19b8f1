import { gearsOf, type MeteringPlate } from '@barythm/core/families/metering';
import { lastRecord, type SignalFrom } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Words } from '../../../ui/words';
import { optionalFigure } from '../../../features/job/figure';
import { useMetering } from '../use-metering';

interface Draft {
  readonly serial: string;
  readonly gear: string | null;
  readonly greatest: string;
  readonly rated: string;
  readonly asProfile: boolean;
  readonly signalFrom: SignalFrom | null;
  readonly note: string;
}

const SIGNAL_WORDS: Record<SignalFrom, string> = {
  flow: 'flow transmitter',
  controller: 'controller',
  meter: 'pulse meter',
};

const EMPTY: Draft = {
  serial: '',
  gear: null,
  greatest: '',
  rated: '',
  asProfile: false,
  signalFrom: null,
  note: '',
};

/** Plate and controller, read from this pump and not remembered from a like one (MET-02), and what the cable comes from (MET-28). */
export function IdentifyCard() {
  const { view, jobId, write } = useMetering();
  const { document, profile } = view;
  const { pump } = document;
  const unit = { ...document.unit, plate: document.unit.plate as MeteringPlate };
  const recorded = lastRecord(document, 'identify');
  const [draft, setDraft] = useDraftOf<Draft>(`identify:${jobId}`, EMPTY);
  const [again, setAgain] = useState(false);
  const [tried, setTried] = useState(false);
  const gears = gearsOf(profile);
  const greatest = optionalFigure(draft.greatest, 'strokeRate');
  const rated = optionalFigure(draft.rated, 'pressure');
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });

  /** what was read stands there to go on from; the confirmation is given anew */
  const readAgain = () => {
    if (recorded && draft === EMPTY) {
      const { serial, signalFrom, note } = recorded.body;
      const { gear, greatest_spm, rated_bar } = recorded.body.plate as MeteringPlate;
      setDraft({
        serial,
        gear,
        greatest: greatest_spm === null ? '' : String(greatest_spm),
        rated: rated_bar === null ? '' : String(rated_bar),
        asProfile: false,
        signalFrom: signalFrom ?? null,
        note,
      });
    }
    setAgain(true);
  };

  if (recorded && !again) {
    const { serial, signalFrom = 'flow', controllerAsProfile } = recorded.body;
    const { plate } = view;
    return (
      <Card title="Plate and controller" edge="moss" testID="identify">
        <Words>
          Serial {serial || 'not read'}
          {plate.gear ? `, gear ${plate.gear}` : ''}
          {plate.greatest_spm === null ? '' : `, ${plate.greatest_spm} strokes/min`}
          {plate.rated_bar === null ? '' : `, ${plate.rated_bar} bar`}. Signal from a{' '}
          {SIGNAL_WORDS[signalFrom]}.
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
  const missing = draft.signalFrom === null;
  const save = () => {
    setTried(true);
    if (missing || draft.signalFrom === null || greatest.error || rated.error) return;
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'identify',
        plate: { gear: draft.gear, greatest_spm: greatest.value, rated_bar: rated.value },
        serial: draft.serial,
        controllerAsProfile: draft.asProfile,
        signalFrom: draft.signalFrom,
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
        Read from this pump: two that look alike can differ in gear, head or board. In the register: serial{' '}
        {unit.serial}
        {unit.plate.gear ? `, gear ${unit.plate.gear}` : ''}
        {unit.plate.greatest_spm === null ? '' : `, ${unit.plate.greatest_spm} strokes/min`}.
      </Words>
      <Button
        label="All as in the register"
        testID="identify-same"
        onPress={() =>
          change({
            serial: unit.serial,
            gear: unit.plate.gear,
            greatest: unit.plate.greatest_spm === null ? '' : String(unit.plate.greatest_spm),
            rated: unit.plate.rated_bar === null ? '' : String(unit.plate.rated_bar),
            signalFrom: pump.signalFrom,
          })
        }
      />
      <Field
        words
        label="Serial number"
        testID="identify-serial"
        value={draft.serial}
        onChange={(serial) => change({ serial })}
      />
      {gears.length > 1 && (
        <Choice
          label="Gear stamped on the plate"
          testID="identify-gear"
          options={gears.map((gear) => ({
            value: gear.name,
            label: `${gear.name}, ${gear.greatest_spm} strokes/min`,
          }))}
          value={draft.gear}
          onChange={(gear) => change({ gear })}
        />
      )}
      <Field
        label="Greatest rate on the plate"
        quantity="strokeRate"
        testID="identify-greatest"
        value={draft.greatest}
        error={greatest.error}
        onChange={(text) => change({ greatest: text })}
      />
      <Field
        label="Greatest pressure on the plate"
        quantity="pressure"
        testID="identify-rated"
        value={draft.rated}
        error={rated.error}
        onChange={(text) => change({ rated: text })}
      />
      <Choice
        label="Where the signal cable comes from"
        testID="identify-signal"
        options={[
          { value: 'flow', label: 'Flow transmitter' },
          { value: 'controller', label: 'Controller' },
          { value: 'meter', label: 'Pulse meter' },
        ]}
        value={draft.signalFrom}
        error={tried && missing ? 'Follow the cable and choose.' : null}
        hint="A controller’s signal already is the demand; it must not be scaled by flow."
        onChange={(signalFrom) => change({ signalFrom })}
      />
      <Check
        label={`The controller is as the profile “${profile.name}” says.`}
        testID="identify-profile"
        checked={draft.asProfile}
        onChange={(asProfile) => change({ asProfile })}
      />
      <Button kind="main" label="Record" testID="identify-save" onPress={save} />
    </Card>
  );
}
