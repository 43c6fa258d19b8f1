import { familyOf, type IdentifyBody } from '@barythm/core/families';
import { madeOf } from '@barythm/core/profile';
import { fig, figureWithUnit } from '@barythm/core/units';
import { lastRecord } from '@barythm/core/visit';
import { useMemo, useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../kit/value';
import { useJobScope } from '../../../kit/job';
import { PageKeys } from '../../../kit/keys';
import {
  asRegistered,
  broughtUp,
  EMPTY_PLATE,
  identified,
  isRegistered,
  isTyped,
  settingsOnPlate,
  textsOf,
  type Plate,
  type PlateDraft,
} from './plate-draft';

/** Plate and controller, read from this pump and not remembered from a like one (MET-02, POO-20), and what tells it to run (MET-28, POO-25). */
export function PlateCard() {
  const { view, jobId, write } = useJobScope();
  const reader = useReader();
  const { document, profile } = view;
  const { plate: all, source } = familyOf(view.family).arrival;
  const fields = useMemo(
    () =>
      all.flatMap((field) => {
        const options = field.options?.(profile) ?? null;
        return options?.length === 0 ? [] : [{ ...field, choices: options }];
      }),
    [all, profile],
  );
  const recorded = lastRecord(document, 'identify');
  const [kept, setDraft] = useDraftOf<PlateDraft>(`identify:${jobId}`, EMPTY_PLATE);
  const draft = useMemo(() => broughtUp(kept, all), [kept, all]);
  const [again, setAgain] = useState(false);
  const [tried, setTried] = useState(false);
  const [differs, setDiffers] = useState(false);
  const change = (part: Partial<PlateDraft>) => setDraft({ ...draft, ...part });
  const figures = Object.fromEntries(
    fields.flatMap(({ key, quantity }) =>
      quantity ? [[key, optionalFigure(draft.plate[key] ?? '', quantity)]] : [],
    ),
  );
  /** what stands on a plate, read out */
  const readOut = (plate: Plate) =>
    fields
      .flatMap(({ key, quantity, said }) => {
        const value = plate[key];
        if (value === null || value === undefined || value === '') return [];
        if (quantity) return [`, ${figureWithUnit(fig(quantity, Number(value)), reader)}`];
        return [`, ${said ? `${said} ` : ''}${value}`];
      })
      .join('');

  /** what was read stands there to go on from; the confirmation is given anew */
  const readAgain = (seen: IdentifyBody) => {
    if (kept === EMPTY_PLATE) {
      setDraft({
        serial: seen.serial,
        plate: textsOf(seen.plate),
        asProfile: false,
        source: source?.of(seen) ?? null,
        note: seen.note,
      });
    }
    setAgain(true);
  };

  if (recorded && !again) {
    const { serial, controllerAsProfile } = recorded.body;
    return (
      <Card title="Plate and controller" edge="moss" testID="identify">
        <Words>
          Serial {serial || 'not read'}
          {readOut(view.plate as Plate)}.{source ? ` ${source.words(source.of(recorded.body))}.` : ''}
        </Words>
        {!controllerAsProfile && (
          <Words bold colour="ochre">
            The controller is not quite as the profile says.
          </Words>
        )}
        {!document.handover && <Button label="Read again" onPress={() => readAgain(recorded.body)} />}
      </Card>
    );
  }
  const missing = source !== null && draft.source === null;
  const save = () => {
    setTried(true);
    if (missing || Object.values(figures).some(({ error }) => error !== null)) return;
    const read = all.map(({ key, quantity }) => [
      key,
      quantity ? (figures[key]?.value ?? null) : draft.plate[key] || null,
    ]);
    record(
      identified(
        { family: view.family, ...Object.fromEntries(read) } as IdentifyBody['plate'],
        draft,
        source,
      ),
    );
  };
  const record = (read: IdentifyBody) => {
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record: read });
    if (refused === null) {
      for (const entry of settingsOnPlate(view, read, recorded?.body ?? null))
        write({ kind: 'sheet.enter', jobId, entryId: newId(), column: 'found', reason: null, ...entry });
      setDraft(null);
      setAgain(false);
    }
  };
  const registered = document.unit.plate as Plate;
  const known = source?.known(document) ?? null;
  const made = madeOf(profile.behaviours);
  const asked = source !== null && (
    <Choice
      label={source.label}
      testID="identify-source"
      options={source.options}
      value={draft.source}
      error={tried && missing ? source.missing : null}
      hint={source.hint}
      onChange={(seen) => change({ source: seen })}
    />
  );
  const inRegister = (
    <Words colour="quiet">
      Read from this pump: two that look alike can differ inside. In the register:{' '}
      {isRegistered(document.unit)
        ? `serial ${document.unit.serial || 'unknown'}${readOut(registered)}.`
        : 'nothing of its plate yet.'}
      {known && source ? ` ${source.words(known)}.` : ''} Its profile: “{profile.name}”
      {made === '' ? '' : `, ${made}`}.
    </Words>
  );
  if (isRegistered(document.unit) && !differs && !again && !isTyped(draft)) {
    const confirm = () => {
      setTried(true);
      const same = asRegistered(document, source, known ?? draft.source);
      if (same) record(same);
    };
    return (
      <Card title="Plate and controller" testID="identify">
        <PageKeys of="version" />
        {inRegister}
        {known === null && asked}
        <Button
          kind="main"
          label="Plate as in the register, controller as its profile"
          testID="identify-all-same"
          onPress={confirm}
        />
        <Button
          kind="quiet"
          label="Something differs"
          testID="identify-differs"
          onPress={() => setDiffers(true)}
        />
      </Card>
    );
  }
  return (
    <Card title="Plate and controller" testID="identify">
      <PageKeys of="version" />
      {inRegister}
      <Button
        label="All as in the register"
        testID="identify-same"
        onPress={() =>
          change({
            serial: document.unit.serial,
            plate: textsOf(registered),
            source: known ?? draft.source,
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
      {fields.map(({ key, label, quantity, choices, hint }) => {
        const put = (text: string) => change({ plate: { ...draft.plate, [key]: text } });
        return choices ? (
          <Choice
            key={key}
            label={label}
            testID={`identify-${key}`}
            options={choices}
            value={draft.plate[key] || null}
            onChange={put}
          />
        ) : (
          <Field
            key={key}
            words={!quantity}
            label={label}
            quantity={quantity ?? undefined}
            testID={`identify-${key}`}
            hint={hint?.(profile, draft.plate) ?? undefined}
            value={draft.plate[key] ?? ''}
            error={figures[key]?.error}
            onChange={put}
          />
        );
      })}
      {asked}
      <Check
        label={`The controller is as the profile “${profile.name}” says${made === '' ? '' : `: ${made}`}.`}
        testID="identify-profile"
        checked={draft.asProfile}
        onChange={(asProfile) => change({ asProfile })}
      />
      <Button kind="main" label="Record" testID="identify-save" onPress={save} />
    </Card>
  );
}
