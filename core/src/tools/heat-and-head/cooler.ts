import { z } from 'zod';
import { cooled, stream_kWK } from '../../heat';
import { InputError } from '../../input';
import { figure, line, number, positive } from '../fields';
import type { Tool } from '../tool';

export const coolerInput = z.object({
  product_kgs: positive('The product’s flow'),
  product_kjkgk: positive('The product’s heat capacity'),
  coolant_kgs: positive('The coolant’s flow'),
  coolant_kjkgk: positive('The coolant’s heat capacity'),
  ua_kwk: positive('The UA'),
  product_c: number('The product'),
  coolant_c: number('The coolant'),
});

export interface CoolerOutput {
  effectiveness: number;
  delivered_c: number;
  coolant_out_c: number;
}

export const coolerTool: Tool<typeof coolerInput, CoolerOutput> = {
  id: 'cooler',
  group: 'heads',
  name: 'Plate cooler',
  about: 'What a counter-flow cooler delivers, from both flows and its UA.',
  input: coolerInput,
  fields: [
    figure('product_kgs', 'Product', 'plain', '0.55', { unit: 'kg/s' }),
    figure('product_kjkgk', 'Its heat capacity', 'plain', '3.8', { unit: 'kJ/(kg·K)' }),
    figure('coolant_kgs', 'Coolant', 'plain', '1.2', { unit: 'kg/s' }),
    figure('coolant_kjkgk', 'Its heat capacity', 'plain', '4.19', { unit: 'kJ/(kg·K)', hint: 'Water: 4.19' }),
    figure('ua_kwk', 'UA', 'plain', '3.6', { unit: 'kW/K' }),
    figure('product_c', 'Product comes with', 'temperature', '21'),
    figure('coolant_c', 'Coolant comes with', 'temperature', '9'),
  ],
  run: ({ product_kgs, product_kjkgk, coolant_kgs, coolant_kjkgk, ua_kwk, product_c, coolant_c }) => {
    if (coolant_c >= product_c)
      throw new InputError('coolant_c', 'The coolant must be colder than the product.');
    const out = cooled(
      {
        product_kWK: stream_kWK(product_kgs, product_kjkgk),
        coolant_kWK: stream_kWK(coolant_kgs, coolant_kjkgk),
        product_C: product_c,
        coolant_C: coolant_c,
      },
      ua_kwk,
    );
    return {
      effectiveness: out.effectiveness,
      delivered_c: out.delivered_C,
      coolant_out_c: out.coolantOut_C,
    };
  },
  answer: ({ effectiveness, delivered_c, coolant_out_c }) => ({
    main: line('Delivered', delivered_c, '°C'),
    lines: [
      line('Coolant leaves with', coolant_out_c, '°C'),
      line('Effectiveness', effectiveness * 100, '%'),
    ],
  }),
};
