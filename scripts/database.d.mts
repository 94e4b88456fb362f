/** Installs MariaDB from Debian's packages when it is missing and we may. */
export function ensureMariaDb(say: (line: string) => void): void;

/** Installs packages of Debian's; throws in words where that is not possible. */
export function aptInstall(...packages: string[]): void;

export declare class PrivateDatabase {
  constructor(dataDir: string, say: (line: string) => void);
  /** Makes what is missing, starts the database unless it runs, and returns its address. */
  open(): Promise<string>;
  /** Address of the one who may make users. */
  keeperUrl(): string;
  /** Number of the process that is our database, or null. */
  pid(): number | null;
  /** Brings the database back whenever it dies, until `close`. */
  watch(): void;
  /** Leaves the database; the last to leave stops it. */
  close(): Promise<void>;
}
