import { z } from 'zod';
import { flowForHeat_m3h } from '../../heat';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const heatFlowInput = z.object({
  heat_kw: positive('The heat'),
  difference_k: positive('The difference'),
  density_kgm3: positive('The density'),
  heat_kjkgk: positive('The heat capacity'),
});

export const heatFlowTool: Tool<typeof heatFlowInput, { flow_m3h: number; per_k_m3h: number }> = {
  id: 'heat-flow',
  group: 'heads',
  name: 'Flow from heat',
  about: 'The flow that carries a heat at a difference between flow and return.',
  input: heatFlowInput,
  fields: [
    figure('heat_kw', 'Heat to carry', 'heat', '20'),
    figure('difference_k', 'Flow less return', 'difference', '15'),
    figure('density_kgm3', 'Density', 'plain', '988', { unit: 'kg/m³', hint: 'Water at 50 °C: 988' }),
    figure('heat_kjkgk', 'Heat capacity', 'plain', '4.18', {
      unit: 'kJ/(kg·K)',
      hint: 'Water: 4.18. Of a glycol mixture by its data sheet.',
    }),
  ],
  run: ({ heat_kw, difference_k, density_kgm3, heat_kjkgk }) => {
    const carrier = { density_kgm3, heat_kJkgK: heat_kjkgk };
    const flow_m3h = flowForHeat_m3h(heat_kw, difference_k, carrier);
    return { flow_m3h, per_k_m3h: flow_m3h - flowForHeat_m3h(heat_kw, difference_k + 1, carrier) };
  },
  answer: ({ flow_m3h, per_k_m3h }) => ({
    main: line('Flow', flow_m3h, 'm³/h'),
    lines: [line('Less for one more kelvin of difference', per_k_m3h, 'm³/h')],
  }),
};
