import { recordBodySchema } from './index';

const faults = (body: unknown) => {
  const parsed = recordBodySchema.safeParse(body);
  return parsed.success
    ? []
    : parsed.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);
};

const POOL_NOW = {
  kind: 'pool-now',
  speed_rpm: 1400,
  power_W: null,
  flow_m3h: null,
  filter_bar: null,
  water_C: 33.4,
  state: 'program',
  unreadable: { power_W: 'no meter' },
};
const CALIBRATION = {
  kind: 'calibration',
  by: 'strokes',
  volumes_mL: [21, 21.2, 20.9],
  amount: 100,
  shown_lph: null,
  division_mL: 0.2,
  bubbles: false,
  assumed_mL: 0.2,
  length_pct: 70,
  pressure_bar: 4,
  product: 'Hypochlorite',
};

describe('a record is taken as it is meant, and refused in words at its place', () => {
  test.each([
    ['a pool’s readings', POOL_NOW],
    ['a drawdown', CALIBRATION],
    [
      'a check with figures',
      { kind: 'check', check: 'power-1400', seen: null, figures: { power_W: 205 }, note: '' },
    ],
    ['salt with a kit', { kind: 'salt', panel_gl: 2.6, kit_gl: 3.4, added_kg: 20 }],
    [
      'a pool’s plate',
      {
        kind: 'identify',
        plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' },
        serial: 'PD-1',
        controllerAsProfile: true,
        command: 'link',
        note: '',
      },
    ],
    [
      'a metering pump’s plate',
      {
        kind: 'identify',
        plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
        serial: 'MM-1',
        controllerAsProfile: true,
        signalFrom: 'flow',
        note: '',
      },
    ],
  ])('%s', (_, body) => {
    expect(faults(body)).toEqual([]);
  });

  test.each([
    ['an unknown state', { ...POOL_NOW, state: 'asleep' }, 'state'],
    ['a reading that is a text', { ...POOL_NOW, water_C: '33' }, 'water_C'],
    ['something nobody asked for', { ...POOL_NOW, colour: 'green' }, 'colour'],
    ['no volume', { ...CALIBRATION, volumes_mL: [] }, 'Enter at least one volume.'],
    ['a volume of nothing', { ...CALIBRATION, volumes_mL: [0] }, 'A drawn volume must be more than 0.'],
    ['a stroke over full', { ...CALIBRATION, length_pct: 120 }, 'length_pct'],
    [
      'a figure that is none',
      { kind: 'check', check: 'prime', seen: null, figures: { minutes: '2' }, note: '' },
      'A reading must be a number.',
    ],
    ['salt taken out', { kind: 'salt', panel_gl: 3, kit_gl: 3, added_kg: -1 }, 'Salt cannot be taken out.'],
    ['valves without a name', { kind: 'valves', which: '', traced: true, seen: 'x' }, 'Say which valves.'],
    [
      'a reset without a reason',
      { kind: 'reset', what: 'faults', why: '', seen: null },
      'Say why it was reset.',
    ],
    ['automatic that nobody saw', { kind: 'automatic', seen: '' }, 'Say what you saw.'],
    ['a service of nothing', { kind: 'serviced', what: '', counter: null }, 'Say what was serviced.'],
    ['a kind that there is not', { kind: 'guess' }, 'kind'],
    ['nothing at all', null, ''],
  ])('%s is refused', (_, body, words) => {
    const said = faults(body);
    expect(said.length).toBeGreaterThan(0);
    expect(said.join(' ')).toContain(words);
  });
});
