import { z } from 'zod';
import { InputError } from '../../input';
import { cheapestTwoPrice } from '../../schedule';
import { DAY_MIN } from '../../time';
import { figure, line, notNegative, positive } from '../fields';
import { pointInput } from '../heat-and-head/flow-point';
import type { Tool } from '../tool';

export const cheapestTwoPriceInput = z.object({
  volume_m3: positive('The volume of a day'),
  point: pointInput,
  hours_cheap: positive('The hours at the low price'),
  price_cheap: notNegative('The low price'),
  hours_dear: positive('The hours at the high price'),
  price_dear: positive('The high price'),
});

export interface CheapestTwoPriceOutput {
  speed_cheap: number;
  speed_dear: number;
  cost: number;
}

export const cheapestTwoPriceTool: Tool<typeof cheapestTwoPriceInput, CheapestTwoPriceOutput> = {
  id: 'cheapest-two-price',
  group: 'money',
  name: 'Two prices',
  about: 'The cheapest pair of speeds for a day’s volume at two prices, where nothing else limits them.',
  input: cheapestTwoPriceInput,
  fields: [
    figure('volume_m3', 'Volume of a day', 'waterVolume', '150'),
    figure('point.speed', 'Measured at', 'speed', '2000'),
    figure('point.flow_m3h', 'Flow there', 'waterFlow', '11.5'),
    figure('point.power_w', 'Power there', 'power', '420'),
    figure('hours_cheap', 'Hours at the low price', 'hours', '14'),
    figure('price_cheap', 'Low price', 'plain', '0.18', { unit: 'a kWh' }),
    figure('hours_dear', 'Hours at the high price', 'hours', '10'),
    figure('price_dear', 'High price', 'plain', '0.40', { unit: 'a kWh' }),
  ],
  run: ({ volume_m3, point, hours_cheap, price_cheap, hours_dear, price_dear }) => {
    if (hours_cheap + hours_dear > DAY_MIN / 60) {
      throw new InputError('hours_dear', 'Both together are more than a day of 24 h.');
    }
    if (price_cheap > price_dear) {
      throw new InputError('price_cheap', 'The low price is above the high one.');
    }
    const plan = cheapestTwoPrice(
      volume_m3,
      { speed_rpm: point.speed, flow_m3h: point.flow_m3h, power_W: point.power_w },
      { hours: hours_cheap, price: price_cheap },
      { hours: hours_dear, price: price_dear },
    );
    return { speed_cheap: plan.speedCheap_rpm, speed_dear: plan.speedDear_rpm, cost: plan.cost };
  },
  answer: ({ speed_cheap, speed_dear, cost }) => ({
    main: line('At the low price', speed_cheap, 'rev/min', 0),
    lines: [
      line('At the high price', speed_dear, 'rev/min', 0),
      line('Cost', cost, 'a day, in the currency of the prices', 2),
    ],
  }),
};
