import { formOf, type Saying } from '../../../describe';
import { capital } from '../../../words';
import { flowForHeat_m3h } from '../../../heat';
import { orElse } from '../../../input';
import { fig, figureWithUnit, parseFigure } from '../../../units';
import { carrierOf } from '../effect/pump';
import { circulatorDutySchema, SYSTEM_WORDS, type SystemKind } from '../wire/duty';

type Say = Saying<string>;

/** The flow that carries what is typed so far. */
function flowSaid(say: Say): string {
  const heat = parseFigure(say.at('heat_kW'), 'heat');
  const difference = parseFigure(say.at('difference_K'), 'difference');
  if (!heat.ok || !difference.ok || say.at('carrier.kind') === 'mixture') return '';
  const system = Object.keys(SYSTEM_WORDS).find((one): one is SystemKind => one === say.at('system'));
  const water = carrierOf({ carrier: { kind: 'water' }, system: system ?? 'unknown' });
  const flow = orElse(() => flowForHeat_m3h(heat.value, difference.value, water), null);
  return flow === null ? '' : `: about ${figureWithUnit(fig('waterFlow', flow), say.reader)}`;
}

/** What is left when the valves shut; nothing is said for whoever did not answer. */
function valvesSaid(say: Say): string {
  const answer = say.at('valves.allMayShut');
  if (answer === '') return 'whether every valve may shut is not said';
  if (answer === 'no') return 'some valve stays open';
  const left =
    say.at('valves.leastFlow_m3h') === '' ? 'no bypass known' : `${say.of('valves.leastFlow_m3h')} is left`;
  return `every valve may shut, ${left}`;
}

/** What a circulator is to do, in the order of work. */
export const DUTY_FORM = formOf(circulatorDutySchema, {
  parts: [
    {
      name: 'system',
      title: 'System and heat',
      fault: 'heat_kw',
      asks: ['system', 'heat_kW', 'hotWater', 'difference_K', 'carrier'],
      says: (say) =>
        say.at('system') === 'hot-water'
          ? `${capital(say.of('system'))}, ${say.of('hotWater.pipe_m')} of pipe, back at ${say.of('hotWater.coolest_C')} at least, at ${say.of('difference_K')}.`
          : `${capital(say.of('system'))}, ${say.of('heat_kW')} at ${say.of('difference_K')}${flowSaid(say)}.`,
    },
    {
      name: 'index',
      title: 'Index circuit and valves',
      asks: ['index', 'valves', 'pipe', 'inlet_bar'],
      says: (say) =>
        `${say.of('index.head_m')}, ${say.at('index.from') === '' ? 'from where is not said' : say.of('index.from')}; ${valvesSaid(say)}.`,
    },
    {
      name: 'pump',
      title: 'Pump curve',
      fault: 'curve',
      asks: ['pump', 'twin'],
      says: (say) =>
        `${say.counted('pump.curve', 'point')} of the curve, ${say.counted('pump.power', 'power')}; minimum speed ${say.of('pump.leastShare')}${say.isOn('twin') ? `; a twin, its flap valve ${say.of('twin.flap')}` : ''}.`,
    },
    {
      name: 'control',
      title: 'What tells it to run',
      asks: ['control', 'contact', 'alarm'],
      says: (say) => `How fast: ${say.of('control.kind')}; its start contact is ${say.of('contact')}.`,
    },
    {
      name: 'year',
      title: 'Year and choices',
      asks: ['season_h', 'price_kWh', 'currency', 'choices'],
      says: (say) =>
        `${say.of('season_h')} a year at ${say.at('price_kWh') || '?'} ${say.at('currency')} a kWh; ${say.at('choices.mode') === '' ? 'the mode as proposed' : `${say.of('choices.mode')}, chosen here`}.`,
    },
  ],
  start: {
    carrier: { kind: 'water' },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}] },
    control: { kind: 'own' },
    season_h: 5000,
    choices: {},
  },
  // a return carries what its pipe loses
  finish: (read) => {
    const { pipe_m, loss_Wm } = (read.hotWater ?? {}) as { pipe_m?: number; loss_Wm?: number };
    const lost = pipe_m === undefined || loss_Wm === undefined ? {} : { heat_kW: (pipe_m * loss_Wm) / 1000 };
    return { ...read, ...lost };
  },
});
