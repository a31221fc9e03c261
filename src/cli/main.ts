import { COMMANDS } from './commands';
import { BadInput } from './io';

const BAD_INPUT = 2;

async function help(): Promise<string> {
	const commands = await Promise.all(Object.values(COMMANDS).map((load) => load()));
	return ['Commands:', ...commands.map(({ usage }) => `  ./rotalux ${usage}`)].join('\n');
}

/** Words for a failure a person can act on; null when it is a fault of the code. */
function plain(error: unknown): string | null {
	if (error instanceof BadInput) return error.message;
	const code = (error as { code?: string }).code ?? '';
	return code.startsWith('ERR_PARSE_ARGS') ? (error as Error).message : null;
}

async function main([name = '', ...args]: string[]): Promise<number> {
	const load = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
	if (!load) {
		process.stderr.write(`${name ? `There is no command "${name}".` : 'No command is given.'}\n${await help()}\n`);
		return BAD_INPUT;
	}
	try {
		const command = await load();
		const { output, exit = 0 } = await command.run(args);
		await write(
			typeof output === 'string' || Buffer.isBuffer(output) ? output : `${JSON.stringify(output, null, 2)}\n`
		);
		return exit;
	} catch (error) {
		const words = plain(error);
		if (words === null) throw error;
		process.stderr.write(`${words.replaceAll('\n', ' ')}\n`);
		return BAD_INPUT;
	}
}

/** Standard output may be a slow pipe: wait until it has taken everything. */
function write(chunk: string | Buffer): Promise<void> {
	return new Promise((resolve) => process.stdout.write(chunk, () => resolve()));
}

process.exitCode = await main(process.argv.slice(2));
