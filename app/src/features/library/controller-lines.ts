import { clockShows, type AlarmOutput, type Profile } from '@barythm/core/profile';
import type { Lines } from '../../families/family-screens';

const CLOCK = {
  none: 'none',
  time: 'shows the time',
  weekday: 'shows weekday and time',
  date: 'shows date and time',
} as const;

const DOES: Readonly<Record<AlarmOutput['contact'], string>> = {
  closes: 'closes',
  opens: 'opens',
  'changes-over': 'changes over',
};

/** What a profile of any family says of its controller, in lines to read; what it does not say has none. */
export function controllerLines(profile: Profile): Lines {
  const { revision, options, access, resetBy, resetShows, setUpEnd, alarms = [] } = profile.behaviours;
  const said = (name: string, words: string | undefined): Lines => (words ? [[name, words]] : []);
  return [
    ...said('Read from revision', revision),
    ...said('Options taken for fitted', options?.join(', ')),
    ['Clock', CLOCK[clockShows(profile) ?? 'none']],
    ...said('Settings are opened by', access?.opensBy),
    ...said(
      'and close again',
      access &&
        (access.closesAfter_min === null
          ? 'never by themselves'
          : `by themselves after ${access.closesAfter_min} min`),
    ),
    ...said('A factory reset', resetBy),
    ...said('A reset shows', resetShows),
    ...said('End of set-up', setUpEnd),
    ...alarms.map((alarm): Lines[number] => [`Alarm at ${alarm.name}`, alarmWords(alarm)]),
  ];
}

function alarmWords({ contact, tells, most_V, most_A }: AlarmOutput): string {
  const most = [
    ...(most_V === undefined ? [] : [`${most_V} V`]),
    ...(most_A === undefined ? [] : [`${most_A} A`]),
  ];
  return `${DOES[contact]} on this: ${tells}${most.length > 0 ? ` (at most ${most.join(', ')})` : ''}`;
}
