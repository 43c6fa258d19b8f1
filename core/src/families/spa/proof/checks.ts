import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { timeOfDay } from '../../../time';
import { supplyCut, words } from '../../parts/proof-checks';
import { runsOf } from '../effect/cycles';
import { worstLoad, stateSaid } from '../effect/load';
import { rowOf } from '../effect/match';
import { bodyOf, heaterFlows, heat_W } from '../effect/tub';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import { ownWay } from '../../parts/behaviours';
import { outputChecks } from './outputs';

/** The checks that this pack with these settings needs, in the order of work. */
export function proofChecks(context: SpaContext, settings: SpaSettings): ProofCheck[] {
  return [
    ...number(context, settings),
    ...outputChecks(context, settings),
    ...clamp(context, settings),
    ...warms(context),
    ...cycleStarts(settings),
    rcd(),
    messages(context),
    ...supplyCut(ownWay(context.profile.behaviours.afterPowerCut)),
  ];
}

function number({ profile, readInside }: SpaContext, settings: SpaSettings): ProofCheck[] {
  if (settings.number === null) return [];
  const insideAlone = profile.behaviours.numberSeen === 'set-up';
  const page = stateCheck(
    {
      key: 'page-gone',
      about: { kind: 'set-up' },
      title: 'The set-up page is gone',
      method: 'Supply off and on again with the set-up switch off, and look at the panel.',
      expected: 'its own display, no set-up page',
      caution: 'It may start by itself.',
    },
    {
      gone: 'Its own display',
      page: wrong(
        'The set-up page again',
        'SPA-02',
        'standing',
        'The set-up page comes again',
        'The set-up switch is still on.',
      ),
    },
    'gone',
  );
  const back: ProofCheck = {
    key: 'number-back',
    about: { kind: 'number', at: settings.number },
    title: 'The number, read back',
    method: insideAlone
      ? 'In the set-up page, where alone it is seen; before its switch goes off.'
      : 'After the restart: as its start-up display or its information page shows it.',
    expected: String(settings.number),
    tolerance: 'none',
    caution: null,
    pumps: false,
    ask: {
      kind: 'figure',
      figure: { key: 'number', label: 'Number that it shows', quantity: 'plain' },
      least: settings.number,
      greatest: settings.number,
      off: slip(
        'SPA-01',
        'standing',
        'Another number stands',
        'The page was left without storing, or it was turned on: choose it again.',
      ),
    },
  };
  // what was read back where alone it is seen is not opened for once more
  const read = insideAlone && readInside === settings.number;
  const opens = profile.behaviours.bank.some(({ setUp }) => setUp);
  return [...(read ? [] : [back]), ...(opens ? [page] : [])];
}

/** What a clamp, the supply's own voltage and a breaker's line are off by together. */
const CLAMP_SHARE = 0.15;

/** Current in the worst state that its row allows: only where a licensed person measures. */
function clamp({ duty, table }: SpaContext, settings: SpaSettings): ProofCheck[] {
  const row = rowOf(table, settings.number);
  if (!row) return [];
  const { worst_A, phase, state } = worstLoad(duty, row);
  return [
    {
      key: 'clamp',
      about: { kind: 'current', at: worst_A },
      title: 'Current in the worst state',
      method: `Run ${stateSaid(duty, state)}, and read phase ${phase} with a clamp outside the cabinet.`,
      expected: words('motorCurrent', worst_A),
      tolerance: `${CLAMP_SHARE * 100} %: voltage of the day, and the clamp`,
      caution: 'Only a licensed electrician measures where parts are live.',
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'current_A', label: 'Clamp', quantity: 'motorCurrent' },
        least: worst_A * (1 - CLAMP_SHARE),
        greatest: worst_A * (1 + CLAMP_SHARE),
        off: slip(
          'SPA-04',
          'standing',
          'Another current than calculated',
          'What is connected is not what was listed: plates of pumps and heater again.',
        ),
      },
    },
  ];
}

/** Ten steps of a thermometer that shows tenths. */
const RISE_K = 1;
const RISE_SHARE = 0.25;

/** Minutes that the water takes for ten steps of the thermometer, from what it is held at in the usual air; null where it does not rise. */
export function riseTime_min({ duty }: Pick<SpaContext, 'duty'>): number | null {
  const body = bodyOf(duty);
  const at = Math.min(duty.wanted.temperature_C, duty.wanted.limit_C);
  const net_W = heat_W(duty) - body.loss_WK * Math.max(0, at - duty.tub.air_C);
  return net_W <= 0 ? null : ((RISE_K * body.held_WhK) / net_W) * 60;
}

/** The water warms by (P − k·(T − Ta))/C. */
function warms(context: SpaContext): ProofCheck[] {
  const takes = riseTime_min(context);
  if (takes === null || heaterFlows(context.duty) === false) return [];
  return [
    {
      key: 'warms',
      about: { kind: 'heat', at: takes },
      title: 'The water warms',
      method: `Cover shut, jets off, the heater on: read the water by your own thermometer, and again after ${words('minutes', Math.round(takes))}.`,
      expected: `${words('difference', RISE_K)} warmer`,
      tolerance: `${RISE_SHARE * 100} %: wind, cover and the fill of the tub`,
      caution: 'Hot water.',
      pumps: false,
      wait: { words: 'Wait for the second reading', lasts_s: Math.round(takes) * 60 },
      ask: {
        kind: 'figure',
        figure: { key: 'rise_K', label: 'Warmer by', quantity: 'difference' },
        least: RISE_K * (1 - RISE_SHARE),
        greatest: RISE_K * (1 + RISE_SHARE),
      },
    },
  ];
}

function cycleStarts(settings: SpaSettings): ProofCheck[] {
  const runs = runsOf(settings);
  if (!runs || runs.length === 0) return [];
  return [
    stateCheck(
      {
        key: 'cycle-starts',
        about: { kind: 'cycle' },
        title: 'A filter cycle starts by itself',
        method: `Wait for ${timeOfDay(runs[0].from)}; or set the clock a minute before it, watch it start, and set the clock right again.`,
        expected: 'it starts at its time',
        caution: 'The tub starts by itself.',
      },
      {
        starts: 'Starts',
        not: wrong(
          'Nothing starts',
          'SPA-06',
          'clock',
          'No cycle starts',
          'Clock, start and length: the change of number put them back.',
        ),
        late: wrong(
          'At another time',
          'SPA-06',
          'clock',
          'Starts at another time',
          'The clock, or morning for evening.',
        ),
      },
      'starts',
    ),
  ];
}

function rcd(): ProofCheck {
  return {
    ...stateCheck(
      {
        key: 'rcd',
        title: 'The residual-current protection',
        method: 'Nobody in the water: press its own test key.',
        expected: 'it trips at once, and stays in when it is switched on again',
        caution: 'Where it does not trip, nobody bathes until a licensed electrician was there.',
      },
      {
        trips: 'It trips',
        not: wrong(
          'Does not trip',
          'SPA-11',
          'wiring',
          'The protection does not trip',
          'Supply off and locked; nobody bathes; a licensed electrician.',
        ),
        again: wrong(
          'It trips again by itself',
          'SPA-11',
          'wiring',
          'It trips again by itself',
          'Something leaks current: supply off and locked; a licensed electrician finds it.',
        ),
      },
      'trips',
    ),
    // no setting of the pack moves it
    voidedBy: [],
  };
}

function messages({ profile }: SpaContext): ProofCheck {
  const known = profile.behaviours.messages.filter(({ kind }) => kind === 'reminder');
  const said =
    known.length > 0 ? ` Reminders of it: ${known.map(({ shows }) => `“${shows}”`).join(', ')}.` : '';
  return stateCheck(
    {
      key: 'no-fault',
      title: 'No message that is a fault',
      method: `Read the panel once it has settled.${said}`,
      expected: 'no message, or a reminder',
    },
    {
      none: 'No message',
      fault: wrong(
        'A fault',
        'ANY-14',
        'standing',
        'A fault stands',
        'Look it up in the maker’s manual, and find its cause before anyone bathes.',
      ),
      reminder: 'A reminder',
      unknown: wrong(
        'One that is not known',
        'ANY-14',
        'standing',
        'A message that is not known',
        'Write it down as it stands, and look it up in the maker’s manual.',
      ),
    },
    'none',
  );
}
