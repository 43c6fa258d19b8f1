import { defineFamily } from '../family';
import { arrival } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { sumsOf } from './bench/sums';
import { benchSheet, plainDay } from './bench/bench';
import { CIRCULATOR_EVENTS, eventsFor } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { stripOf } from './glance/strip';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { partOf } from './hand-over/part';
import { examplesFor } from './examples';
import type { CirculatorKind } from './kind';
import { planCirculator } from './plan/plan';
import { heldRoles } from './plan/held';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { judgeCheck } from './proof/patterns';
import { contextOf } from './settings/context';
import { CIRCULATOR_ROLE_WORDS } from './settings/role-words';
import { CIRCULATOR_TABLE, ROLES_OF_MODE } from './settings/roles';
import { CIRCULATOR_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { CIRCULATOR_REASONS } from './texts/reasons';
import { CIRCULATOR_TEXTS } from './texts/texts';
import { circulatorBehavioursSchema } from './wire/behaviours';
import { circulatorDutySchema } from './wire/duty';
import { circulatorPlateSchema } from './wire/plate';
import { CIRCULATOR_RECORDS } from './wire/records';

export const circulatorFamily = defineFamily<CirculatorKind>({
  name: 'circulator',
  words: 'a circulator',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A circulator',
    groups: [
      { key: 'mode', label: 'Mode' },
      { key: 'inputs', label: 'Inputs' },
      { key: 'access', label: 'Access and power' },
    ],
  },
  wire: {
    duty: circulatorDutySchema,
    plate: circulatorPlateSchema,
    behaviours: circulatorBehavioursSchema,
    records: CIRCULATOR_RECORDS,
    carried: [],
  },
  ...CIRCULATOR_TABLE,
  roleWords: CIRCULATOR_ROLE_WORDS,
  examples: examplesFor,
  rolesOfMode: (option) => ROLES_OF_MODE[option] ?? [],
  understand,
  context: contextOf,
  plan: planCirculator,
  held: heldRoles,
  guards: CIRCULATOR_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  curedAt: { 'CIR-01': 'as-found', 'CIR-19.untried': 'prove' },
  texts: CIRCULATOR_TEXTS,
  reasons: CIRCULATOR_REASONS,
  arrival,
  proof: {
    checks: proofChecks,
    proves: PROVES,
    judge: judgeCheck,
  },
  bench: {
    run: benchSheet,
    plain: plainDay,
    words: CIRCULATOR_EVENTS,
    events: eventsFor,
    channel: 'head',
    sums: sumsOf,
    caveat: () =>
      'A simulation from curve, duty and settings: valves that close until the flow is what is required, and a winter by the hour. Prove at the pump.',
  },
  strip: stripOf,
  handOver: { part: partOf, facts: factsOf, runs: runsSaid },
});
