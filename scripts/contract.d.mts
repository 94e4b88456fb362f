export interface Answer {
  readonly method: string;
  readonly path: string;
  readonly status: number;
  readonly contentType: string;
  readonly body: string;
}

export declare class Contract {
  /** Answers that were held against the document so far. */
  checked: number;
  /** What is wrong with an answer, or null. */
  troubleOf(answer: Answer): string | null;
  /** What is wrong with a value for a component of the document, or null. */
  componentTrouble(name: string, value: unknown): string | null;
}
