import { shown } from '../../parts/arrival-facts';
import { afterCutSaid } from '../../parts/runs-words';
import type { TransferView } from '../kind';
import { PLANT_WORDS } from '../wire/duty';

const CONTROL_SAID = {
  even: 'The pump empties the vessel at an even flow',
  level: 'The pump runs faster as the vessel fills',
} as const;

/** When a vessel-emptying pump runs and why, for those who live with it; nothing where its control is not known. */
export function runsSaid({ settings, duty }: TransferView): string[] {
  const { control, bottom_mm, top_mm, runOn_s, alarm_mm, cleaning, afterCut } = settings;
  if (control === null) return [];
  const between =
    bottom_mm === null || top_mm === null
      ? ''
      : `, between ${shown('level', bottom_mm)} and ${shown('level', top_mm)}`;
  return [
    `${CONTROL_SAID[control]}${between}.`,
    ...(duty ? [`The vessel is filled by ${PLANT_WORDS[duty.plant]}.`] : []),
    ...(runOn_s === null
      ? []
      : [`The pump runs on for ${shown('seconds', runOn_s)} once the vessel is empty.`]),
    ...(alarm_mm === null ? [] : [`The pump gives an alarm at ${shown('level', alarm_mm)}.`]),
    ...(cleaning === 'used' ? ['For cleaning it runs at a speed of its own.'] : []),
    ...afterCutSaid(afterCut),
  ];
}
