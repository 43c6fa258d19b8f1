import { optionWithRole, parameterWithRole, type SettingValues } from '../../../profile';
import { chlorinatorHours } from '../effect/treatment';
import { settingsOf } from '../settings/pumping';
import { checkSettings } from '../checks/checks';
import { DUTY, contextOf, panel, PANEL, sound, TEN_SLOTS } from '../fixtures';
import type { PoolContext } from '../settings/context';
import type { PoolProfile } from '../kind';
import type { PoolRole } from '../settings/roles';

/** Too much or too little of one setting, and one step nearer to what is right. */
const keyOf = (role: PoolRole, profile: PoolProfile = PANEL) => parameterWithRole(profile, role)!.key;
const saying = (context: PoolContext, change: SettingValues) =>
  checkSettings(context, 'found', { ...sound(context), ...change }).map(({ text }) => text);

test.each<[string, number, number]>([
  ['POO-11.late', 1, 2],
  ['POO-11.often', 8, 7],
])('%s: mistake: frost guard at %d °C; near miss: at %d °C', (text, slip, near) => {
  const circuits = [{ ...DUTY.circuits[0], exposed: true }];
  const context = contextOf(TEN_SLOTS, { ...DUTY, winter: 'light', circuits });
  const at = keyOf('frost.temperature', TEN_SLOTS);
  expect(saying(context, { [at]: slip })).toContain(text);
  expect(saying(context, { [at]: near })).not.toContain(text);
});

test('POO-14.cool: set more than a degree under what was agreed; near miss: a degree', () => {
  const at = keyOf('heat.pool');
  const agreed = panel().duty.heat!.pool_C;
  expect(saying(panel(), { [at]: agreed - 1.5 })).toContain('POO-14.cool');
  expect(saying(panel(), { [at]: agreed - 1 })).not.toContain('POO-14.cool');
});

test('POO-14.off: heating is off where a temperature was agreed; near miss: as planned', () => {
  const source = parameterWithRole(PANEL, 'heat.source')!;
  const off = { [source.key]: optionWithRole(source, 'heat.off')! };
  expect(saying(panel(), off)).toContain('POO-14.off');
  expect(saying(panel(), {})).not.toContain('POO-14.off');
});

test('PRO-02: a chlorinator that is set to nothing, or to more than half over what is needed; near misses a step on', () => {
  const context = panel();
  const { needed_gpd, rated_gph } = context.duty.chlorinator!;
  const hours = chlorinatorHours(context, settingsOf(context, sound(context)))!;
  const most = Math.floor(((needed_gpd * 1.5) / (rated_gph * hours)) * 100);
  const at = keyOf('chlorinator.output');
  expect(saying(context, { [at]: most + 1 })).toContain('PRO-02.much');
  expect(saying(context, { [at]: most })).not.toContain('PRO-02.much');
  expect(saying(context, { [at]: 0 })).toContain('PRO-02.off');
  expect(saying(context, { [at]: 1 })).not.toContain('PRO-02.off');
});
