import { placeOfFault, type Faults } from '@barythm/core/bench';
import { Words } from './words';

/** What is wrong in a file, line by line; nothing of it was taken in. */
export function FaultLines({ faults, more }: Faults) {
  return (
    <>
      {faults.map((fault) => (
        <Words key={`${fault.line}:${fault.column}:${fault.words}`} bold colour="rust" role="alert">
          {placeOfFault(fault)}: {fault.words}
        </Words>
      ))}
      {more > 0 && (
        <Words bold colour="rust">
          And {more} more.
        </Words>
      )}
    </>
  );
}
