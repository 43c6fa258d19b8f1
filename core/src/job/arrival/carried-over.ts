import { familyOf, type Earlier, type JobDocument } from '../../families';
import { toldLeft } from '../for-owner/told';
import { clockLeft } from './clock';

/** What a job hands on to the next one at the same unit: what its family measured or did, how the clock was left, and what was told to those who live with it. The oldest first. */
export function carriedOver(document: JobDocument): Earlier[] {
  return [
    ...familyOf(document.profile.family).earlier(document),
    ...clockLeft(document),
    ...toldLeft(document),
  ];
}
