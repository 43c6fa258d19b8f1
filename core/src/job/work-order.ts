import { linesOf } from '../describe';
import { ALL_TEXTS, familyOf } from '../families';
import { grouped, renderFinding } from '../findings';
import { inOrderOfWork, addressOf, wordsFor, type Parameter, type SettingValue } from '../profile';
import { dateInWords } from '../time';
import { displayUnit, presentReader } from '../units';
import { chosenWords } from './sheet/chosen-words';
import { checksOf } from './proof/offered-checks';
import { plateOf } from '../visit';
import type { JobView } from './view';

/** What is taken along to a pump on paper, before anything is done there. */
export interface WorkOrder {
  readonly title: string;
  readonly about: string;
  readonly sections: readonly WorkSection[];
}

export interface WorkSection {
  readonly heading: string;
  readonly lines: readonly string[];
  /** each line is ticked off at the pump */
  readonly ticked: boolean;
}

/**
 * The order of work of a job: what the pump is to do, what is read on arrival, how it is made safe, each setting with its target and why,
 * what is wrong with the plan, and what is tried with what it must do. Of a job without a plan it says so, and is the sheet to be filled in.
 */
export function workOrder(view: JobView): WorkOrder {
  const { document } = view;
  const { pump, site, job, unit, profile } = document;
  return {
    title: `Work order: ${pump.tag}`,
    about: [
      `${pump.name}, ${[pump.place, site.name].filter(Boolean).join(', ')}`,
      [unit.model, unit.serial && `serial ${unit.serial}`, profile.name].filter(Boolean).join(', '),
      `planned for ${dateInWords(job.plannedFor)}`,
    ].join('; '),
    sections: [
      { heading: 'Duty', lines: duty(view), ticked: false },
      { heading: 'On arrival, before anything is touched', lines: arrival(view), ticked: true },
      { heading: 'Made safe', lines: safe(view), ticked: true },
      { heading: 'Settings, in the order of work', lines: settings(view), ticked: true },
      { heading: 'Open on the plan', lines: open(view), ticked: false },
      { heading: 'Proved at the pump', lines: proofs(view), ticked: true },
    ],
  };
}

function duty({ duty: wanted, profile }: JobView): string[] {
  if (!wanted) return ['No duty is entered yet.'];
  const { forms } = familyOf(profile.family);
  return linesOf(forms.duty, wanted as never, presentReader()).map(([name, words]) => `${name}: ${words}`);
}

/** Room to write a figure into. */
const BLANK = '________';

function arrival({ document, profile }: JobView): string[] {
  const reader = presentReader();
  return familyOf(profile.family)
    .arrival.readings.fields(document)
    .map(({ label, quantity }) => `${label} ${BLANK} ${displayUnit(quantity, reader.system)}`.trim());
}

const safe = ({ profile }: JobView): string[] =>
  familyOf(profile.family).arrival.makeSafe.map(({ words }) => words);

/** Each setting that has a target, as it is known and as it is to be; of a job without any the whole sheet, to be read. */
function settings({ profile, rows, values }: JobView): string[] {
  const rowOf = new Map(rows.map((row) => [row.address, row]));
  const known = (parameter: Parameter) => {
    const value = values.force[parameter.key];
    return value === undefined ? BLANK : said(parameter, value);
  };
  const all = inOrderOfWork(profile).filter(({ fixed }) => fixed === undefined);
  const targets = all.flatMap((parameter) => {
    const row = rowOf.get(addressOf(parameter));
    const value = row?.target?.value ?? null;
    if (!row || value === null) return [];
    const why = row.chosen ? chosenWords(parameter, row) : (row.target?.reason ?? '');
    const same = values.force[parameter.key] === value;
    return [
      same
        ? `${parameter.label}: stays at ${said(parameter, value)}`
        : `${parameter.label}: ${known(parameter)} → ${said(parameter, value)}. ${why}`.trim(),
    ];
  });
  if (targets.length > 0) return targets;
  return [
    'No plan is accepted yet: read each as found.',
    ...all.map((one) => `${one.label} ${BLANK} ${one.unit ?? ''}`.trim()),
  ];
}

function said(parameter: Parameter, value: SettingValue): string {
  const unit =
    typeof value === 'number' && parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  return `${wordsFor(parameter, value)}${parameter.type === 'time' ? '' : unit}`;
}

function open({ findings }: JobView): string[] {
  const reader = presentReader();
  const words = grouped(findings.target)
    .filter(([first]) => first.severity !== 'note')
    .map(([first]) => {
      const { title, todo } = renderFinding(first, ALL_TEXTS, reader);
      return `${title}. ${todo}`;
    });
  return words.length > 0 ? words : ['Nothing.'];
}

/** What is tried once the targets are set, with what it must do. */
function proofs(view: JobView): string[] {
  const { context, document, profile, values } = view;
  if (!context) return ['What is tried follows from the duty.'];
  const family = familyOf(profile.family);
  const set = family.understand(profile, plateOf(document), { ...values.force, ...values.planned });
  return checksOf(family, context, set).map(({ title, expected, caution }) =>
    [`${title}: ${expected}.`, caution].filter(Boolean).join(' '),
  );
}
