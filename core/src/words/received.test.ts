import { NO_NAME, receivedWords } from './received';

const signature = { width: 10, height: 5, paths: ['M 1 1 L 9 4'] };

test.each([
  [signature, 'Visitor', 'Received by Visitor'],
  [signature, 'Duty nurse, for the site', 'Received by Duty nurse, for the site'],
  [signature, NO_NAME, 'Signed; no name given'],
  [null, 'nobody', 'Nobody was there to sign'],
])('who received it: %#', (drawn, signedAs, words) => {
  expect(receivedWords({ signature: drawn, signedAs })).toBe(words);
});
