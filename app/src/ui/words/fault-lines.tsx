import type { LineFault } from '@barythm/core/bench';
import { Words } from './words';

/** Faults of a file, as far as they are told, and how many more there are. */
export interface Faults {
  readonly faults: readonly LineFault[];
  readonly more: number;
}

const placeSaid = ({ line, column }: LineFault) => `Line ${line}, column ${column}`;

/** The same in one text, for a field that has one place to say it. */
export function faultsSaid({ faults, more }: Faults): string {
  const lines = faults.map((fault) => `${placeSaid(fault)}: ${fault.words}`);
  return [...lines, ...(more > 0 ? [`And ${more} more.`] : [])].join('\n');
}

/** What is wrong in a file, line by line; nothing of it was taken in. */
export function FaultLines({ faults, more }: Faults) {
  return (
    <>
      {faults.map((fault) => (
        <Words key={`${fault.line}:${fault.column}:${fault.words}`} bold colour="rust" role="alert">
          {placeSaid(fault)}: {fault.words}
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
