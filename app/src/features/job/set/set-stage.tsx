import { openEnded } from '@barythm/core/findings';
import { gateOfSet, inOneLook, isLockedOff, toEnter } from '@barythm/core/job';
import { brokenOff } from '@barythm/core/visit';
import { parameterAt, type CommonBehaviours } from '@barythm/core/profile';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../../ui/theme';
import { useArrival } from '../../../ui/touch/in-sight';
import { useDraftOf } from '../../../draft/use-draft';
import { screensOf } from '../../../families/registry';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { ForwardButton } from '../stage/forward-button';
import { GateCard } from '../gate-card';
import { PowerBackCard, useJobScope, StageFrame } from '../../../kit/job';
import { BreakOff } from './break-off';
import { isReadFirst } from '@barythm/core/sheet';
import { FoundEntry } from '../as-found/found-entry';
import { ReadFirstRow, RowCard, SetCard } from '../../../kit/set';
import { JustEntered } from './just-entered';
import { SetSummary } from './set-summary';

const NONE: readonly string[] = [];

/** Set: one card a parameter, or a row of them, in the order of work, each read back from the display. */
export function SetStage() {
  const { view, go, jobId } = useJobScope();
  const { document, rows } = view;
  const { access }: CommonBehaviours = view.profile.behaviours;
  const gate = gateOfSet(view);
  const off = brokenOff(document);
  const open = toEnter(view);
  const workable = gate.length === 0 && !document.handover;
  const [again, setAgain] = useState<string | null>(null);
  const [entered, setEntered] = useState<readonly string[]>([]);
  // rows in which one showed something else: they are gone through one by one
  const [apart, setApart] = useDraftOf<readonly string[]>(`apart:${jobId}`, NONE);
  // what was entered can be entered again: a proof may show that it did not take
  const next = rows.find((row) => row.address === again) ?? open[0];
  const parameter = next && parameterAt(document.profile, next.address);
  const look = again === null ? inOneLook(view, open) : [];
  const together = look.length > 1 && !look.some(({ address }) => apart.includes(address)) ? look : null;
  const onApart = () => setApart((now) => [...now, ...look.map(({ address }) => address)]);
  const onDone = (address: string) => {
    setAgain(null);
    setEntered([address]);
    const others = apart.filter((one) => one !== address);
    if (others.length < apart.length) setApart(others.length > 0 ? others : null);
  };
  const { guided } = screensOf(view.family);
  const Setting = guided && parameter?.role === guided.role ? guided.Card : SetCard;
  // a dead display shows nothing; what is entered isolated, and what a guided change does with the supply, is not asked for power
  const needsPower =
    isLockedOff(document) &&
    parameter?.enterWhen !== 'isolated' &&
    !(guided && parameter?.role === guided.role);
  const changed = rows.filter((row) => row.left);
  // the next setting arrives with its name, and one that did not take stays with what it says
  const arrival = useArrival(`${next?.address ?? ''} ${next?.found?.id ?? ''} ${next?.left?.id ?? ''}`);
  // what stands on the card already is taken back there
  const last = rows.filter((row) => entered.includes(row.address) && row.left && row !== next);

  return (
    <StageFrame
      stage="set"
      action={
        <ForwardButton
          to="the proof"
          left={open.length}
          still="still to enter"
          testID="to-prove"
          onPress={() => go('prove')}
        />
      }
    >
      {gate.length > 0 && !document.handover && <GateCard title="Set is still closed" reasons={gate} />}
      {off === 'part-changed' && (
        <Card edge="rust" title="Left part-changed">
          <Words>The pump runs on a mixture of old and new settings. The hand-over says so.</Words>
        </Card>
      )}
      {off === 'put-back' && (
        <Card edge="ochre" title="Putting back as found">
          <Words>Each setting that was changed gets back the value that was found.</Words>
        </Card>
      )}
      {gate.length === 0 && !document.handover && next && access && (
        <Words testID="set-access">
          Settings are opened by this: {openEnded(access.opensBy)}.{' '}
          {access.closesAfter_min === null
            ? 'They stay open until they are closed.'
            : `Without a key pressed they close after ${access.closesAfter_min} min.`}
        </Words>
      )}
      {workable && (next || last.length > 0) && (
        <View ref={arrival} style={styles.entering}>
          {last.length > 0 && <JustEntered rows={last} />}
          {needsPower && <PowerBackCard />}
          {next && parameter && !needsPower && together && isReadFirst(next) && (
            <ReadFirstRow rows={together} onApart={onApart} />
          )}
          {next && parameter && !needsPower && together && !isReadFirst(next) && (
            <RowCard
              key={next.address}
              rows={together}
              left={open.length}
              onDone={() => setEntered(together.map(({ address }) => address))}
              onApart={onApart}
            />
          )}
          {next && parameter && !needsPower && !together && isReadFirst(next) && (
            <Card title="Read it before it is changed" testID="read-first">
              <Words>Only confirmed with the others so far. Read the display now.</Words>
              <FoundEntry parameter={parameter} found={null} onDone={() => undefined} />
            </Card>
          )}
          {next && parameter && !needsPower && !together && !isReadFirst(next) && (
            <Setting
              key={`${next.address}-${next.left?.id ?? ''}`}
              row={next}
              parameter={parameter}
              left={open.length}
              onDone={() => onDone(next.address)}
            />
          )}
        </View>
      )}
      {gate.length === 0 && !next && (
        <Card edge="moss" testID="set-done">
          <Words bold size="large">
            {changed.length > 0 ? 'Everything is entered and read back.' : 'Nothing needs to change.'}
          </Words>
          <Words>Prove it next: a setting is right when the pump does what was meant.</Words>
        </Card>
      )}
      {guided?.After && <guided.After />}
      <SetSummary
        onAgain={gate.length === 0 && !document.handover ? setAgain : null}
        entering={next?.address ?? null}
      />
      {gate.length === 0 && changed.length > 0 && !document.handover && <BreakOff openCount={open.length} />}
    </StageFrame>
  );
}

const styles = StyleSheet.create({ entering: { gap: SPACE.l } });
