import { defineFamily } from '../family';
import { arrival } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { sumsOf } from './bench/sums';
import { benchSheet, plainDay } from './bench/bench';
import { eventsFor, TRANSFER_EVENTS } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { dueOf } from './glance/due';
import { stripOf } from './glance/strip';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { partOf } from './hand-over/part';
import { examplesFor } from './examples';
import type { TransferKind } from './kind';
import { planTransfer } from './plan/plan';
import { heldRoles } from './plan/held';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { contextOf } from './settings/context';
import { TRANSFER_ROLE_WORDS } from './settings/role-words';
import { levelUnitFault, ROLES_OF_CONTROL, TRANSFER_TABLE } from './settings/roles';
import { TRANSFER_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { TRANSFER_REASONS } from './texts/reasons';
import { TRANSFER_TEXTS } from './texts/texts';
import { transferBehavioursSchema } from './wire/behaviours';
import { transferDutySchema } from './wire/duty';
import { transferPlateSchema } from './wire/plate';
import { TRANSFER_RECORDS } from './wire/records';

export const transferFamily = defineFamily<TransferKind>({
  name: 'transfer',
  words: 'a vessel-emptying pump',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A vessel-emptying pump',
    groups: [
      { key: 'kinds', label: 'Kinds' },
      { key: 'plate', label: 'Plate' },
      { key: 'speeds', label: 'Speeds' },
      { key: 'control', label: 'Control' },
      { key: 'times', label: 'Times and guards' },
    ],
  },
  wire: {
    duty: transferDutySchema,
    plate: transferPlateSchema,
    behaviours: transferBehavioursSchema,
    records: TRANSFER_RECORDS,
    carried: [],
  },
  ...TRANSFER_TABLE,
  unitFault: levelUnitFault,
  roleWords: TRANSFER_ROLE_WORDS,
  examples: examplesFor,
  rolesOfMode: (option) => ROLES_OF_CONTROL[option] ?? [],
  modeRole: 'control',
  understand,
  context: contextOf,
  plan: planTransfer,
  held: heldRoles,
  guards: TRANSFER_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  curedAt: { 'LEV-06': 'prove', 'LEV-06.live': 'as-found', 'LEV-08': 'prove' },
  texts: TRANSFER_TEXTS,
  reasons: TRANSFER_REASONS,
  arrival,
  proof: {
    checks: proofChecks,
    proves: PROVES,
  },
  due: dueOf,
  bench: {
    run: benchSheet,
    plain: plainDay,
    words: TRANSFER_EVENTS,
    events: eventsFor,
    channel: 'level',
    hidden: ({ duty }) => (duty.cooler ? [] : ['delivered']),
    sums: sumsOf,
    caveat: () =>
      'A simulation from curve, vessel, cooler and settings, a second a step: a slug falls within five seconds. Prove at the pump.',
  },
  strip: stripOf,
  handOver: { part: partOf, facts: factsOf, runs: runsSaid },
});
