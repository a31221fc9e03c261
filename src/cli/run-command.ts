import { COMMANDS } from './commands';
import { BadInput } from './io';

const BAD_INPUT = 2;

/** What a command leaves behind: its exit status, and what goes to each output. */
export interface Ran {
	status: number;
	stdout: string | Buffer;
	stderr: string;
}

const refused = (words: string): Ran => ({ status: BAD_INPUT, stdout: '', stderr: `${words}\n` });

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

/** Runs the command a person typed. Bad input is one line of words and status 2; a fault of the code is thrown. */
export async function runCommand([name = '', ...args]: readonly string[]): Promise<Ran> {
	const load = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
	if (!load) return refused(`${name ? `There is no command "${name}".` : 'No command is given.'}\n${await help()}`);
	try {
		const command = await load();
		const { output, exit = 0 } = await command.run(args);
		const isText = typeof output === 'string' || Buffer.isBuffer(output);
		return { status: exit, stdout: isText ? output : `${JSON.stringify(output, null, 2)}\n`, stderr: '' };
	} catch (error) {
		const words = plain(error);
		if (words === null) throw error;
		return refused(words.replaceAll('\n', ' '));
	}
}
