import { defineFamily } from '../family';
import { arrival } from './arrival/arrival';
import { BEHAVIOURS_FORM } from './form/behaviours-form';
import { DUTY_FORM } from './form/duty-form';
import { SUMS } from './bench/sums';
import { benchSheet, plainDay, strokeSeen } from './bench/bench';
import { eventsFor, METERING_EVENTS } from './bench/events';
import { checkPlan, checkSettings } from './checks/checks';
import { openOn } from './checks/on-job';
import { due } from './glance/due';
import { stripOf } from './glance/strip';
import { comparedDay, comparedSheets } from './hand-over/day-block';
import { factsOf } from './hand-over/facts';
import { runsSaid } from './hand-over/runs';
import { fromFirst } from './hand-over/from-first';
import { partOf } from './hand-over/part';
import { readingsTable } from './hand-over/readings-table';
import { examplesFor } from './examples';
import type { MeteringKind } from './kind';
import { planMetering } from './plan/plan';
import { heldRoles } from './plan/held';
import { measuredHistory } from './proof/calibration';
import { proofChecks } from './proof/checks';
import { PROVES } from './proof/proves';
import { judgedReadings, patternsOf, pointsLeft, voidedSince } from './proof/judged-readings';
import { contextOf } from './settings/context';
import { METERING_ROLE_WORDS } from './settings/role-words';
import { METERING_TABLE, ROLES_OF_MODE, rateUnitFault, type MeteringMode } from './settings/roles';
import { METERING_GUARDS } from './settings/guards';
import { understand } from './settings/understand';
import { REASONS } from './texts/reasons';
import { METERING_TEXTS } from './texts/texts';
import { meteringBehavioursSchema } from './wire/behaviours';
import { meteringDutySchema } from './wire/duty';
import { meteringPlateSchema } from './wire/plate';
import { METERING_RECORDS, calibrationBodySchema, servicedBodySchema } from './wire/records';

export const meteringFamily = defineFamily<MeteringKind>({
  name: 'metering',
  words: 'a metering pump',
  forms: {
    duty: DUTY_FORM,
    behaviours: BEHAVIOURS_FORM,
    controllerOf: 'A metering pump',
    groups: [
      { key: 'drive', label: 'Drive and stroke' },
      { key: 'mode', label: 'Mode' },
      { key: 'signal', label: 'Signal' },
    ],
  },
  wire: {
    duty: meteringDutySchema,
    plate: meteringPlateSchema,
    behaviours: meteringBehavioursSchema,
    records: METERING_RECORDS,
    carried: [calibrationBodySchema, servicedBodySchema],
  },
  ...METERING_TABLE,
  roleWords: METERING_ROLE_WORDS,
  examples: examplesFor,
  unitFault: rateUnitFault,
  rolesOfMode: (option) => ROLES_OF_MODE[option.replace('mode.', '') as MeteringMode] ?? [],
  understand,
  context: contextOf,
  plan: planMetering,
  held: heldRoles,
  guards: METERING_GUARDS,
  checkPlan,
  check: checkSettings,
  open: openOn,
  curedAt: { 'MET-26.siphon': 'prove', 'MET-11.since': 'plan' },
  texts: METERING_TEXTS,
  reasons: REASONS,
  arrival,
  ofUnit: ['strokeVolume.full_mL', 'tank.now_L', 'service.madeStrokes'],
  proof: {
    checks: proofChecks,
    proves: PROVES,
    // a comparison on arrival comes before there is a duty, and may pump all the same
    unaskedPumps: true,
    readings: judgedReadings,
    pointsLeft,
    voidedSince,
    patterns: patternsOf,
  },
  earlier: measuredHistory,
  due,
  bench: {
    run: benchSheet,
    plain: plainDay,
    words: METERING_EVENTS,
    events: eventsFor,
    stroke: strokeSeen,
    channel: 'dose',
    // of the signal and the pulses, the one that it is not given
    hidden: ({ duty }) => [duty.signal.source === 'meter' ? 'signal' : 'pulses'],
    band: ({ duty }, channel) =>
      channel === 'dose' ? { low: duty.dose.low_mgl, high: duty.dose.high_mgl } : null,
    sums: () => SUMS,
    caveat: ({ seed }) =>
      `A simulation from the settings and the duty, with seed ${seed}. What gas does in the head is a fair guess; the pump itself decides. Prove at the pump.`,
  },
  strip: stripOf,
  handOver: {
    part: partOf,
    facts: factsOf,
    runs: runsSaid,
    fromFirst,
    days: { sheets: comparedSheets, block: comparedDay },
    tables: (view) => [readingsTable(view)],
  },
});
