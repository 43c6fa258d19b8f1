import type { TextBook } from '../../../findings';

/** Heat, filtering, and who uses the tub. */
export const HEAT_TEXTS = {
  'SPA-08': {
    title: 'The wanted temperature cannot be reached',
    so: 'In air of {air} heater and pump hold {end} at most under the cover; {wanted} are wanted.',
    will: 'It heats day and night, and is never warm.',
    todo: 'A better cover or less wind, a larger heater; or agree to a lower temperature in the cold.',
  },
  'SPA-10.display': {
    title: 'Water above the local limit: display reads low',
    so: 'The display is {off} off the thermometer: set to {set} the water has {water} (local limit {limit}).',
    will: 'Bathers overheat, though the display looks right.',
    todo: 'Enter the sensor correction where there is one; else set so much less that the water stays under {limit}.',
  },
  'SPA-10.pump': {
    title: 'Pump alone warms it over the local limit',
    so: 'In air of {air} the heat of the pump alone brings the covered water to {water} (local limit {limit}), without any heater.',
    will: 'On warm days bathers overheat, whatever is set.',
    todo: 'Filter in the cool of the night, or less on warm days; open the cover, and read the water before anybody bathes.',
  },
  'SPA-10.range': {
    title: 'Temperature range above the local limit',
    so: 'In this range the pack holds {water} whatever is set (local limit {limit}).',
    will: 'Bathers overheat, though less is set.',
    todo: 'Choose the other range, then set the temperature again.',
  },
  'SPA-08.cycles': {
    title: 'Never warm in these cycles',
    so: 'With {air} of air and the cycles that are set the water never comes from {from} to {wanted}.',
    will: 'The tub is cold when it is wanted.',
    todo: 'Let it heat at any time, or set longer cycles.',
  },
  'SPA-08.time': {
    title: 'Not warm in time',
    so: 'From {from} to {wanted} it takes {takes} in air of {air}; {within} were promised.',
    will: 'Somebody stands there in a towel.',
    todo: 'Fill warmer or earlier: start by then.',
  },
  'SPA-08.flow': {
    title: 'Too little flow for the heater',
    so: 'At the flow that filters, {flow}, the heater cuts out: it needs {least}.',
    will: 'It never heats, or shows a flow fault every few minutes.',
    todo: 'Clean the filter first; then a faster circulation or a heater for less flow.',
  },
  'SPA-08.filter': {
    title: 'It filters too little',
    so: 'It filters {hours} a day; {needed} are needed for {turnovers} turnovers.',
    will: 'The water turns cloudy, whatever is dosed.',
    todo: 'Longer cycles; where a day has not enough hours, more flow.',
  },
  'SPA-08.code': {
    title: 'The code asks for more circulation',
    so: 'Several households use it. It circulates {hours} a day; the code asks for {needed}.',
    will: 'A pack that circulates only in cycles seldom meets the code: people fall ill from such water.',
    todo: 'Longer cycles, or a circulation pump that runs all day; whoever answers for the tub decides by the code.',
  },
  'SPA-08.residual': {
    title: 'The residual is not the pack’s work',
    so: 'The code asks for {residual} all the time; the pack doses nothing.',
    will: 'Between two tablets there is none.',
    todo: 'Dosing and measuring of its own, written down as the code asks.',
  },
  'SPA-08.quiet': {
    title: 'It filters in the quiet hours',
    so: '{minutes} of its cycles a day lie in quiet hours.',
    will: 'Somebody hears it.',
    todo: 'Move the starts, or agree to it.',
  },
  'SPA-10': {
    title: 'Set above the local limit',
    so: 'It is set to {set}; the local limit is {limit}.',
    will: 'Hot water faints people, and is deadly to children and in pregnancy.',
    todo: 'Set {limit} or less.',
  },
  'SPA-11': {
    title: 'What saves lives was not tried or seen',
    so: 'Not on this visit: {what}.',
    will: 'A fault kills whoever is in the water, or a cover holds somebody under.',
    todo: 'Press the test key of the protection: it must trip. See each suction cover whole, tight and in date. Else nobody bathes.',
  },
  'SPA-12': {
    title: 'It heats only in its cycles, and is meant to be warm',
    so: 'In air of {air} it is {water} at {at}; {wanted} are wanted.',
    will: '“It does not heat”: the commonest call of all, with nothing broken.',
    todo: 'Let it heat whenever it is too cool, or longer cycles before bathing.',
  },
  'SPA-12.low': {
    title: 'It stands low, and is meant to be warm',
    so: 'Standing low it holds {held}; {wanted} are wanted.',
    will: '“It does not heat”: the commonest call of all, with nothing broken.',
    todo: 'Another heating mode.',
  },
  'SPA-12.range': {
    title: 'Its range ends below what is wanted',
    so: 'In this range it holds {held} at most; {wanted} are wanted.',
    will: 'The set point is shown and never reached.',
    todo: 'The high range.',
  },
  'SPA-12.set': {
    title: 'Set lower than is wanted',
    so: 'It is set to {set}; {wanted} are wanted.',
    will: 'It is never as warm as was agreed.',
    todo: 'Set {wanted}.',
  },
  'SPA-13': {
    title: 'No frost guard',
    so: 'It can be {coldest}, and this pack has no frost guard of its own.',
    will: 'Pipes and pumps freeze and burst in a standing tub.',
    todo: 'Never leave it standing in the cold: keep it warm, or drain it and blow the pipes out.',
  },
  'SPA-13.trusted': {
    title: 'Its frost guard does not reach everything',
    so: 'It can be {coldest}. Its guard runs {runs} below {below}; nothing moves {open}.',
    will: 'What stands still freezes behind a guard that works.',
    todo: 'Run it by hand in the cold, or drain that line.',
  },
  'SPA-13.off': {
    title: 'Frost guard without power',
    so: 'It stands low in winter, down to {coldest}: without power its guard does nothing.',
    will: 'A cut of some hours freezes the pipes: standing low it has no heat to spare.',
    todo: 'Keep it warmer in the frost, and see to it after each cut.',
  },
  'ANY-11.spa': {
    title: 'The panel is open to all who use it',
    so: 'Several households use the tub, and its panel is not locked.',
    will: 'Anyone turns it up, and nobody knows who.',
    todo: 'Lock it, and give the way to unlock it to whoever answers for the tub.',
  },
  'ANY-12.spa': {
    title: 'What it does after a power cut is not known',
    so: 'Nobody knows whether it goes on heating after a cut.',
    will: 'It stands cold, or runs on a clock that starts at midnight.',
    todo: 'Try it on purpose, and write down what it does.',
  },
} as const satisfies TextBook;
