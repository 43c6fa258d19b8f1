import { familyOf } from '@barythm/core/families';
import { choicesOf, guardedChanges, judgeOf, leftAsFound, targetLines } from '@barythm/core/job';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { useArrival } from '../../../ui/touch/in-sight';
import { Heading, Words } from '../../../ui/words/words';
import { FindingList } from '../../../kit/findings';
import { BenchLink, DecisionAction, StageFrame, useJobScope } from '../../../kit/job';
import { OtherSettings, TargetList } from '../../../kit/target';
import { CancelCard } from '../close-cards';
import { ForwardButton } from '../stage/forward-button';
import { GuardCard } from './guard-card';

/** Plan of a job of a few settings: which of them, to what and why; what is wrong with that; and the way on. */
export function SmallPlan({ onWhole }: { onWhole: () => void }) {
  const { view, go } = useJobScope();
  const wide = useWide();
  const { document, profile, rows, values, context, judging } = view;
  const choices = useMemo(() => choicesOf(rows), [rows]);
  const lines = useMemo(() => targetLines(profile, [], choices), [profile, choices]);
  // what was chosen stands at the top, with what is wrong with it below
  const arrival = useArrival(lines.map(({ address, value }) => `${address} ${String(value)}`).join());
  const [more, setMore] = useState(false);
  const before = { ...document.lastLeft?.values, ...values.found };
  const left = lines.length === 0 ? 0 : leftAsFound(view);
  // with the whole duty known all of it is checked anyway
  const guarded = context
    ? []
    : guardedChanges(document, rows).filter(({ greater, asks }) => greater && asks.length > 0);
  const findings = lines.length > 0 && (
    <>
      <Heading>Findings on the target</Heading>
      <FindingList
        findings={view.findings.target}
        profile={profile}
        none="Nothing is wrong with the target."
        actions={(finding) => <DecisionAction finding={finding} />}
      />
    </>
  );
  return (
    <StageFrame
      stage="plan"
      aside={wide && findings}
      action={
        lines.length === 0 ? undefined : left > 0 ? (
          <Button
            grow
            kind="main"
            label="On to As found"
            testID="to-as-found"
            onPress={() => go('as-found')}
          />
        ) : (
          <ForwardButton
            to="Set"
            left={0}
            still="still to record"
            testID="to-set"
            onPress={() => go('set')}
          />
        )
      }
    >
      {lines.length === 0 ? (
        <Card edge="petrol" title="Change settings" testID="small-none">
          <Words>Choose what is to change. Only that is read, set, read back and handed over.</Words>
        </Card>
      ) : (
        <View ref={arrival}>
          <TargetList
            lines={lines}
            before={before}
            values={values.planned}
            judge={judgeOf(familyOf(view.family), judging)}
            guarded={new Set(guarded.map(({ address }) => address))}
            none=""
          />
        </View>
      )}
      {guarded.map((change) => (
        <GuardCard key={change.address} change={change} />
      ))}
      {!wide && findings}
      {lines.length > 0 && !more ? (
        <Button label="Change another setting" testID="small-more" onPress={() => setMore(true)} />
      ) : (
        <OtherSettings
          title="Settings"
          listed={lines}
          before={before}
          values={values.planned}
          onChosen={() => setMore(false)}
        />
      )}
      {lines.length > 0 && <BenchLink />}
      <Button kind="quiet" label="Plan from the duty instead" testID="plan-whole" onPress={onWhole} />
      <CancelCard />
    </StageFrame>
  );
}
