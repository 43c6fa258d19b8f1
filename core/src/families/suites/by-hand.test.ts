import { gateOfHandover, gateOfSet, isJudged, judgeOf } from '../../job';
import { Walk } from '../../job/testing/walk.fixtures';
import { addressOf, inOrderOfWork, isSettable, rolesIn, wordsFor } from '../../profile';
import { familyOf } from '../index';
import { another, delivered } from './delivered.fixtures';
import { SHIPPED } from './shipped.fixtures';

/**
 * Every setting of every controller that ships, changed by hand in a job of its own settings: chosen through the command that a tap makes,
 * recorded, set, read back, judged or named as judged by nobody, and printed as it was set.
 */

test.each(SHIPPED.map((profile) => [`${profile.id} ${profile.version}`, profile] as const))(
  '%s',
  (_name, profile) => {
    const family = familyOf(profile.family);
    const [{ duty, plate }] = family.examples(profile);
    const found = delivered(profile);
    for (const parameter of inOrderOfWork(profile).filter(isSettable)) {
      const address = addressOf(parameter);
      const value = another(parameter, found);
      if (value === null) continue;
      const walk = new Walk({ profile, duty, plate, small: true });
      walk.choose(address, value, 'Asked by the site');
      walk.arrive();
      // what is not recorded yet keeps Set closed, and nothing else is asked for
      const { rewrites = [] } = parameter;
      const asked = [
        address,
        ...inOrderOfWork(profile)
          .filter(({ key }) => rewrites.includes(key))
          .map(addressOf),
      ];
      walk.found(found, asked);
      walk.acceptStops();
      expect([address, gateOfSet(walk.view)]).toEqual([address, []]);
      walk.set();
      const { context, values, rows } = walk.view;
      expect([address, rows.find((row) => row.address === address)?.left?.value]).toEqual([address, value]);
      // what its change put back holds again what was found
      for (const other of rows.filter((row) => row.address !== address && row.left))
        expect([other.address, other.left!.value]).toEqual([other.address, other.found!.value]);
      walk.leave();
      expect(gateOfHandover(walk.view)).toEqual([]);
      const line = walk.document.handover!.summary.settings.find((one) => one.address === address)!;
      const judged = isJudged(parameter, values.planned, judgeOf(family, context));
      expect([address, line.target, line.left, line.targetBy, line.changed, line.reason]).toEqual([
        address,
        wordsFor(parameter, value),
        wordsFor(parameter, value),
        'hand',
        true,
        `By hand: Asked by the site.${judged ? '' : ' Judged by no check.'}`,
      ]);
      if (rolesIn(parameter).length === 0) expect([address, judged]).toEqual([address, false]);
    }
  },
);
