import { shown } from '../../parts/arrival-facts';
import { afterCutSaid } from '../../parts/runs-words';
import type { MeteringView } from '../kind';
import type { MeteringSettings } from '../settings/understand';

/** When a metering pump doses and why, for those who live with it; nothing where its mode is not known. */
export function runsSaid({ settings, context }: MeteringView): string[] {
  const when = whenSaid(settings);
  if (when === null) return [];
  const duty = context?.duty;
  const { wanted_mgl } = duty?.dose ?? {};
  return [
    when,
    ...(settings.stopKind === 'permits' ? ['The pump doses only while its stop contact is closed.'] : []),
    ...(settings.stopKind === 'stops' ? ['The pump stops while its stop contact is closed.'] : []),
    ...(duty?.place.interlocked ? ['The pump doses only while the plant it doses into runs.'] : []),
    ...(duty && wanted_mgl !== undefined
      ? [`Required: ${shown('dose', wanted_mgl)} of ${duty.product.name}.`]
      : []),
    ...afterCutSaid(settings.afterPowerCut),
  ];
}

function whenSaid(settings: MeteringSettings): string | null {
  const { mode, map, manual_spm, pulses, ceiling_spm, batchStrokes, batchVolume_mL, timer } = settings;
  const rate = (spm: number) => shown('strokeRate', spm);
  switch (mode) {
    case 'manual':
      return manual_spm === null
        ? 'The pump doses all the time.'
        : `The pump doses all the time, at ${rate(manual_spm)}.`;
    case 'analog':
      return map === null
        ? 'The pump doses by the signal it is given.'
        : `The pump doses by the signal it is given: ${rate(map.y1)} at ${shown('current', map.x1_mA)}, ${rate(map.y2)} at ${shown('current', map.x2_mA)}.`;
    case 'multiply':
    case 'divide':
      if (pulses === null) return 'The pump doses at each pulse of its meter.';
      return pulses.way === 'multiply'
        ? `The pump makes ${shown('strokes', pulses.factor)} at each pulse of its meter.`
        : `The pump makes a stroke at every ${shown('pulses', pulses.factor)} of its meter.`;
    case 'contact':
      return `The pump doses while its contact is closed${ceiling_spm === null ? '' : `, at ${rate(ceiling_spm)}`}.`;
    case 'batch':
      return `The pump doses a batch each time it is started${
        batchVolume_mL !== null
          ? `: ${shown('strokeVolume', batchVolume_mL)}`
          : batchStrokes !== null
            ? `: ${shown('strokes', batchStrokes)}`
            : ''
      }.`;
    case 'timer':
      return timer === null
        ? 'The pump doses by its timer.'
        : `The pump doses by its timer: ${shown('seconds', timer.run_s)} every ${shown('minutes', timer.every_min)}.`;
    case null:
      return null;
  }
}
