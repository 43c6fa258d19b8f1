import { capital } from '../../../words';
import type { Said } from '../../family';

/** How far the volume that the dose rests on was proved. */
export type VolumeProof =
  | 'flow measured'
  | 'volume measured by drawdown'
  | 'volume not measured: plate value'
  | 'volume not measured: earlier calibration';

/** @param figure what was measured, in words; null where nothing was, or where a hand-over did not say it yet */
export function volumeSaid(volume: VolumeProof, figure: string | null = null): Said {
  return {
    words: figure === null ? `${capital(volume)}.` : `${capital(volume)}: ${figure}.`,
    sound: volume === 'flow measured' || volume === 'volume measured by drawdown',
  };
}

/** A reading from end to end, in words; null where none was taken. */
export function liveSaid(live: string | null): Said {
  return {
    words: live === null ? 'No live end-to-end reading was taken.' : `End to end: ${live}.`,
    sound: null,
  };
}
