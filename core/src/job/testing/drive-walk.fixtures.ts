import { DUTY, PLATE, SAMPLES, SET } from '../../families/drive/fixtures';
import { Walk } from './walk.fixtures';

/** For tests only: a booster set that was arrived at, read and planned, with nothing set yet. */
export function plannedDrive(): Walk {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  walk.arrive();
  walk.found(SAMPLES[0].found);
  walk.plan();
  return walk;
}
