/** Nobody waits for the answer any more: the caller gave the request up. */
export class GivenUp extends Error {
  constructor() {
    super('given up');
    this.name = 'GivenUp';
  }
}
