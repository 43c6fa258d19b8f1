import { addressOf, type Parameter } from '@barythm/core/profile';
import { inForce, type SheetRow } from '@barythm/core/sheet';
import type { TargetLine } from '@barythm/core/job';
import { useState } from 'react';
import { Button } from '../../ui/button';
import { useJobScope } from '../job';
import { TargetChoice } from './target-choice';

/** A target that is changed where it stands, on a card or on the sheet: what opens it (null while it is open), as a button too, and what it opens. */
export function useChangeTarget(row: SheetRow, parameter: Parameter) {
  const { view } = useJobScope();
  const [isOpen, setOpen] = useState(false);
  if (view.document.handover) return { open: null, button: null, box: null };
  const open = () => setOpen(true);
  const button = isOpen ? null : (
    <Button
      kind="quiet"
      label="Change target"
      name={`Change target of ${parameter.label}`}
      testID={`change-${parameter.key}`}
      onPress={open}
    />
  );
  const box = isOpen ? (
    <TargetChoice
      parameter={parameter}
      line={lineOf(row, parameter)}
      before={inForce(row)?.value ?? view.values.force[parameter.key]}
      values={view.values.planned}
      onDone={() => setOpen(false)}
    />
  ) : null;
  return { open: isOpen ? null : open, button, box };
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
