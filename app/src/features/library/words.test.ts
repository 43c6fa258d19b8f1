import { inOrderOfWork, type Parameter } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import circuitPanel from '../../../../profiles/circuit-panel-eight.json';
import motor from '../../../../profiles/motor-three-gears.json';
import numbered from '../../../../profiles/numbered-timer.json';
import fourSpeeds from '../../../../profiles/pool-drive-four-speeds.json';
import link from '../../../../profiles/pool-drive-link.json';
import tenSlots from '../../../../profiles/pool-drive-ten-slots.json';
import pulseWheel from '../../../../profiles/pulse-wheel.json';
import stepper from '../../../../profiles/stepper-flow.json';
import keyContact from '../../../../profiles/three-key-contact.json';
import twoPoint from '../../../../profiles/two-point-soft-keys.json';
import { METRIC } from '@barythm/core/units';
import { behaviourLines as linesOfBehaviours } from './behaviour-lines';
import { limitsInWords } from '../../kit/keys';
import { profileSchema } from '@barythm/core/families';

const ALL = [
  circuitPanel,
  motor,
  numbered,
  fourSpeeds,
  link,
  tenSlots,
  pulseWheel,
  stepper,
  keyContact,
  twoPoint,
].map((body) => profileSchema.parse(body));
const behaviourLines = (one: AnyProfile) => linesOfBehaviours(one, METRIC);
const lineOf = (profile: AnyProfile, name: string) =>
  behaviourLines(profile).find(([line]) => line === name)?.[1];
const profile = (id: string) => {
  const found = ALL.find((one) => one.id === id);
  if (!found) throw new Error(`There is no profile ${id}.`);
  return found;
};
const parameter = (id: string, key: string): Parameter => {
  const found = inOrderOfWork(profile(id)).find((one) => one.key === key);
  if (!found) throw new Error(`${id} has no ${key}.`);
  return found;
};

test.each(ALL.map((one) => [one.name, one] as const))(
  '%s: every habit and every limit is told in words',
  (_, one) => {
    const lines = behaviourLines(one);
    expect(lines.length).toBeGreaterThan(8);
    for (const [name, words] of lines) {
      expect(name).not.toBe('');
      expect(words).not.toMatch(/undefined|null|\[object|NaN/);
      expect(words.trim()).not.toBe('');
    }
    for (const each of inOrderOfWork(one)) expect(limitsInWords(each)).not.toMatch(/undefined|NaN|null/);
  },
);

test('what differs between pool controllers is told apart', () => {
  const overlap = (id: string) => lineOf(profile(id), 'Where two want the pump');
  expect(overlap('pool-drive-ten-slots')).toBe('latest start wins');
  expect(lineOf(profile('pool-drive-ten-slots'), 'The earlier one goes on when the other ends')).toBe('yes');
  expect(overlap('pool-drive-link')).toBe('first slot wins');
  expect(lineOf(profile('pool-drive-link'), 'The earlier one goes on when the other ends')).toBe('no');
  expect(overlap('circuit-panel-eight')).toBe('highest speed wins');
  expect(lineOf(profile('pool-drive-four-speeds'), 'Slots that are keys for timed runs')).toBe('5, 6');
  expect(lineOf(profile('pool-drive-four-speeds'), 'It protects')).toBe('the drive’s electronics alone');
  expect(lineOf(profile('pool-drive-ten-slots'), 'Clock outlasts a power cut of')).toMatch(/^96\sh$/);
  expect(lineOf(profile('circuit-panel-eight'), 'How set-up is marked complete')).toContain('complete');
});

test('what differs between metering controllers is told apart', () => {
  expect(lineOf(profile('motor-three-gears'), 'Maximum rate')).toMatch(/^A=\d+, B=.* strokes\/min$/);
  expect(lineOf(profile('pulse-wheel'), 'Recognition times')).toMatch(/ ms$/);
  expect(lineOf(profile('three-key-contact'), 'Current input')).toBe('none');
});

describe('limits', () => {
  test('of a figure: from, to, unit and step', () => {
    expect(limitsInWords(parameter('pool-drive-ten-slots', 'boostTime'))).toBe('5 to 240 min, step 5');
    expect(limitsInWords(parameter('circuit-panel-eight', 'waterOffset'))).toBe('-5 to 5 K, step 0.5');
  });
  test('of a time of day: as a clock shows it, with what stands instead of one', () => {
    expect(limitsInWords(parameter('pool-drive-ten-slots', 'start/3'))).toBe('0:00 to 23:59');
    expect(limitsInWords(parameter('pool-drive-four-speeds', 'from'))).toBe(
      '0:00 to 23:59, step 15 min, or --:--',
    );
  });
  test('of a choice: what there is to choose; of days: nothing', () => {
    expect(limitsInWords(parameter('pool-drive-ten-slots', 'state'))).toBe(
      'Automatic / By hand / Service hold',
    );
    expect(limitsInWords(parameter('pool-drive-ten-slots', 'days'))).toBe('');
  });
  test('that hang on another parameter are known once that one is', () => {
    const hanging = inOrderOfWork(profile('motor-three-gears')).find(
      (one) => typeof one.greatest === 'object',
    );
    if (!hanging || typeof hanging.greatest !== 'object')
      throw new Error('No limit hangs on another parameter.');
    const { by, values } = hanging.greatest;
    const [option, most] = Object.entries(values)[0];
    expect(limitsInWords(hanging)).toContain(Object.values(values).join('/'));
    expect(limitsInWords(hanging, { [by]: option })).toContain(` to ${most}`);
  });
});

test('what any controller may have is told where its profile says it, and not otherwise', () => {
  const said = profile('numbered-timer');
  expect(lineOf(said, 'They are opened by')).toBe('The code, typed into P 00');
  expect(lineOf(said, 'They close by themselves after')).toBe('they stay open');
  expect(lineOf(said, 'Alarm output')).toMatch(
    /^terminals 7 and 8, any fault, and an open stop input, .* opens, switches at most 50\sV and 0.5\sA$/,
  );
  const panel = profile('circuit-panel-eight');
  expect(lineOf(panel, 'Revision')).toBe('2.4');
  expect(lineOf(panel, 'Options assumed fitted')).toBe('Board for the heater, Board for the roof');
  expect(lineOf(panel, 'A timed hold lasts')).toMatch(/^60\smin$/);
  for (const name of ['Revision', 'Options assumed fitted', 'They are opened by', 'A factory reset shows'])
    expect(lineOf(profile('motor-three-gears'), name)).toBeUndefined();
});
