import { BLANK, meteringView, Writer, badlySet } from '../testing/fixtures';
import { leftAsFound, leftToProve } from './left-to-enter';

const found = (writer: Writer) => leftAsFound(meteringView(writer.document));
const prove = (writer: Writer) => leftToProve(meteringView(writer.document));

test('as found counts every setting and record until it is written down; one that could not be read is', () => {
  const settings = BLANK.profile.parameters.length;
  const writer = new Writer();
  // making safe, the plate, the readings and the messages stand beside the settings; this controller has no clock
  expect(found(writer)).toBe(settings + 4);
  writer.makeSafe().identify();
  expect(found(writer)).toBe(settings + 2);
  writer.enter('found', 'length', null, 'Scale worn off.');
  expect(found(writer)).toBe(settings + 1);
  writer.found();
  expect(found(writer)).toBe(2);
});

test('prove counts points, checks and automatic; what is read again after a change counts anew', () => {
  const writer = badlySet();
  const all = prove(writer);
  writer.record({ kind: 'discharge-safe', how: 'Into a container.' }).read(20, 96);
  expect(prove(writer)).toBe(all - 1);
  writer.enter('left', 'length', 77);
  expect(prove(writer)).toBe(all);
  writer.record({ kind: 'automatic', seen: 'Follows the signal.' });
  expect(prove(writer)).toBe(all - 1);
});
