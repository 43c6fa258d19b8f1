import { shown } from '../../parts/arrival-facts';
import { afterCutSaid } from '../../parts/runs-words';
import type { DriveView } from '../kind';
import type { DriveSettings } from '../settings/understand';

/** When a pressure drive runs and why, for those who live with it; nothing where it is not known what it controls. */
export function runsSaid({ settings }: DriveView): string[] {
  const when = whenSaid(settings);
  if (when.length === 0) return [];
  const { units, dry, fill } = settings;
  return [
    ...when,
    ...(units !== null && units > 1
      ? [`${units} pumps work together: the next one starts when one alone cannot keep up.`]
      : []),
    ...(dry.reaction === 'stop' ? ['The pump stops by itself when it runs dry.'] : []),
    ...(fill === 'on' ? ['After a stop it fills the pipe slowly first.'] : []),
    ...afterCutSaid(settings.afterCut),
  ];
}

function whenSaid({ holds, set_bar, cutIn_bar, stop_hz, set_hz }: DriveSettings): string[] {
  const set = set_bar === null ? '' : ` ${shown('pressure', set_bar)}`;
  switch (holds) {
    case 'pressure':
      return [
        set === '' ? 'The pump keeps the pressure of the water.' : `The pump keeps the water at${set}.`,
        ...(cutIn_bar === null
          ? []
          : [`The pump starts when the pressure falls to ${shown('pressure', cutIn_bar)}.`]),
        ...(stop_hz === null ? [] : ['The pump stops by itself when no water is drawn.']),
      ];
    case 'difference':
      return [`The pump keeps a pressure difference${set === '' ? '' : ` of${set}`} across its circuit.`];
    case 'speed':
      return [
        `The pump runs at one speed${set_hz === null ? '' : `: ${shown('frequency', set_hz)}`}, from start to stop.`,
      ];
    case 'signal':
      return ['The pump runs at the speed that its signal asks for.'];
    case null:
      return [];
  }
}
