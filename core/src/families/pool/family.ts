import { defineFamily } from '../family';
import { arrival, refuse } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { sumsOf } from './bench/sums';
import { benchSheet, plainWeek } from './bench/bench';
import { eventsFor, POOL_EVENTS } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { stripOf } from './glance/strip';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { fromFirst } from './hand-over/from-first';
import { partOf } from './hand-over/part';
import { weeklyEvents } from './hand-over/weekly-events';
import { examplesFor } from './examples';
import type { PoolKind } from './kind';
import { planPool } from './plan/plan';
import { heldRoles } from './plan/held';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { judgeCheck, patternsOf, voidedSince } from './proof/patterns';
import { contextOf } from './settings/context';
import { POOL_ROLE_WORDS } from './settings/role-words';
import { POOL_OPTION_ROLES, POOL_TABLE, placeOfOption, speedUnitFault } from './settings/roles';
import { POOL_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { POOL_REASONS } from './texts/reasons';
import { POOL_TEXTS } from './texts/texts';
import { poolBehavioursSchema } from './wire/behaviours';
import { poolDutySchema } from './wire/duty';
import { poolPlateSchema } from './wire/plate';
import { POOL_RECORDS } from './wire/records';

export const poolFamily = defineFamily<PoolKind>({
  name: 'pool',
  words: 'a pool pump',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A pool pump or panel',
    groups: [
      { key: 'motor', label: 'Motor and limits' },
      { key: 'programs', label: 'Programs', repeat: { count: 4, noun: 'Program' } },
      { key: 'prime', label: 'Priming' },
      { key: 'frost', label: 'Frost guard' },
      { key: 'access', label: 'Clock, access, power' },
    ],
  },
  wire: {
    duty: poolDutySchema,
    plate: poolPlateSchema,
    behaviours: poolBehavioursSchema,
    records: POOL_RECORDS,
    carried: [],
  },
  ...POOL_TABLE,
  roleWords: POOL_ROLE_WORDS,
  examples: examplesFor,
  // a panel's circuits are counted: `circuit.3`
  isOptionRole: (role) =>
    (POOL_OPTION_ROLES as readonly string[]).includes(role) || placeOfOption(role) !== null,
  unitFault: speedUnitFault,
  understand,
  context: contextOf,
  plan: planPool,
  held: heldRoles,
  guards: POOL_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  texts: POOL_TEXTS,
  reasons: POOL_REASONS,
  arrival,
  refuse,
  proof: {
    checks: proofChecks,
    proves: PROVES,
    judge: judgeCheck,
    voidedSince,
    patterns: patternsOf,
  },
  bench: {
    run: benchSheet,
    plain: plainWeek,
    words: POOL_EVENTS,
    events: eventsFor,
    channel: 'speed',
    // the cause as a number, and a roof that nothing heats by
    hidden: ({ duty }) =>
      duty.circuits.some(({ kind }) => kind === 'solar') ? ['cause'] : ['cause', 'roof'],
    sums: sumsOf,
    caveat: () =>
      'A simulation from the settings and the duty, the filter as it is before a wash. What roof, heater and air do is a fair guess. Prove at the pump.',
  },
  strip: stripOf,
  handOver: { part: partOf, fromFirst, facts: factsOf, runs: runsSaid, week: weeklyEvents },
});
