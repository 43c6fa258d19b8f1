import { familyOf, readOnArrival, type FamilyKind } from '@barythm/core/families';
import type { InputError } from '@barythm/core/input';
import { isDutyWhole } from '@barythm/core/job';
import { parameterAt } from '@barythm/core/profile';
import { memo, useDeferredValue, useEffect, useEffectEvent, useMemo, useState, type ReactNode } from 'react';
import type { Part } from '@barythm/core/describe';
import { newId } from '../../api/device';
import { FoldedParts } from '../../form/parts';
import { FormProvider, type OwnParts } from '../../form/scope';
import { Card } from '../../ui/card';
import { useWide } from '../../ui/screen/layout';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { OtherSettings, TargetList } from '../target';
import { PlanFindings, PlanFrame } from './plan-frame';
import { Still } from './still';
import type { DutyTyped } from './use-duty';
import { SoFarCard } from './so-far-card';
import type { Planned } from './use-planned';
import { useSoFar } from './use-so-far';

interface PlanScreenProps<Work> {
  readonly typed: DutyTyped<unknown>;
  readonly work: Work | null;
  readonly fault: InputError | null;
  /** what appears as soon as the duty is complete */
  readonly waitsFor?: string;
  /** goes back to the plan as it was worked out; null while nothing was moved */
  readonly onReset: (() => void) | null;
  /** forgets what was moved by hand, once it is agreed */
  readonly onAgreed: () => void;
  /** pictures that the duty comes after: the week of a pool */
  readonly first?: (work: Work) => ReactNode;
  /** what the family paints within the form, by name */
  readonly own?: OwnParts;
  /** what is offered beside the duty */
  readonly notes?: ReactNode;
  /** what follows, from what was worked out; a calm one may come a frame later than a hand that moves */
  readonly then: (work: Work, calm: Work) => ReactNode;
}

/** Painted anew as the duty is typed, and not as a point is moved. */
const Duty = memo(function Duty({ parts, fault }: { parts: readonly Part[]; fault: InputError | null }) {
  return <FoldedParts title="Duty" parts={parts} fault={fault} />;
});

/** Plan: the duty, and at once the settings it leads to, what is wrong, and what the pump will do. */
export function PlanScreen<K extends FamilyKind, Work extends Planned<K>>(props: PlanScreenProps<Work>) {
  const { typed, work, fault, waitsFor = 'The plan', onReset, onAgreed, first, own, notes, then } = props;
  const { view, jobId, write, go } = useJobScope();
  const wide = useWide();
  const calm = useDeferredValue(work);
  const [accepting, setAccepting] = useState(false);
  const [refusal, setRefusal] = useState<string | null>(null);
  const accept = useEffectEvent(() => {
    setAccepting(false);
    if (!typed.duty || !work || open.length > 0) return;
    const moved = Object.entries(work.moved).map(([address, choice]) => ({
      ...choice,
      entryId: newId(),
      address,
      unit: parameterAt(view.profile, address)?.unit ?? '',
    }));
    const refused = write({
      kind: 'plan.accept',
      jobId,
      planId: newId(),
      duty: typed.duty as never,
      targets: work.targets.map((target) => ({ ...target, entryId: newId() })),
      ...(moved.length > 0 ? { hand: moved } : {}),
    });
    setRefusal(refused);
    if (refused !== null) return;
    typed.forget();
    onAgreed();
    go('set');
  });
  // a tap right after a digit waits until the plan is that of the digit: what is accepted is what stands typed
  useEffect(() => {
    if (accepting && typed.settled) accept();
  }, [accepting, typed.settled]);
  const soFar = useSoFar(view, work || fault ? null : typed.answers);
  const take = () => {
    if (!soFar) return;
    const refused = write({
      kind: 'plan.accept',
      jobId,
      planId: newId(),
      duty: null,
      part: { ...soFar.answers, family: view.family },
      targets: soFar.targets.map((target) => ({ ...target, entryId: newId() })),
    });
    setRefusal(refused);
    if (refused === null) go('set');
  };
  const targets = calm && (
    <Still on={calm}>
      {() => (
        <>
          <TargetList
            lines={calm.targetLines}
            before={calm.before}
            values={calm.values}
            judge={calm.judge}
            none="No setting of this pump can meet the duty; see the findings."
            onReset={onReset}
          />
          <OtherSettings listed={calm.targetLines} before={calm.before} values={calm.values} />
        </>
      )}
    </Still>
  );
  const findings = calm && (
    <Still on={calm}>
      {() => <PlanFindings target={calm.findings.target} found={calm.before ? calm.findings.found : null} />}
    </Still>
  );
  const { texts, errors, change, tried, form, unanswered, answer } = typed;
  const read = useMemo(() => {
    const taken = readOnArrival(view.document, familyOf(view.family).arrival.readings);
    return (key: string) => taken?.figures[key] ?? null;
  }, [view.document, view.family]);
  const open = useMemo(() => form.parts.flatMap(unanswered), [form, unanswered]);
  const asked = useMemo(() => {
    const offered = { in: unanswered, paths: new Set(open), answer };
    return { texts, errors, change, tried, own, offered, read, name: 'duty' };
  }, [texts, errors, change, tried, own, unanswered, open, answer, read]);
  const duty = (
    <FormProvider value={asked}>
      <Duty parts={form.parts} fault={fault} />
    </FormProvider>
  );
  const waiting = !work && !soFar && (
    <Card edge="ochre">
      <Words bold>{waitsFor} appears as soon as the duty is complete.</Words>
      <Words>What is missing or wrong is said at its field {first ? 'below' : 'above'}.</Words>
    </Card>
  );
  const onTake = isDutyWhole(view.document) || view.document.handover ? null : take;
  const partly = soFar && <SoFarCard soFar={soFar} waitsFor={waitsFor} onTake={onTake} />;
  return (
    <PlanFrame
      planned={Boolean(work)}
      ready={Boolean(work) && (open.length === 0 || view.document.handover !== null)}
      missing={Object.keys(typed.errors).length + open.length}
      onMissing={typed.ask}
      onAgree={() => setAccepting(true)}
      aside={
        <>
          {findings}
          {targets}
        </>
      }
    >
      {refusal !== null && (
        <Card edge="rust" testID="plan-refused">
          <Words bold colour="rust" role="alert">
            {refusal}
          </Words>
        </Card>
      )}
      {first ? (
        <>
          {work && first(work)}
          {!wide && findings}
          {waiting}
          {duty}
          {partly}
          {notes}
          {work && calm && then(work, calm)}
          {!wide && targets}
        </>
      ) : (
        <>
          {duty}
          {notes}
          {waiting}
          {partly}
          {!wide && targets}
          {!wide && findings}
          {work && calm && then(work, calm)}
        </>
      )}
    </PlanFrame>
  );
}
