import { defineFamily } from '../family';
import { arrival } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { sumsOf } from './bench/sums';
import { benchSheet, plainDay } from './bench/bench';
import { DRIVE_EVENTS, eventsFor } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { dueOf } from './glance/due';
import { stripOf } from './glance/strip';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { partOf } from './hand-over/part';
import { examplesFor } from './examples';
import type { DriveKind } from './kind';
import { planDrive } from './plan/plan';
import { heldRoles } from './plan/held';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { judgeCheck } from './proof/patterns';
import { contextOf } from './settings/context';
import { gasHistory } from './settings/gas';
import { DRIVE_ROLE_WORDS } from './settings/role-words';
import { DRIVE_TABLE, ROLES_OF_HOLDING } from './settings/roles';
import { DRIVE_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { DRIVE_REASONS } from './texts/reasons';
import { DRIVE_TEXTS } from './texts/texts';
import { driveBehavioursSchema } from './wire/behaviours';
import { driveDutySchema } from './wire/duty';
import { drivePlateSchema } from './wire/plate';
import { DRIVE_RECORDS, prechargeSchema } from './wire/records';

export const driveFamily = defineFamily<DriveKind>({
  name: 'drive',
  words: 'a pressure drive',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A pressure drive',
    groups: [
      { key: 'control', label: 'Control' },
      { key: 'motor', label: 'Motor' },
      { key: 'sensor', label: 'Sensor' },
      { key: 'set', label: 'Set value' },
      { key: 'stop', label: 'Start and stop' },
      { key: 'guard', label: 'Low water' },
      { key: 'more', label: 'More pumps' },
      { key: 'access', label: 'Access and power' },
    ],
  },
  wire: {
    duty: driveDutySchema,
    plate: drivePlateSchema,
    behaviours: driveBehavioursSchema,
    records: DRIVE_RECORDS,
    carried: [prechargeSchema],
  },
  ...DRIVE_TABLE,
  roleWords: DRIVE_ROLE_WORDS,
  examples: examplesFor,
  rolesOfMode: (option) => ROLES_OF_HOLDING[option] ?? [],
  modeRole: 'holds',
  understand,
  context: contextOf,
  plan: planDrive,
  held: heldRoles,
  guards: DRIVE_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  enteredAfter: { units: 'address' },
  curedAt: { 'DRV-03': 'as-found', 'DRV-03.live': 'as-found', 'DRV-04.shut': 'as-found' },
  texts: DRIVE_TEXTS,
  reasons: DRIVE_REASONS,
  arrival,
  ofUnit: ['vessel.precharge_bar'],
  proof: {
    checks: proofChecks,
    proves: PROVES,
    judge: judgeCheck,
  },
  // the gas that was measured last counts until it is measured again
  earlier: (document) => gasHistory(document).slice(-1),
  due: dueOf,
  bench: {
    run: benchSheet,
    plain: plainDay,
    words: DRIVE_EVENTS,
    events: eventsFor,
    channel: 'pressure',
    sums: sumsOf,
    caveat: () =>
      'A simulation from curve, vessel, duty and settings, ten parts a second: taps are openings, and pipes give a little. Prove at the pump.',
  },
  strip: stripOf,
  handOver: { part: partOf, facts: factsOf, runs: runsSaid },
});
