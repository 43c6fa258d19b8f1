/** Says one line of what is going on. */
export function say(words) {
  console.log(`barythm: ${words}`);
}

/** A failure that a person can act on: printed as one sentence, without a stack. */
export class PlainFailure extends Error {}

/** Runs a script's main function; failures come out as one plain sentence. */
export async function main(work) {
  try {
    await work();
  } catch (error) {
    if (error instanceof PlainFailure) console.error(`barythm: ${error.message}`);
    else if (error?.code === 'ENOSPC')
      console.error('barythm: the disk is full; free some space and try again.');
    else if (error?.code === 'EACCES') console.error(`barythm: no permission for ${error.path}.`);
    else console.error(error);
    process.exitCode = 1;
  }
}
