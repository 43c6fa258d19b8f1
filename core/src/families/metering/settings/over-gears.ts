import { bySeverity, type Finding } from '../../../findings';
import type { MeteringContext } from './context';

/** Findings as they would be with one gear. */
export interface GearFindings {
  readonly gear: string;
  readonly findings: readonly Finding[];
}

/**
 * The findings of every gear that may be fitted, as one list: what holds whatever is fitted stands once; of what hangs on the gear
 * the worst of either side is told, with the gear it takes.
 */
export function overGears(context: MeteringContext, all: readonly GearFindings[]): Finding[] {
  const told = new Map<string, { finding: Finding; gears: string[] }>();
  for (const { gear, findings } of all) {
    for (const finding of findings) {
      const print = JSON.stringify([finding.text, finding.severity, finding.values]);
      const known = told.get(print);
      if (known) known.gears.push(gear);
      else told.set(print, { finding, gears: [gear] });
    }
  }
  const always = [...told.values()].filter(({ gears }) => gears.length === all.length);
  const worst = new Map<string, { finding: Finding; gears: string[] }>();
  for (const one of told.values()) {
    if (one.gears.length === all.length) continue;
    const key = `${one.finding.code} ${sideOf(one.finding, context)}`;
    const known = worst.get(key);
    if (!known || weightOf(one.finding, context) > weightOf(known.finding, context)) worst.set(key, one);
  }
  return bySeverity([
    ...always.map(({ finding }) => finding),
    ...[...worst.values()].map(({ finding, gears }): Finding => ({
      ...finding,
      given: [
        finding.given,
        `The gear was not read: this is ${gears.length > 1 ? 'with gears' : 'with gear'} ${gears.join(' and ')}.`,
      ]
        .filter((words) => words !== undefined)
        .join(' '),
    })),
  ]);
}

function doseIn({ values }: Finding): number | null {
  const { dose } = values;
  return dose !== undefined && typeof dose !== 'string' ? dose.v : null;
}

function sideOf(finding: Finding, { duty }: MeteringContext): 'over' | 'under' | '' {
  const dose = doseIn(finding);
  if (dose === null) return '';
  return dose > duty.dose.wanted_mgl ? 'over' : 'under';
}

const SEVERITY = { stop: 2, warn: 1, note: 0 } as const;

/** Stops weigh most; of two alike the dose that is further off. */
function weightOf(finding: Finding, { duty }: MeteringContext): number {
  const dose = doseIn(finding);
  const far =
    dose === null ? 0 : dose <= 0 ? 10 : Math.min(10, Math.abs(Math.log(dose / duty.dose.wanted_mgl)));
  return SEVERITY[finding.severity] * 100 + far;
}
