import { addressOf, type Parameter } from '@barythm/core/profile';
import { inForce, type SheetRow } from '@barythm/core/sheet';
import type { TargetLine } from '@barythm/core/job';
import { useState } from 'react';
import { Button } from '../../ui/button';
import { useJobScope } from '../job';
import { TargetChoice } from './target-choice';

/** A target that is changed where it stands, on a card or on the sheet: one tap opens it in its place. */
export function ChangeTarget({ row, parameter }: { row: SheetRow; parameter: Parameter }) {
  const { view } = useJobScope();
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Button
        kind="quiet"
        label="Change target"
        name={`Change target of ${parameter.label}`}
        testID={`change-${parameter.key}`}
        onPress={() => setOpen(true)}
      />
    );
  return (
    <TargetChoice
      parameter={parameter}
      line={lineOf(row, parameter)}
      before={inForce(row)?.value ?? view.values.force[parameter.key]}
      values={view.values.planned}
      onDone={() => setOpen(false)}
    />
  );
}

/** The target of a row of the sheet, as a list of targets has it; null where it has none. */
function lineOf(row: SheetRow, parameter: Parameter): TargetLine | null {
  const { chosen, planned, target } = row;
  if (!chosen && !target) return null;
  return {
    address: addressOf(parameter),
    unit: parameter.unit ?? '',
    by: chosen?.by ?? 'plan',
    value: chosen ? chosen.value : (target?.value ?? null),
    planned: (chosen ? planned : target)?.value ?? null,
    reason: '',
  };
}
