import { strokesPerPulse } from '../../../dosing';
import { stateCheck, wrong, type ProofCheck } from '../../../proof';
import { canSiphon } from '../checks/guards';
import type { MeteringContext } from '../settings/context';
import { choicesOf } from '../wire/duty';
import { askPulses, askThrottle } from './asks';
import type { CheckKey } from './check-keys';
import { amountChecks, gasChecks } from './amounts';
import { flowTolerance } from './readings';
import type { MeteringSettings } from '../settings/understand';

type MeteringCheck = ProofCheck<CheckKey>;

const RUNS = {
  runs: wrong(
    'Runs',
    'MET-10',
    'wiring',
    'The stop contact does not stop it',
    'The input is of the other kind, or the wire goes elsewhere. Until it is right a closed valve or still water does not stop the dose.',
  ),
  stands: 'It stands still',
};

/** The checks that this pump with these settings needs, in the order of work. */
export function proofChecks(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  return [
    ...pulses(settings),
    ...amountChecks(context, settings),
    ...stopContact(context, settings),
    ...levels(context, settings),
    prime(context),
    ...gasChecks(context, settings),
    ...throttle(context, settings),
    ...holds(context),
    ...powerCut(settings, context.duty.place.switchedByMains === true),
  ];
}

function pulses(settings: MeteringSettings): MeteringCheck[] {
  if (!settings.pulses || settings.ceiling_spm === null) return [];
  const perPulse = strokesPerPulse(settings.pulses.way, settings.pulses.factor);
  return [
    {
      key: 'pulses',
      title: 'Pulses in, strokes out',
      method:
        'Close the contact a known number of times, by a pulse generator or by hand, and count the strokes.',
      expected:
        settings.pulses.way === 'multiply'
          ? `${settings.pulses.factor} ${settings.pulses.factor === 1 ? 'stroke' : 'strokes'} for each pulse`
          : `one stroke for ${settings.pulses.factor} pulses`,
      tolerance: 'one stroke: the pump may stand within a count',
      caution: null,
      pumps: true,
      ask: askPulses({ perPulse, ceiling_spm: settings.ceiling_spm }),
    },
  ];
}

function stopContact({ duty, profile }: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  if (!duty.place.stopContact || profile.behaviours.stopInput === undefined || !settings.stopKind) return [];
  const permits = settings.stopKind === 'permits';
  const check = (
    key: CheckKey,
    title: string,
    method: string,
    runs: boolean,
    caution: string | null = null,
  ): MeteringCheck =>
    stateCheck(
      { key, title, method, expected: runs ? 'it runs' : 'it stands still', caution, pumps: true },
      RUNS,
      runs ? 'runs' : 'stands',
    );
  return [
    check('stop-closed', 'Stop contact closed', 'Close the contact with the pump asked to run.', permits),
    check('stop-open', 'Stop contact open', 'Open the contact with the pump asked to run.', !permits),
    check(
      'stop-wire',
      'Wire of the stop contact pulled',
      'Pull the wire off the input with the pump asked to run.',
      !permits,
      'Extra-low voltage side only; mains terminals belong to a licensed electrician.',
    ),
    ...firstStage(profile.behaviours.stopWarnsFirst),
  ];
}

/** A stop input in two stages warns before it stops: whoever is to change the drum is told while it still doses. */
function firstStage(shows: string | undefined): MeteringCheck[] {
  if (shows === undefined) return [];
  const silent = [
    'MET-10',
    'wiring',
    'The first stage is not told',
    'Which contact of the lance or relay is the early one, and whether its wire is on the first stage.',
  ] as const;
  return [
    stateCheck<CheckKey>(
      {
        key: 'stop-first',
        title: 'First stage of the stop input',
        method: 'Close the first stage alone, with the pump asked to run.',
        expected: `it doses on, and shows: ${shows}`,
        pumps: true,
      },
      {
        warns: 'Doses on and shows it',
        silent: wrong('Doses on, shows nothing', ...silent),
        stands: wrong('Stands still', ...silent),
      },
      'warns',
    ),
  ];
}

const DRY_STATES = { stops: 'Stops', warns: 'Warns, goes on', nothing: 'Nothing' };

const DRY_BY = {
  flow: 'flow monitor misses its strokes',
  pressure: 'pressure over the stroke goes flat',
  power: 'power falls to that of an empty head',
} as const;

function levels({ profile, duty }: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const { dry } = profile.behaviours;
  if (dry === undefined || dry === 'none' || settings.dry === null) return [];
  const stops = settings.dry === 'stop';
  const by = choicesOf(duty).dryBy;
  if (by !== 'level') {
    return [
      stateCheck(
        {
          key: 'level-stop',
          title: 'Running dry',
          method: `Let it draw air for some strokes, and watch that the ${DRY_BY[by]}.`,
          expected: stops ? 'it stops' : 'it warns and goes on',
          caution: 'Lift the suction out of water, not out of the chemical.',
        },
        DRY_STATES,
        stops ? 'stops' : 'warns',
      ),
    ];
  }
  return [
    stateCheck(
      {
        key: 'level-warn',
        title: 'Level switch, first stage',
        method: 'Lift the level switch out of the liquid to its first stage.',
        expected: 'it warns and goes on',
      },
      { warns: 'Warns, goes on', stops: 'Stops', nothing: 'Nothing' },
      'warns',
    ),
    stateCheck(
      {
        key: 'level-stop',
        title: 'Level switch, last stage',
        method: 'Lift the level switch out of the liquid altogether.',
        expected: stops ? 'it stops' : 'it warns and goes on',
      },
      DRY_STATES,
      stops ? 'stops' : 'warns',
    ),
  ];
}

function prime({ profile }: MeteringContext): MeteringCheck {
  return stateCheck(
    {
      key: 'prime',
      title: 'Prime',
      method: profile.behaviours.priming,
      expected: 'full rate while held, and back to its mode when let go',
      pumps: true,
    },
    {
      returns: 'Full rate, then back',
      other: wrong(
        'Something else',
        'ANY-03',
        'wiring',
        'Does not come back from priming',
        'Look at its display: it may stand in manual or stopped.',
      ),
    },
    'returns',
  );
}

function throttle(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const { profile, duty } = context;
  if (!profile.behaviours.compensates && !duty.pressure) return [];
  const on = settings.compensation === 'on';
  const lossPer_bar = duty.pressure?.lossPer_bar ?? null;
  return [
    {
      key: 'throttle',
      title: 'Throttle the discharge in steps',
      method: 'At one set flow: read pressure, rate and flow, throttle a little, and read again.',
      expected: on
        ? 'the flow stays, the rate rises'
        : lossPer_bar === null
          ? 'the flow falls as the pressure rises, and the rate stays'
          : `the flow falls by ${(lossPer_bar * 100).toFixed(1)} % a bar, and the rate stays`,
      tolerance: `${flowTolerance(context) * 100} % of the first flow`,
      caution: 'Never shut a displacement pump in without a relief valve.',
      pumps: true,
      ask: askThrottle({ compensates: on, lossPer_bar }),
    },
  ];
}

function holds(context: MeteringContext): MeteringCheck[] {
  const { place } = context.duty;
  if (place.suctionHead_m === null && !canSiphon(context)) return [];
  return [
    stateCheck(
      {
        key: 'holds',
        title: 'The stopped pump holds its liquid',
        method: 'Stop the pump and watch the level in the cylinder for a minute.',
        expected: 'the level stays',
      },
      {
        stays: 'It stays',
        moves: wrong(
          'It moves',
          'MET-26',
          'wiring',
          'Liquid moves through the stopped pump',
          'It siphons, or a valve leaks. Fit a loading valve or clean the valves; keep the tank’s outlet shut until then.',
        ),
      },
      'stays',
    ),
  ];
}

function powerCut(settings: MeteringSettings, switchedByMains: boolean): MeteringCheck[] {
  const { afterPowerCut } = settings;
  if (afterPowerCut === null) return [];
  // a pump that its supply switches works only if it resumes
  const resumes = switchedByMains || afterPowerCut === 'resume';
  return [
    stateCheck(
      {
        key: 'power-cut',
        title: 'Supply off and on',
        method: 'Switch the pump’s supply off and on at its own switch.',
        expected: resumes ? 'it resumes dosing by itself' : 'it waits for a person',
        caution: 'At the switch that is meant for it; nothing live is opened.',
        pumps: true,
      },
      {
        resumes: wrong(
          'It resumes',
          'ANY-12',
          'wiring',
          'Starts by itself after a power cut',
          'The pump is set, or built, to resume: everybody who works on it must know, and still water gets a dose.',
        ),
        waits: wrong(
          'Waits',
          'MET-23',
          'wiring',
          'Waits after a power cut',
          'Its mains supply switches it: set it to resume.',
        ),
      },
      resumes ? 'resumes' : 'waits',
    ),
  ];
}
