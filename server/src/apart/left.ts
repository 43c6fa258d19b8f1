/** Whoever asked for something is gone before it was done: nobody's fault, and nothing to log. */
export class Left extends Error {
  override readonly name = 'Left';

  constructor() {
    super('The request was given up.');
  }
}
