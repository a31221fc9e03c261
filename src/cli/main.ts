import { runCommand } from './run-command';

/** Standard output may be a slow pipe: wait until it has taken everything. */
function write(chunk: string | Buffer): Promise<void> {
	return new Promise((resolve) => process.stdout.write(chunk, () => resolve()));
}

const { status, stdout, stderr } = await runCommand(process.argv.slice(2));
process.stderr.write(stderr);
await write(stdout);
process.exitCode = status;
