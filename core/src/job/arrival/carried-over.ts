import { familyOf, type Earlier, type JobDocument } from '../../families';
import { clockLeft } from './clock';

/** What a job hands on to the next one at the same unit: what its family measured or did, and how the clock was left. The oldest first. */
export function carriedOver(document: JobDocument): Earlier[] {
  return [...familyOf(document.profile.family).earlier(document), ...clockLeft(document)];
}
