import type { TargetLine } from '@barythm/core/job';
import {
  addressOf,
  faultOf,
  isTapped,
  wordsForFault,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '@barythm/core/profile';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../api/device';
import { useDraft } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Field } from '../../ui/fields/field';
import { About } from '../../ui/pad/about';
import { RADIUS, SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { limitsInWords } from '../keys';
import { parseForParameter, ValueEntry, valueWords } from '../value';

interface TargetChoiceProps {
  readonly parameter: Parameter;
  /** the target that stands, where there is one */
  readonly line: TargetLine | null;
  /** what the controller holds, as far as is known */
  readonly before: SettingValue | undefined;
  /** what the other settings would hold: limits hang on them */
  readonly values: SettingValues;
  readonly onDone: () => void;
}

/** Whys that come again and again, a tap each. */
const WHYS = ['Asked by the site', 'Maker’s manual', 'Try-out'] as const;

/** The target of one setting in the technician's own hand: a value with a word why, left as found, or the plan's again. */
export function TargetChoice({ parameter, line, before, values, onDone }: TargetChoiceProps) {
  const { view, jobId, write } = useJobScope();
  const palette = usePalette();
  const address = addressOf(parameter);
  const [typed, setTyped] = useDraft(`target:${jobId}:${address}`);
  const [why, setWhy] = useDraft(`target-why:${jobId}:${address}`);
  const [error, setError] = useState<string | null>(null);
  const [whyError, setWhyError] = useState<string | null>(null);
  const tapped = isTapped(parameter);
  const unit = parameter.unit ?? '';
  const parsed = typed === null ? null : parseForParameter(view.family, parameter, typed);
  const fault = parsed?.ok
    ? faultOf(parameter, parsed.value, { ...values, [parameter.key]: parsed.value })
    : null;

  const choose = (by: TargetLine['by'], value: SettingValue | null, reason: string) => {
    const refused = write({
      kind: 'target.choose',
      jobId,
      entryId: newId(),
      address,
      by,
      value,
      unit,
      reason,
    });
    setError(refused);
    if (refused !== null) return;
    setTyped(null);
    setWhy(null);
    onDone();
  };
  const byHand = (reason: string) => {
    if (!parsed) setError(tapped ? 'Choose what it is to be set to.' : 'Type what it is to be set to.');
    else if (!parsed.ok) setError(parsed.words);
    else if (reason.trim() === '') setWhyError('Say why: it is printed beside the value.');
    else choose('hand', parsed.value, reason.trim());
  };
  const known = [
    ...(before === undefined ? [] : [`Now ${valueWords(parameter, before)}`]),
    ...(line?.planned === null || line?.planned === undefined
      ? []
      : [`plan: ${valueWords(parameter, line.planned)}`]),
    ...(line?.by === 'hand' && line.value !== null ? [`by hand: ${valueWords(parameter, line.value)}`] : []),
  ].join(' · ');

  return (
    <About value={`${parameter.label}: target by hand`}>
      <View
        style={[styles.box, { borderColor: palette.petrol, backgroundColor: palette.paper }]}
        testID={`choose-${parameter.key}`}
      >
        <Words bold size="large">
          {parameter.label}
        </Words>
        {known !== '' && <Words colour="quiet">{known}</Words>}
        <ValueEntry
          big
          parameter={parameter}
          label={tapped ? 'Target by hand' : 'Set it by hand to'}
          testID={`hand-${parameter.key}`}
          text={typed ?? ''}
          chosen={typed}
          error={error}
          hint={limitsInWords(parameter, values)}
          warning={fault ? wordsForFault(parameter, fault) : null}
          onText={(text) => {
            setTyped(text === '' ? null : text);
            setError(null);
          }}
          onOption={(value) => {
            setTyped(String(value));
            setError(null);
          }}
        />
        {why === null ? (
          <View style={styles.whys}>
            <Words size="small" bold>
              Set by hand, and why
            </Words>
            <ButtonRow>
              {WHYS.map((words, i) => (
                <Button
                  key={words}
                  label={words}
                  testID={`why-${parameter.key}-${i + 1}`}
                  onPress={() => byHand(words)}
                />
              ))}
              <Button
                label="Another reason …"
                testID={`why-${parameter.key}-other`}
                onPress={() => setWhy('')}
              />
            </ButtonRow>
          </View>
        ) : (
          <>
            <Field
              words
              lines={2}
              label="Why, for the customer to read"
              testID={`why-${parameter.key}`}
              value={why}
              error={whyError}
              onChange={(text) => {
                setWhy(text);
                setWhyError(null);
              }}
            />
            <Button
              kind="main"
              label="Set by hand"
              testID={`hand-save-${parameter.key}`}
              onPress={() => byHand(why)}
            />
          </>
        )}
        <ButtonRow>
          {line?.by !== 'found' && line !== null && (
            <Button
              label="Leave as found"
              testID={`leave-${parameter.key}`}
              onPress={() => choose('found', null, (why ?? '').trim())}
            />
          )}
          {line !== null && line.by !== 'plan' && (
            <Button
              label={
                line.planned === null ? 'No target' : `As planned: ${valueWords(parameter, line.planned)}`
              }
              testID={`as-planned-${parameter.key}`}
              onPress={() => choose('plan', null, '')}
            />
          )}
          <Button kind="quiet" label="Back" testID={`choose-back-${parameter.key}`} onPress={onDone} />
        </ButtonRow>
      </View>
    </About>
  );
}

const styles = StyleSheet.create({
  box: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  whys: { gap: SPACE.xs },
});
