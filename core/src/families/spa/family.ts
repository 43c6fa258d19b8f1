import { lastRecord } from '../../visit';
import { siteDate } from '../../time';
import type { EarlierRecord, RecordBodyOf } from '../../visit';
import { defineFamily } from '../family';
import { arrival } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { sumsOf } from './bench/sums';
import { benchSheet, plainDay } from './bench/bench';
import { eventsFor, SPA_EVENTS } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { dueOf } from './glance/due';
import { stripOf } from './glance/strip';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { partOf, tablesOf } from './hand-over/part';
import { weeklyEvents } from './hand-over/weekly-events';
import { examplesFor } from './examples';
import type { SpaKind } from './kind';
import { planSpa } from './plan/plan';
import { heldRoles } from './plan/held';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { judgeCheck } from './proof/patterns';
import { numberChanges } from './settings/change-steps';
import { contextOf } from './settings/context';
import { SPA_ROLE_WORDS } from './settings/role-words';
import { ROLES_OF_HEATING, SPA_TABLE } from './settings/roles';
import { SPA_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { SPA_REASONS } from './texts/reasons';
import { SPA_TEXTS } from './texts/texts';
import { spaBehavioursSchema } from './wire/behaviours';
import { spaDutySchema } from './wire/duty';
import { spaPlateSchema } from './wire/plate';
import { heaterRuleSchema, packTableSchema, SPA_RECORDS } from './wire/records';
import type { SpaJob } from './wire/job';

/** The table that was copied from inside the pack goes with the unit, and when its heater was seen to run. */
function seenInside(document: SpaJob): EarlierRecord<RecordBodyOf<SpaKind>>[] {
  return (['pack-table', 'heater-rule'] as const).flatMap((kind) => {
    const own = lastRecord(document, kind);
    if (own) return [{ date: siteDate(own.recordedAt, document.site.zone), body: own.body }];
    return (document.earlier ?? []).filter(({ body }) => body.kind === kind).slice(-1);
  });
}

export const spaFamily = defineFamily<SpaKind>({
  name: 'spa',
  words: 'a spa pack',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A spa pack',
    groups: [
      { key: 'number', label: 'Number' },
      { key: 'bank', label: 'Switches', repeat: { count: 8, noun: 'Switch' } },
      { key: 'heat', label: 'Heat' },
      { key: 'cycles', label: 'Filter cycles', repeat: { count: 2, noun: 'Cycle' } },
      { key: 'panel', label: 'Panel' },
    ],
  },
  wire: {
    duty: spaDutySchema,
    plate: spaPlateSchema,
    behaviours: spaBehavioursSchema,
    records: SPA_RECORDS,
    carried: [packTableSchema, heaterRuleSchema],
  },
  ...SPA_TABLE,
  roleWords: SPA_ROLE_WORDS,
  examples: examplesFor,
  rolesOfMode: (option) => ROLES_OF_HEATING[option] ?? [],
  modeRole: 'heating',
  understand,
  context: contextOf,
  plan: planSpa,
  held: heldRoles,
  guards: SPA_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  curedAt: { 'SPA-11': 'as-found' },
  texts: SPA_TEXTS,
  reasons: SPA_REASONS,
  putsBack: numberChanges,
  arrival,
  proof: {
    checks: proofChecks,
    proves: PROVES,
    judge: judgeCheck,
  },
  earlier: seenInside,
  due: dueOf,
  bench: {
    run: benchSheet,
    plain: plainDay,
    words: SPA_EVENTS,
    events: eventsFor,
    channel: 'water',
    sums: sumsOf,
    caveat: () =>
      'A simulation from what is connected, the tub’s loss and the settings, a second a step: the water is one body, and what pumps take ends in it. Prove at the tub.',
  },
  strip: stripOf,
  handOver: { part: partOf, facts: factsOf, runs: runsSaid, tables: tablesOf, week: weeklyEvents },
});
