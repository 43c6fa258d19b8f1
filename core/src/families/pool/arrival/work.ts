import { recordForm } from '../../../describe';
import { fig, figureWithUnit } from '../../../units';
import type { AnyWork, Work } from '../../parts/work';
import type { PoolKind } from '../kind';
import { saltSchema, valvesSchema } from '../wire/records';

/** No salt is added on the panel's word alone (POO-18). */
const salt: Work<PoolKind, 'salt'> = {
  kind: 'salt',
  title: 'Salt',
  there: ({ duty }) => duty?.chlorinator != null,
  note: 'The panel’s reading leans on its temperature sensor: a test kit decides before any salt is added.',
  form: () => recordForm(saltSchema),
  said: ({ panel_gl, kit_gl, added_kg }, _view, reader) => {
    const strength = (value: number) => figureWithUnit(fig('strength', value), reader);
    const kit = kit_gl === null ? 'kit not used' : `kit ${strength(kit_gl)}`;
    return {
      words: `Panel ${strength(panel_gl)}, ${kit}; ${figureWithUnit(fig('salt', added_kg), reader)} added.`,
      verdict: null,
    };
  },
};

/** Only after the pipework was followed, and one at a time (POO-21). */
const valves: Work<PoolKind, 'valves'> = {
  kind: 'valves',
  title: 'Valves moved in the menu',
  there: ({ profile }) => profile.behaviours.kind === 'panel',
  caution: () =>
    'A wrong valve shuts the suction or empties a raised pool. One at a time, and somebody watches it.',
  form: () => recordForm(valvesSchema),
  said: ({ which, seen }) => ({ words: `${which}: ${seen}`, verdict: null }),
};

/** Salt put in, and valves moved from the menu. */
export const WORK: readonly AnyWork<PoolKind>[] = [salt, valves];
