import {
  accessSchema,
  alarmOutputSchema,
  controllerMessageSchema,
  madeOf,
  meaningOf,
  type ControllerMessage,
} from './controller';

const message = (shows: string, kind: ControllerMessage['kind'] = 'fault'): ControllerMessage => ({
  shows,
  kind,
  means: 'It turns without water.',
  todo: 'Find the water.',
});

describe('what a profile knows of what is shown', () => {
  const known = { messages: [message('E 01'), message('CLEAN FILTER', 'reminder'), message('Überlast')] };
  test.each([
    ['E 01', 'E 01'],
    ['  e 01 ', 'E 01'],
    ['“E-01”', 'E 01'],
    ['e01', 'E 01'],
    ['Clean filter!', 'CLEAN FILTER'],
    ['ÜBERLAST', 'Überlast'],
  ])('%s is %s: case, spaces and signs tell nothing apart', (shows, found) => {
    expect(meaningOf(known, shows)?.shows).toBe(found);
  });
  test.each(['E 1', 'E 010', 'E 0 1 1', 'CLEAN', '', '   ', '“”'])('“%s” is none of them', (shows) => {
    expect(meaningOf(known, shows)).toBeNull();
  });
  test('a profile without messages knows none', () => {
    expect(meaningOf({}, 'E 01')).toBeNull();
    expect(meaningOf({ messages: [] }, 'E 01')).toBeNull();
  });
});

test('revision and options stand in one line; what is not said is not made up', () => {
  expect(madeOf({ revision: '2.4', options: ['Board for the heater', 'Link'] })).toBe(
    'revision 2.4, Board for the heater, Link',
  );
  expect(madeOf({ options: ['Link'] })).toBe('Link');
  expect(madeOf({ revision: '2.4' })).toBe('revision 2.4');
  expect(madeOf({})).toBe('');
});

describe('bounds', () => {
  const refuses = (schema: { safeParse(value: unknown): { success: boolean } }, value: unknown) =>
    !schema.safeParse(value).success;
  test('a message says what it shows, means and asks for', () => {
    expect(controllerMessageSchema.parse(message('E 01'))).toEqual(message('E 01'));
    for (const key of ['shows', 'means', 'todo'] as const)
      expect(refuses(controllerMessageSchema, { ...message('E 01'), [key]: '' })).toBe(true);
    expect(refuses(controllerMessageSchema, { ...message('E 01'), kind: 'warning' })).toBe(true);
    // one that is no lamp says nothing of lamps: one way to write it, one hash
    expect(refuses(controllerMessageSchema, { ...message('E 01'), lamp: false })).toBe(true);
    expect(refuses(controllerMessageSchema, message('x'.repeat(41)))).toBe(true);
  });
  test('an alarm output says what its contact does; what it carries may be unread, and is never zero', () => {
    const alarm = { name: '7 and 8', tells: 'any fault', contact: 'opens' };
    expect(alarmOutputSchema.parse(alarm)).toEqual(alarm);
    expect(refuses(alarmOutputSchema, { ...alarm, most_V: 0 })).toBe(true);
    expect(refuses(alarmOutputSchema, { ...alarm, most_A: null })).toBe(true);
    expect(refuses(alarmOutputSchema, { ...alarm, contact: 'rests' })).toBe(true);
  });
  test('access closes after a time, or never: a time of zero is neither', () => {
    expect(accessSchema.parse({ opensBy: 'A code.', closesAfter_min: null }).closesAfter_min).toBeNull();
    expect(refuses(accessSchema, { opensBy: 'A code.', closesAfter_min: 0 })).toBe(true);
    expect(refuses(accessSchema, { opensBy: 'A code.' })).toBe(true);
  });
});
