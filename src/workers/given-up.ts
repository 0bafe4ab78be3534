/** Nobody waits for the answer any more: the caller gave the request up. */
export class GivenUp extends Error {
  constructor() {
    super('given up');
    this.name = 'GivenUp';
  }
}

/** The answer, or null when the request was given up; every other error goes on. */
export async function unlessGivenUp<T>(answer: Promise<T>): Promise<T | null> {
  try {
    return await answer;
  } catch (error) {
    if (error instanceof GivenUp) return null;
    throw error;
  }
}
