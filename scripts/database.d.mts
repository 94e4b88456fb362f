export declare class PrivateDatabase {
  constructor(dataDir: string, say: (line: string) => void);
  /** Makes what is missing, starts the database unless it runs, and returns its address. */
  open(): Promise<string>;
  /** Address of the one who may make users. */
  keeperUrl(): string;
  /** Number of the process that is our database, or null. */
  pid(): number | null;
  /** Leaves the database; the last to leave stops it. */
  close(): Promise<void>;
}
