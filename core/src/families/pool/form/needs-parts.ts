import {
  aChoice,
  aFigure,
  aSwitch,
  aTime,
  aWord,
  beside,
  counted,
  months,
  type Part,
  rowsOf,
  someDays,
  together,
} from '../../../describe';

/** Hours that circuits need, quiet hours, pauses and least flow. */
export const NEEDS_PART: Part = {
  name: 'needs',
  title: 'Needs and rules',
  says: (look) => {
    const quiet = look.isOn('quiet')
      ? `quiet from ${look.at('quiet.from')} to ${look.at('quiet.to')}`
      : 'no quiet hours';
    const pause = look.at('longestPause_min');
    return `${counted(look.rows('needs').length, 'circuit')} with hours of their own; ${quiet}; ${pause ? `no pause over ${pause} min` : 'any pause'}.`;
  },
  fields: [
    rowsOf(
      'needs',
      'Add hours for a circuit',
      [
        aChoice('circuit', 'Circuit', (look) =>
          look.names('circuits').map((name) => ({ value: name, label: name })),
        ),
        someDays('days', 'On'),
        beside(
          aTime('from', 'Between', { hint: 'Such as 10:00' }),
          aTime('to', 'and'),
          aFigure('hours', 'For', 'hours', { blank: 'null', hint: 'Blank: all of it' }),
        ),
      ],
      { blank: { days: '1234567' } },
    ),
    beside(
      aFigure('longestPause_min', 'Longest pause', 'minutes', {
        blank: 'null',
        hint: 'Local code or operator',
      }),
      aFigure('leastFlow_m3h', 'Never less than', 'waterFlow', { blank: 'null' }),
      aFigure('leastRun_min', 'Shortest run', 'minutes', { blank: 'zero' }),
    ),
    aSwitch('quiet', 'There are quiet hours', [
      beside(
        aTime('from', 'Quiet from'),
        aTime('to', 'to'),
        aFigure('greatest_rpm', 'At most', 'speed', { unit: 'rev/min' }),
      ),
    ]),
  ],
};

/** Runs that people start by hand, and that end by themselves. */
export const TIMED_PART: Part = {
  name: 'timed',
  title: 'Runs by hand',
  says: (look) => {
    const names = look.names('timedRuns').join(', ');
    return names === '' ? 'None that end by themselves.' : `${names}: started on a key.`;
  },
  fields: [
    rowsOf(
      'timedRuns',
      'Add a run that ends by itself',
      [
        aWord('name', 'Called', { hint: 'By the site’s own word' }),
        beside(
          aFigure('speed_rpm', 'At', 'speed', { unit: 'rev/min' }),
          aFigure('minutes', 'For', 'minutes'),
        ),
      ],
      { orNothing: true },
    ),
  ],
};

/** Prices by windows, weekdays and seasons. */
export const TARIFF_PART: Part = {
  name: 'tariff',
  title: 'Prices',
  fault: 'prices',
  says: (look) => {
    const currency = look.at('tariff.currency');
    return `${counted(look.rows('tariff.windows').length, 'price window')}${currency ? `, in ${currency}` : ''}.`;
  },
  fields: [
    together('tariff', [
      aWord('currency', 'Currency'),
      rowsOf(
        'windows',
        'Add a window',
        [
          someDays('days', 'On'),
          beside(
            aTime('from', 'From'),
            aTime('to', 'To', { hint: '24:00 ends the day' }),
            aFigure('price', 'A kWh costs', 'plain'),
            aWord('months', 'Months', { place: months, hint: 'Such as 10–3; blank: all year' }),
          ),
        ],
        { blank: { days: '1234567' }, least: 1 },
      ),
    ]),
  ],
};
