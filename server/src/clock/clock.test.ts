import { clockFromEnvironment } from './clock';

const at = (instant: string) => () => clockFromEnvironment({ BARYTHM_NOW: instant });

test.each(['1970-01-01T00:00:12Z', '2019-12-31T23:59:59Z', '2100-01-01T00:00:00Z', '9999-05-01T00:00:00Z'])(
  'a clock at %s is to be set right before anything is written by it',
  (instant) => expect(at(instant)).toThrow(/The clock of this machine shows/),
);

test.each(['2020-01-01T00:00:00Z', '2099-12-31T23:59:59Z'])('a clock at %s is believed', (instant) => {
  expect(at(instant)()()).toBe(new Date(instant).toISOString());
});

test('what is no instant is said to be none', () => {
  expect(at('noon')).toThrow(/not an instant/);
});
