import { CLAMPED_REASON } from '../../parts/clamped';
import { REPAIRED_REASON } from '../../parts/repair';
import type { TextValues } from '../../../findings';

/** Why a target is what it is: a template and its figures. */
export interface PoolReason {
  readonly text: keyof typeof POOL_REASONS;
  readonly values: TextValues;
}

export const POOL_REASONS = {
  ...CLAMPED_REASON,
  ...REPAIRED_REASON,
  'mode.automatic': 'Programs run in automatic only.',
  'command.own': 'Its own programs command it.',
  'command.relay': 'The panel’s relays command it.',
  'command.link': 'The panel commands it over its link.',
  'address.keep': 'No other pump on the link has this address.',
  'address.free': 'The next address that nobody on the link has.',
  'kind.plate': 'The kind on the plate: the watts it shows depend on it.',
  'limit.wall': 'With a clean filter {wall}, {flow}, is reached at {speed}.',
  'limit.open': 'No limit of the plant is known that this pump could pass: its full speed.',
  'prime.sense': 'Senses a full prime and goes on at once.',
  'prime.fixed': 'Runs a fixed time: it cannot sense a full prime.',
  'prime.off': 'Filled by hand, as chosen.',
  'prime.speed': 'Fast enough to pull the water up, and below {wall}.',
  'prime.time': 'Time to pull the water up, short enough not to run dry for long.',
  'boost.speed': 'As it was, and below {wall}.',
  'timed.speed': '{name}: {flow}, started by hand.',
  'timed.length': '{name} is required for {time}; it then ends by itself, and the programs take over.',
  'timed.start': 'A key for a timed run: no schedule stands in it.',
  'timed.none': 'A key for timed runs: a schedule in it never runs.',
  'timed.key': 'Starts {name}.',
  'prime.hold': 'No longer at prime speed than it takes.',
  'program.days': '{name}: {days}.',
  'program.start': '{name} from {start} to {stop}.',
  'program.stop': '{name} from {start} to {stop}.',
  'program.speed': '{name}: {flow} with the filter as it is before a wash.',
  'program.circuit': 'Runs {name}.',
  'program.on': 'Stored is not running: its own enable.',
  'program.off': 'Not used in this plan.',
  'program.key': 'The slot is a front key: left free for manual runs.',
  'circuit.speed': 'Gives {name} its {flow}.',
  'circuit.most': 'The fastest that the plant allows: it gives {name} {given} of the {flow} that it needs.',
  'circuit.run': '{name} runs at the speed of its programs.',
  'circuit.frost.on': 'Its pipes stand in the frost.',
  'circuit.frost.off': 'Its pipes are out of the frost.',
  'frost.on': 'Keeps water in the pipes moving. Draining is still needed where winters are hard.',
  'frost.full': 'Runs at full speed, as chosen.',
  'frost.off': 'No frost comes, or the pipes are drained, as chosen.',
  'frost.temperature': 'Above freezing by what sensor and pipe may differ.',
  'frost.speed': 'Low is enough to move water: {flow}.',
  'frost.lifted':
    'Slower it lifts nothing: at this speed {circuits} gets its minimum flow, {flow} with its lift.',
  'heat.source': 'As the site heats.',
  'heat.pool': 'As agreed; at most {warmest} is allowed.',
  'heat.tub': 'As agreed; it counts only while the tub is selected.',
  'heat.tub-idle':
    'No tub is heated here; it is kept at the {warmest} that are allowed, should it ever be selected.',
  'heat.after-run': 'The heater’s own heat is carried off after it stops.',
  'solar.start': 'The roof must be this much warmer before it is worth running.',
  'solar.stop': 'Well below the start, or it cycles.',
  'chlorinator.output': '{needed} in {hours} of running at {rated}.',
  'chlorinator.short': '{needed} cannot be made in {hours} of running: full output, and still short.',
  'chlorinator.cold': 'Its maker lets it idle below this water.',
  'sensor.offset': '{sensor} by itself shows {off} {way}, against the reference.',
  'delay.cleaner': 'The main pump is primed and running first.',
  'summer.follows': 'The site’s clock changes; the controller goes with it.',
  'password.own': 'Others can reach its menu, and everyone knows the default.',
  'key.nothing': 'A child can reach it.',
  'after-cut.resume': 'Circulation goes on by itself.',
  'after-cut.wait': 'Waits for a person, as chosen.',
  hand: 'Set by hand in the plan.',
} as const;
