import { familyOf, type JobDocument } from '../../families';
import { explainedBy, inOrderOfWork, roleOfOption, wordsFor, type Act, type Parameter } from '../../profile';
import { dateInWords } from '../../time';
import type { JobView } from '../view';
import { toldToOwner } from './told';

/** One page for those who live with a pump, line by line. */
export interface OwnerPage {
  readonly title: string;
  /** what it is and of when this is */
  readonly about: string;
  readonly sections: readonly OwnerSection[];
}

export interface OwnerSection {
  readonly heading: string;
  readonly lines: readonly string[];
}

/** Messages of one page; what more there are stands in the manual. */
const MOST_MESSAGES = 12;

/**
 * What those who live with a pump have to know, by the settings in force, its profile, and what was written down for them: when it runs
 * and why, how it is stopped, what each key does, its lamps and messages, what is locked and who keeps the code. Never the code: of a
 * locked setting nothing but that it is locked. What is not known is said to be not known.
 */
export function ownerPage(view: JobView): OwnerPage {
  const { document } = view;
  const { pump, site, job } = document;
  return {
    title: `How it works: ${pump.tag}`,
    about: [
      `${pump.name}, ${pump.place || site.name}`,
      `${document.handover ? 'as left on' : 'as known on'} ${dateInWords(document.handover?.summary.siteDate ?? job.plannedFor)}`,
    ].join('; '),
    sections: [
      { heading: 'When it runs', lines: runs(view) },
      { heading: 'How it is stopped', lines: stops(document) },
      { heading: 'Its keys', lines: keys(document) },
      { heading: 'Lamps and messages', lines: messages(document) },
      { heading: 'What is locked', lines: locked(view) },
      { heading: 'Whom to call', lines: call(document) },
    ],
  };
}

function runs(view: JobView): string[] {
  const said = familyOf(view.profile.family).handOver.runs(view as never);
  return said.length > 0 ? said : ['When it runs is not known: its settings were not read yet.'];
}

function stops(document: JobDocument): string[] {
  const { stopAt } = toldToOwner(document);
  const own = (document.profile.menu?.acts ?? []).filter(({ does }) => does === 'stops').map(actSaid);
  const at = stopAt === '' ? 'Where it is switched off was not written down.' : `Switched off at: ${stopAt}`;
  return [
    at,
    ...own,
    'In danger switch it off there first. Nobody opens the pump before it is switched off, locked and relieved of pressure.',
  ];
}

const PRESSED: Readonly<Record<Act['press'], string>> = { short: 'pressed', hold: 'held', turn: 'turned' };
const actSaid = ({ key, press, words }: Act) => `${key}, ${PRESSED[press]}: ${words}`;

function keys({ profile }: JobDocument): string[] {
  const said = (profile.menu?.acts ?? []).filter(({ does }) => does !== 'stops').map(actSaid);
  return said.length > 0
    ? said
    : [`What its keys do is explained in the maker’s manual${manualOf(profile)}.`];
}

const manualOf = ({ behaviours }: JobDocument['profile']) =>
  behaviours.manual ? `: ${behaviours.manual}` : '';

function messages({ profile }: JobDocument): string[] {
  const all = explainedBy(profile);
  const said = all
    .slice(0, MOST_MESSAGES)
    .map(({ shows, lamp, means, todo }) =>
      [`${lamp ? 'Lamp ' : ''}${shows}: ${ended(means)}`, ended(todo)].filter(Boolean).join(' '),
    );
  if (said.length === 0)
    return [`Its lamps and messages are explained in the maker’s manual${manualOf(profile)}.`];
  const more = all.length - said.length;
  return more > 0 ? [...said, `${more} more are explained in the maker’s manual.`] : said;
}

const ended = (words: string) =>
  words.trim() === '' || /[.!?]$/.test(words.trim()) ? words.trim() : `${words.trim()}.`;

/** Meanings that say that something is locked, of settings of any family. */
const LOCK = /^(lock|lock\..*|access\.lock|access\.password)$/;
const IS_LOCKED = /(\.on|\.locked|password\.own|password\.default)$/;

function locked({ document, profile, values }: JobView): string[] {
  const set = inOrderOfWork(profile)
    .filter(({ role }) => role !== undefined && LOCK.test(role))
    .flatMap((parameter) => lockSaid(parameter, values.force[parameter.key]));
  const opens = profile.behaviours.access;
  const needs = opens ? [`Its settings are opened by ${lowered(opens.opensBy)}`.replace(/\.?$/, '.')] : [];
  const { keeper } = toldToOwner(document);
  const kept =
    keeper !== ''
      ? [`Code or key is kept by: ${keeper}`]
      : set.length > 0 || needs.length > 0
        ? ['Who keeps code or key was not written down.']
        : [];
  const said = [...set, ...needs, ...kept];
  return said.length > 0 ? said : ['Nothing is known to be locked.'];
}

function lockSaid(parameter: Parameter, value: string | number | undefined): string[] {
  const meaning = value === undefined ? undefined : roleOfOption(parameter, value);
  if (value === undefined || meaning === undefined || !IS_LOCKED.test(meaning)) return [];
  // whether a password is the one it came with is nobody else's business
  return [
    meaning.startsWith('password')
      ? `${parameter.label}: set.`
      : `${parameter.label}: ${wordsFor(parameter, value)}.`,
  ];
}

const lowered = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

function call(document: JobDocument): string[] {
  const { call: whom } = toldToOwner(document);
  const due = document.handover?.nextDue;
  return [
    whom === '' ? 'Whom to call was not written down.' : whom,
    ...(due ? [`Next visit agreed: ${dateInWords(due)}.`] : []),
    `Have at hand: the tag ${document.pump.tag}, ${familyOf(document.profile.family).words}, and what its display shows.`,
  ];
}
