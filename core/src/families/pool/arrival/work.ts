import { recordForm, textAt } from '../../../describe';
import { fig, figureWithUnit, parseFigure } from '../../../units';
import type { AnyWork, Work } from '../../parts/work';
import { saltToAdd } from '../effect/salt';
import type { PoolKind } from '../kind';
import { saltSchema, valvesSchema } from '../wire/records';

/** No salt is added on the panel's word alone (POO-18). */
const salt: Work<PoolKind, 'salt'> = {
  kind: 'salt',
  title: 'Salt',
  there: ({ duty }) => duty?.chlorinator != null,
  note: 'The panel’s reading leans on its temperature sensor: a test kit decides before any salt is added.',
  form: () => recordForm(saltSchema),
  follows: (texts, { duty }, reader) => {
    const typed = parseFigure(String(textAt(texts, 'kit_gl') ?? ''), 'strength');
    const need = duty && typed.ok ? saltToAdd(duty, typed.value) : null;
    if (need === null) return null;
    const say = (q: 'salt' | 'strength' | 'waterVolume', value: number) =>
      figureWithUnit(fig(q, value), reader);
    if (need.add_kg === 0)
      return need.above
        ? `Above ${say('strength', need.greatest_gl)}: add none; only fresh water takes it down.`
        : 'Within what its maker requires: add none.';
    return `${say('salt', need.add_kg)} bring ${say('waterVolume', need.volume_m3)} to ${say('strength', need.to_gl)}, the middle of what its maker requires. Add half first, run a day, and test again.`;
  },
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
