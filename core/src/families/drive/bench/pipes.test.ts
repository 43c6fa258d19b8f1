import fc from 'fast-check';
import { AIR_bar } from '../../../hydraulics';
import { contextOf, SET, sound } from '../fixtures';
import { understand } from '../settings/understand';
import { flowOfAll, moveWater } from './pipes';
import { drivePlant } from './plant';
import { BLANK } from './state';

const context = contextOf();
const plant = drivePlant(context, understand(SET, context.plate, sound(context)));
const GAS = plant.gas_bar;
const hz = fc.double({ min: 0, max: 50, noNaN: true });
const opening = fc.double({ min: 0, max: 5, noNaN: true });

test('a vessel keeps its gas, and holds what flows in and not out', () => {
  fc.assert(
    fc.property(hz, hz, opening, fc.double({ min: 5, max: 40, noNaN: true }), (f1, f2, open, held_L) => {
      const pressure = (GAS * plant.vessel_L) / (plant.vessel_L - held_L) - AIR_bar;
      const state = { ...BLANK, pressure, held_L };
      moveWater(plant, state, Float64Array.of(f1, f2), open, false, GAS, 0.1);
      const gas = (state.pressure + AIR_bar) * (plant.vessel_L - state.held_L);
      const came = ((state.flow - state.draw) / 3.6) * 0.1;
      return Math.abs(gas - GAS * plant.vessel_L) < 1e-6 && Math.abs(state.held_L - held_L - came) < 1e-9;
    }),
  );
});

test('without one, as much is drawn as the pumps give, whether they turn alike or not', () => {
  const bare = { ...plant, vessel_L: 0 };
  fc.assert(
    fc.property(
      fc.double({ min: 42, max: 50, noNaN: true }),
      fc.constantFrom(0, 45, 50),
      fc.double({ min: 0.5, max: 3, noNaN: true }),
      (f1, f2, open) => {
        const units = Float64Array.of(f1, f2);
        const state = { ...BLANK };
        for (let i = 0; i < 60; i++) moveWater(bare, state, units, open, false, GAS, 0.1);
        return Math.abs(flowOfAll(bare, units, state.pressure, false) - state.draw) < 1e-3;
      },
    ),
  );
});

test('with everything shut check valves keep what stood there; dry, nothing comes', () => {
  const bare = { ...plant, vessel_L: 0 };
  const state = { ...BLANK, pressure: 3 };
  for (let i = 0; i < 20; i++) moveWater(bare, state, Float64Array.of(20, 0), 0, false, GAS, 0.1);
  expect(state.pressure).toBe(3);
  for (let i = 0; i < 60; i++) moveWater(bare, state, Float64Array.of(50, 50), 2, true, GAS, 0.1);
  expect(state.pressure).toBeLessThan(0.01);
});
