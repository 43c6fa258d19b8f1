import { familyOf, type Earlier, type JobDocument } from '../../families';
import { toldLeft } from '../for-owner/told';
import { answersLeft } from '../answers';
import { clockLeft } from './clock';

/** What a job hands on to the next one at the same unit: what its family measured or did, how the clock was left, what was told to those who live with it, and what of its duty is answered. The oldest first. */
export function carriedOver(document: JobDocument): Earlier[] {
  return [
    ...familyOf(document.profile.family).earlier(document),
    ...clockLeft(document),
    ...toldLeft(document),
    ...answersLeft(document),
  ];
}
