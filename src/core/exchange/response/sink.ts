/** What takes the body of a response as it comes. */
export interface Sink {
  /**
   * Told once, before the first piece.
   * @returns `instead`: its pieces go here and not to memory; `beside`: they go to both; `nothing`: only to memory
   */
  begin(status: number, headers: readonly (readonly [string, string])[]): 'instead' | 'beside' | 'nothing';
  /** Bytes that it has taken, decoded. */
  readonly saved: number;
  /** A promise where it has to wait. */
  write(chunk: Buffer): Promise<void> | undefined;
}
