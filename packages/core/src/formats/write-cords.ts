import papa from 'papaparse';

/** A tested cord, as a table has it. */
export interface CordLine {
  readonly label: string;
  readonly verdict: string;
  readonly summary: string;
  /** ISO 8601, in UTC. */
  readonly at: string;
  readonly author: string;
  readonly tester: string;
  readonly times: number;
}

/** A batch of cords as CSV, one row a cord. What a sheet would take for a formula is quoted as text. */
export function writeCords(rows: readonly CordLine[]): string {
  const table = rows.map(({ label, verdict, summary, at, author, tester, times }) => ({
    label,
    result: verdict,
    shown: summary,
    at,
    by: author,
    tester,
    'times tested': times,
  }));
  return `${papa.unparse(table, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
