import {
  aChoice,
  aFigure,
  aWord,
  beside,
  ifAny,
  type Look,
  maybe,
  onlyIf,
  own,
  type Part,
  percent,
  said,
  say,
  together,
  yesNoOrOpen,
  yesOrNo,
} from '../../../describe';

const BASIS_SAID: Readonly<Record<string, string>> = { plate: 'from the plate', measured: 'measured' };
const INTERLOCK_SAID: Readonly<Record<string, string>> = {
  yes: 'interlocked with the water',
  no: 'no interlock',
};

/** The pump's stroke and the place it stands in. */
export const PUMP_PART: Part = {
  name: 'pump',
  title: 'Pump and place',
  says: (look) =>
    `${said(look, 'strokeVolume.full_mL', 'strokeVolume')} a stroke, ${BASIS_SAID[look.at('strokeVolume.basis')] ?? 'from where is not said'}; ${INTERLOCK_SAID[look.at('place.interlocked')] ?? 'interlock not said'}`,
  fields: [
    together('strokeVolume', [
      aFigure('full_mL', 'Stroke volume at full length', 'strokeVolume'),
      own('RatedFlow'),
      aChoice(
        'basis',
        'Known from',
        [
          { value: 'plate', label: 'Plate' },
          { value: 'measured', label: 'Measurement' },
        ],
        {
          hint: 'A measured volume holds at the stroke length it was measured at. A drawdown recorded here takes its place.',
        },
      ),
      onlyIf(
        (here) => here('basis') === 'measured',
        [aFigure('atLength_pct', 'Measured at a stroke length of', 'percent', { unit: '%' })],
      ),
    ]),
    together('place', [
      yesOrNo('interlocked', 'Dosing stops by interlock when the water stops'),
      yesNoOrOpen('stopContact', 'A contact is wired to its stop input'),
      yesNoOrOpen('switchedByMains', 'Switched on and off by its mains supply'),
      yesNoOrOpen('othersReachKeys', 'Others can reach its keys'),
      yesNoOrOpen('noRelief', 'The discharge can be shut, with no relief valve'),
      beside(
        aFigure('suctionHead_m', 'Suction head, if known', 'length', {
          blank: 'null',
          hint: '− for a lift',
        }),
        aFigure('dischargePressure_bar', 'Discharge, if known', 'pressure', { blank: 'null' }),
      ),
      aFigure('residence_s', 'Water takes to where the dose is measured or used', 'seconds', {
        blank: 'null',
        hint: 'Empty when not known',
      }),
    ]),
  ],
};

function known(...parts: readonly (string | false)[]): string {
  const said = parts.filter((part) => part !== false);
  return said.length > 0 ? said.join(', ') : 'nothing known yet';
}

/** Suction line, head and back pressure: what decides whether gas comes out and the flow holds. */
export const WET_END_PART: Part = {
  name: 'wet',
  title: 'Suction, head and pressure',
  says: (look: Look) =>
    known(
      look.at('suction.pipe_m') !== '' && `suction line ${said(look, 'suction.pipe_m', 'length')}`,
      look.at('head.dead_mL') !== '' && `dead volume ${said(look, 'head.dead_mL', 'strokeVolume')}`,
      look.at('pressure.greatest_bar') !== '' &&
        `back pressure ${said(look, 'pressure.least_bar', 'pressure')} to ${said(look, 'pressure.greatest_bar', 'pressure')}`,
    ),
  fields: [
    say('Fill in what is known; each part is checked once it is.'),
    ifAny('suction', [
      beside(aFigure('pipe_m', 'Suction line', 'length'), aFigure('bore_mm', 'Bore', 'bore')),
      beside(
        aFigure('friction_m', 'Friction loss', 'length', { blank: 'null' }),
        aFigure('vapour_bar', 'Vapour pressure', 'pressure', { blank: 'null' }),
      ),
      beside(
        aFigure('tank_bar', 'On the tank, absolute', 'pressure', {
          blank: 'null',
          hint: 'Empty: open to the air',
        }),
        aFigure('needed_m', 'Head it needs', 'length', { blank: 'null', hint: 'Manual; empty: 2 m' }),
      ),
      beside(
        aFigure('altitude_m', 'Height above the sea', 'length', {
          blank: 'null',
          hint: 'Empty: sea level',
        }),
        aFigure('liquid_C', 'Liquid at its warmest', 'temperature', {
          blank: 'null',
          hint: 'Empty: 20 °C',
        }),
      ),
    ]),
    ifAny('head', [
      beside(
        aFigure('dead_mL', 'Dead volume of the head', 'strokeVolume'),
        aFigure('injection_bar', 'Injection valve opens at', 'pressure', { hint: '0 without one' }),
      ),
    ]),
    ifAny('pressure', [
      beside(
        aFigure('least_bar', 'Back pressure, least', 'pressure'),
        aFigure('greatest_bar', 'Greatest', 'pressure'),
      ),
      aFigure('lossPer_bar', 'Stroke volume lost for each bar', 'percent', {
        unit: '%',
        place: maybe(percent),
        hint: 'From two drawdowns at two pressures; empty when not measured',
      }),
    ]),
  ],
};

/** Tank, service by count, and when someone comes again. */
export const STOCK_PART: Part = {
  name: 'stock',
  title: 'Tank, service and next visit',
  says: (look) =>
    known(
      look.at('tank.now_L') !== '' && `${said(look, 'tank.now_L', 'volume')} in the tank`,
      look.at('service.everyStrokes') !== '' &&
        `${look.at('service.what') || 'service'} every ${look.at('service.everyStrokes')} strokes`,
      look.at('nextVisit_days') !== '' && `next visit in ${look.at('nextVisit_days')} d`,
    ),
  fields: [
    ifAny('tank', [
      aFigure('now_L', 'In the tank now', 'volume'),
      beside(aFigure('warn_L', 'Warn level', 'volume'), aFigure('stop_L', 'Stop level', 'volume')),
    ]),
    ifAny('service', [
      aWord('what', 'Service by strokes: what', { hint: 'Diaphragm, valves, seal' }),
      beside(
        aFigure('everyStrokes', 'Every', 'strokes', { unit: 'strokes' }),
        aFigure('madeStrokes', 'Made since the last', 'strokes', { unit: 'strokes' }),
      ),
    ]),
    aFigure('nextVisit_days', 'Next planned visit in', 'days', { unit: 'd', blank: 'null' }),
  ],
};
