import { DUTY, PLATE, SAMPLES as DRIVES, SET } from '../../families/drive/fixtures';
import { SAMPLES as POOLS } from '../../families/pool/fixtures';
import { stateOf } from '../../sheet';
import { Walk, type Sample } from '../testing/walk.fixtures';
import { toEnter } from './to-enter';

const BOOSTER: Sample = { profile: SET, duty: DUTY, plate: PLATE, found: DRIVES[0].found };

function planned(sample: Sample, found: Sample['found'] = {}): Walk {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found({ ...sample.found, ...found });
  walk.plan();
  return walk;
}
const open = ({ view }: Walk) => view.rows.filter((row) => ['to-do', 'differs'].includes(stateOf(row)));
const keys = (walk: Walk) => toEnter(walk.view).map(({ address }) => address.replace(/^[^/]+\//, ''));

test('units are counted once each of them has its address, wherever the menu has the count', () => {
  // found with one pump seen, and both at address 1
  const walk = planned(BOOSTER, { P01: 1, addr: 1, 'addr/2': 1 });
  const order = keys(walk);
  expect(order.indexOf('1/P01')).toBe(order.indexOf('2/addr') + 1);
  expect([...order].sort()).toEqual(
    open(walk)
      .map(({ address }) => address.replace(/^[^/]+\//, ''))
      .sort(),
  );
});

test('where the addresses are right the count keeps its place; a family without such an order keeps its menu', () => {
  expect(keys(planned(BOOSTER, { P01: 1, addr: 1, 'addr/2': 2 }))[0]).toBe('1/P01');
  const pool = planned(POOLS[0]);
  expect(toEnter(pool.view)).toEqual(open(pool));
});
