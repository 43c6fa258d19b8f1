import { fieldsOf, fieldsPlace, formOf, type Look, textAt, type Texts } from '../../../describe';
import { capital } from '../../../words';
import { volume_m3 } from '../../../hydraulics';
import { fig, figureWithUnit } from '../../../units';
import { bodySchema, type BodyOfWater } from '../wire/water';
import { poolDutySchema } from '../wire/duty';

const BODY_PLACE = fieldsPlace(fieldsOf(bodySchema));

/** A body of water as far as it is typed; null while it is not whole. */
function readBody(texts: Texts): BodyOfWater | null {
  let whole = true;
  const read = BODY_PLACE.read(texts, '', () => {
    whole = false;
  });
  const parsed = bodySchema.safeParse(read);
  return whole && parsed.success ? parsed.data : null;
}

/** A body of water in a line: how much it is, and how much of it moves in a day. */
function bodySaid(texts: Texts, { reader }: Look): string {
  const body = readBody(texts);
  const name = String(textAt(texts, 'name') ?? '');
  if (!body) return `${name}: not complete yet.`;
  const water = (m3: number) => figureWithUnit(fig('waterVolume', m3), reader);
  const m3 = volume_m3(body.shapes, body.depth_m);
  return `${name}: ${water(m3)}, turned over ${body.turnoversPerDay} times a day, ${water(m3 * body.turnoversPerDay)}.`;
}

const COMMANDS: Readonly<Record<string, string>> = {
  own: 'its own programs',
  relay: 'relays',
  link: 'a link',
};
const WINTERS: Readonly<Record<string, string>> = {
  '': 'Not said: what guards against frost is left as it is.',
  none: 'No frost comes.',
  light: 'Light frosts.',
  hard: 'Hard winters: drain down.',
};

function ownHours(count: number): string {
  if (count === 0) return 'No circuit has its own hours';
  return count === 1 ? '1 circuit with its own hours' : `${count} circuits with their own hours`;
}

/** What a pool pump is to do, in the order of work; its programs are kept apart, on the timeline. */
export const DUTY_FORM = formOf(poolDutySchema, {
  parts: [
    {
      name: 'water',
      title: 'Water',
      asks: ['bodies', 'water_C'],
      says: ({ look }) =>
        look
          .rows('bodies')
          .map((body) => bodySaid(body, look))
          .join(' '),
    },
    {
      name: 'points',
      title: 'Pump on its pipes',
      fault: 'points',
      asks: ['pumpSpeeds', 'pointsFrom', 'points', 'beforeWash', 'second'],
      says: (say) =>
        `${say.counted('points', 'point')} ${say.at('pointsFrom') === 'measured' ? 'measured' : 'from the plate'}; before a wash ${say.of('beforeWash')} of that flow.`,
    },
    {
      name: 'limits',
      title: 'Flow limits',
      asks: ['limits'],
      says: (say) => `Filter ${say.of('limits.filter_m3h')}, suction cover ${say.of('limits.cover_m3h')}.`,
    },
    {
      name: 'circuits',
      title: 'Circuits',
      asks: ['circuits'],
      says: (say) => `${say.names('circuits').join(', ')}.`,
    },
    {
      name: 'needs',
      title: 'Needs and rules',
      asks: ['needs', 'longestPause_min', 'leastFlow_m3h', 'leastRun_min', 'quiet'],
      says: (say) => {
        const quiet = say.isOn('quiet')
          ? `quiet from ${say.at('quiet.from')} to ${say.at('quiet.to')}`
          : 'no quiet hours';
        const pause = say.at('longestPause_min');
        return `${ownHours(say.rows('needs').length)}; ${quiet}; ${pause ? `no pause over ${pause} min` : 'any pause'}.`;
      },
    },
    {
      name: 'timed',
      title: 'Runs by hand',
      asks: ['timedRuns'],
      says: (say) => {
        const names = say.names('timedRuns').join(', ');
        return names === '' ? 'None that end by themselves.' : `${names}: started on a key.`;
      },
    },
    {
      name: 'tariff',
      title: 'Prices',
      fault: 'prices',
      asks: ['tariff'],
      says: (say) => {
        const currency = say.at('tariff.currency');
        return `${say.counted('tariff.windows', 'price window')}${currency ? `, in ${currency}` : ''}.`;
      },
    },
    {
      name: 'command',
      title: 'Command, linked devices, place',
      asks: [
        'command',
        'otherAddresses',
        'linked',
        'place',
        'choices.keys',
        'choices.priming',
        'choices.afterCut',
      ],
      says: (say) =>
        `Commanded by ${COMMANDS[say.at('command')] ?? '?'}; linked: ${say.names('linked').join(', ') || 'nothing'}.`,
    },
    {
      name: 'winter',
      title: 'Winter',
      asks: ['winter', 'choices.frost', 'frostNight'],
      says: (say) => WINTERS[say.at('winter')] ?? '',
    },
    {
      name: 'heat',
      title: 'Heat',
      asks: ['heat'],
      says: (say) =>
        say.isOn('heat')
          ? `${capital(say.of('heat.source'))}, pool at ${say.of('heat.pool_C')}.`
          : 'Not heated by this pump’s water.',
    },
    {
      name: 'chlorinator',
      title: 'Chlorinator',
      asks: ['chlorinator'],
      says: (say) =>
        say.isOn('chlorinator')
          ? `${say.of('chlorinator.rated_gph')} rated, ${say.of('chlorinator.needed_gpd')} a day needed.`
          : 'None.',
    },
  ],
  // what most sites have stands in a form that nobody has filled in
  start: {
    bodies: [{ name: 'Pool', kind: 'pool', shapes: [{ shape: 'rectangle' }] }],
    points: [{}],
    pointsFrom: 'measured',
    beforeWash: 0.9,
    circuits: [{ name: 'Filter', kind: 'filter' }],
    tariff: { windows: [{ days: '1234567', from: 0, to: 1440 }] },
    command: 'own',
    frostNight: { hours: 8, perYear: 0 },
    leastRun_min: 30,
  },
});
