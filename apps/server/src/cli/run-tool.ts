/** Runs a command-line tool: what it cannot do is said in a sentence, and the shell is told. */
export function runTool(tool: (given: readonly string[]) => Promise<void>): void {
  tool(process.argv.slice(2)).catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exitCode = 1;
  });
}
