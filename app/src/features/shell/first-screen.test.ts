/** What opens first is small: nothing of it pulls in a family, a job’s rules or the schemas. They are fetched ahead once it stands. */

jest.mock('@barythm/core/families', () => {
  throw new Error('It pulls in the families.');
});
jest.mock('@barythm/core/job', () => {
  throw new Error('It pulls in the rules of a job.');
});
jest.mock('@barythm/core/describe', () => {
  throw new Error('It pulls in what schemas are described by.');
});
jest.mock('zod', () => {
  throw new Error('It pulls in the schemas.');
});

test.each([
  ['the layout', () => require('../../app/_layout') as { default: unknown }],
  ['the round', () => require('../../app/index') as { default: unknown }],
  ['the register', () => require('../../app/register') as { default: unknown }],
  ['a site', () => require('../../app/site/[id]') as { default: unknown }],
  ['a pump', () => require('../../app/pump/[id]') as { default: unknown }],
  ['a job', () => require('../../app/job/[id]/[stage]') as { default: unknown }],
  ['the bench', () => require('../../app/bench/[id]') as { default: unknown }],
  ['the library', () => require('../../app/library') as { default: unknown }],
  ['the calculators', () => require('../../app/tools') as { default: unknown }],
])('%s: its route loads without what computes', (_, load) => {
  expect(typeof load().default).toBe('function');
});
