/** The last answers to a question that takes long, by the question as text. Old ones give way. */
export class Known<T> {
  private readonly answers = new Map<string, T>();

  constructor(private readonly kept: number) {}

  get(question: string): T | undefined {
    return this.answers.get(question);
  }

  put(question: string, answer: T): void {
    if (this.answers.size >= this.kept) this.answers.delete(this.answers.keys().next().value ?? '');
    this.answers.set(question, answer);
  }
}
