import { ANY_SEVERITIES, ANY_TEXTS, findingMaker, type Severities, type TextBook } from '../../../findings';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const CIRCULATOR_TEXTS = {
  ...ANY_TEXTS,
  'CIR-01': {
    title: 'Power before water',
    so: 'It was not seen that water stood in the pump before the power went on.',
    will: 'Its bearings are greased by the water: dry, they wear out in minutes.',
    todo: 'Fill and vent first; then power. Listen for the bearings.',
  },
  'CIR-02': {
    title: 'Not all of the fitting was seen',
    so: 'Not seen: {what}. {why}',
    will: 'A pump against its arrow, a head turned into the wet or a shut valve shows only when it runs.',
    todo: 'Look at it before the loops are purged.',
  },
  'CIR-03': {
    title: 'Self-adjusting before the air is out',
    so: 'It adjusts itself, and the loops were not purged one by one on this visit.',
    will: 'With air in the loops it learns the wrong line, and keeps it.',
    todo: 'Highest fixed speed, loop after loop until nothing is heard; then the mode.',
  },
  'CIR-04': {
    title: 'Its start contact is open',
    so: 'Neither a link nor a wire closes its start contact.',
    will: 'It stands, and looks like a fault.',
    todo: 'Put the link back in, or wire the contact; or set the contact off where that can be set.',
  },
  'CIR-04.off': {
    title: 'A wired contact that does nothing',
    so: 'A start contact is wired, and the setting leaves it out.',
    will: 'The building switches it off, and it runs on.',
    todo: 'Set the contact to be used.',
  },
  'CIR-06': {
    title: 'The sensor’s range is wrong',
    so: 'Range {set} is set, and the sensor says {label}: a head set to {asked} is really {held}.',
    will: 'Too much head costs and whistles; too little leaves the last loops cold.',
    todo: 'Set the range that stands on the sensor.',
  },
  'CIR-07.range': {
    title: 'An address that its protocol does not have',
    so: 'Address {address}; this protocol takes {least} to {greatest}.',
    will: 'Nobody on the link can reach it.',
    todo: 'Set an address of its protocol.',
  },
  'CIR-07.shared': {
    title: 'Two with one address',
    so: 'Address {address} is another’s on this link.',
    will: 'Both answer at once, and neither can be commanded.',
    todo: 'Give this one an address of its own.',
  },
  'CIR-08': {
    title: 'The port is not chosen',
    so: 'It is commanded over a link, and its port is off.',
    will: 'It hears nothing, however well it is wired.',
    todo: 'Choose the port in its menu.',
  },
  'CIR-09': {
    title: 'Neither of the twin leads',
    so: 'Both of its heads follow, and none commands.',
    will: 'Neither runs, or each runs as it likes.',
    todo: 'Make one the lead; what is set is set there alone.',
  },
  'CIR-09.two': {
    title: 'Both of the twin lead',
    so: 'Both of its heads are set to lead.',
    will: 'They work against each other, and the flap hammers.',
    todo: 'One leads, the other follows.',
  },
  'CIR-09.always': {
    title: 'Both always run',
    so: 'Both heads always run; on these pipes the second adds {gain} to what one moves.',
    will: 'It takes nearly twice the power, wears both alike, and leaves none in reserve.',
    todo: 'Set “{fits}”, or say in the plan why both are wanted.',
  },
  'CIR-10.none': {
    title: 'It has no fault contact',
    so: 'The site waits for a fault contact, and this controller has none.',
    will: 'The alarm never comes.',
    todo: 'Let its link or its flow be watched instead, and say so to the customer.',
  },
  'CIR-10.load': {
    title: 'Too much on its fault contact',
    so: 'The site puts {volts} and {amps} A on it; it takes {mostVolts} and {mostAmps} A at most.',
    will: 'It welds shut or burns off, and no fault is told any more.',
    todo: 'A relay between them, by a licensed electrician.',
  },
  'CIR-10.sense': {
    title: 'Its fault contact works the other way',
    so: 'On a fault it {set}; the site takes it for a fault when it {wanted}.',
    will: 'A fault is told while all is well, and none when it stops.',
    todo: 'Set the way of the contact as the site reads it, and try it with a fault made on purpose.',
  },
  'CIR-11': {
    title: 'The mode does not fit the system',
    so: 'Set to {mode}; {fits} fits here. {why}',
    will: 'It takes {more} a year more than it needs to, or leaves valves to whistle.',
    todo: 'Set {fits}, or say in the plan why not.',
  },
  'CIR-11.sense': {
    title: 'Its temperature control is turned round',
    so: 'It goes by temperature as for {set}.',
    will: 'The further it is off, the more it does the wrong thing.',
    todo: 'Set the sense that the system has.',
  },
  'CIR-12': {
    title: 'The duty lies outside the curve',
    so: '{flow} at {head} is wanted; at full speed it gives {gives}.',
    will: 'No setting of this pump carries it: the last loops stay cold on a cold day.',
    todo: 'Check flow and head of the duty, or fit a larger pump.',
  },
  'CIR-12.set': {
    title: 'Set too low for the duty',
    so: 'At {flow} its setting gives {gives}; {head} is needed.',
    will: 'The least favourable circuit gets too little, first of all on a cold day.',
    todo: 'Set {needed}.',
  },
  'CIR-12.thick': {
    title: 'Too thick for its curve',
    so: 'The mixture has {viscosity}; beyond {most} a curve made with water does not hold.',
    will: 'It gives less and takes more than is reckoned here.',
    todo: 'Ask the maker for the curve with this mixture.',
  },
  'CIR-14': {
    title: 'The flap between the heads does not shut',
    so: 'The flap of the twin {flap}.',
    will: 'The one that runs drives water back through the one that rests: less flow, and a rotor that is turned.',
    todo: 'Mend or fit it; until then shut the resting head off by its valves.',
  },
  'CIR-14.untried': {
    title: 'The flap of the twin was not tried',
    so: 'Nobody stopped one head and looked whether the other’s head stays and the resting rotor stands.',
    will: 'A flap that leaks shows as a pump that is worn.',
    todo: 'One off, then the other way round: head and power stay, the resting rotor does not turn.',
  },
  'CIR-15': {
    title: 'Nothing flows when every valve is shut',
    so: 'Every valve may be shut at one time, and no least flow is known.',
    will: 'The pump churns its own water hot, and the heat source trips.',
    todo: 'Fit a bypass or leave one circuit open, and enter what flows through it.',
  },
  'CIR-16': {
    title: 'A broken wire stops it, and nothing reports it',
    so: 'It is told by 0–10 V, which has no live zero: below {off} it stands.',
    will: 'A broken wire looks like a wish to stop.',
    todo: 'Tell the customer; where it matters, let its fault contact or its speed be watched.',
  },
  'CIR-16.volts': {
    title: 'Its thresholds are not those that are sent',
    so: 'It stops below {off} and starts at {on}; the site’s controller rests at {rest} and starts with {start}.',
    will: 'It does not stop when it is to, or does not start.',
    todo: 'Set both as the controller sends them.',
  },
  'CIR-18.speed': {
    title: 'The water is too fast for its pipe',
    so: '{velocity} in the pipe at the duty; {most} is usual for it.',
    will: 'It is heard, and in copper it wears.',
    todo: 'Check bore and flow; a larger pipe or less flow with more difference.',
  },
  'CIR-18.valves': {
    title: 'Valves will whistle at part load',
    so: 'At a quarter of the flow the valves must take up {head}; they are quiet below about {most}.',
    will: 'Somebody turns the heating off to sleep.',
    todo: 'A mode that falls with the flow, or a lower head.',
  },
  'CIR-19.cool': {
    title: 'The return comes back too cool',
    so: 'By what its pipe loses, the return comes back at {back}; {coolest} is the coolest that is allowed.',
    will: 'Legionella grow in water that is warm and not hot.',
    todo: 'More flow, a better lagged pipe or a warmer supply; {needed} would carry it.',
  },
  'CIR-19.set': {
    title: 'Its temperature is set too low',
    so: 'It goes by {set} at the return; {coolest} is the coolest that is allowed.',
    will: 'It lets the water cool into the range in which legionella grow.',
    todo: 'Set {coolest} or more.',
  },
  'CIR-19.pause': {
    title: 'The water stands too long',
    so: 'By its clock it stands {pause}; {most} is the longest that is allowed.',
    will: 'Standing water cools, and legionella grow.',
    todo: 'Shorten the pause, or let it run all day.',
  },
  'CIR-20': {
    title: 'Too little pressure at its inlet',
    so: '{present} at the inlet; its plate asks for {needed} with water as warm as this.',
    will: 'It cavitates: noise, and bearings that go.',
    todo: 'Raise the fill pressure, after the pre-charge of the vessel was checked.',
  },
  'CIR-21.link': {
    title: 'Nobody decided what it does when the link is silent',
    so: 'It is commanded over a link, and what it does once that falls silent is not decided.',
    will: 'A cut cable leaves the building cold, or the pump running for nothing.',
    todo: 'Decide it with the operator, set it, and try it.',
  },
  'CIR-21.sensor': {
    title: 'Try what it does without its sensor',
    so: 'It goes by a sensor, and nobody tried what it does without.',
    will: 'A broken wire leaves it standing, or at full speed.',
    todo: 'Pull the sensor’s wire on purpose, and write down what it does.',
  },
} as const satisfies TextBook;

export type CirculatorTextId = keyof typeof CIRCULATOR_TEXTS;

export const CIRCULATOR_SEVERITIES: Severities<CirculatorTextId> = {
  ...ANY_SEVERITIES,
  'CIR-01': 'stop',
  'CIR-07.range': 'stop',
  'CIR-07.shared': 'stop',
  'CIR-09.always': 'note',
  'CIR-08': 'note',
  'CIR-11': 'note',
  'CIR-12': 'stop',
  'CIR-16': 'note',
  'CIR-18.speed': 'note',
  'CIR-18.valves': 'note',
  'CIR-19.cool': 'stop',
  'CIR-19.set': 'stop',
  'CIR-19.pause': 'stop',
  'CIR-20': 'stop',
};

/** Makes a finding of this family. */
export const finding = findingMaker<CirculatorTextId>(CIRCULATOR_SEVERITIES);
