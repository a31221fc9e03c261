import { createInterface } from 'node:readline/promises';
import { createAccount, hasAccounts } from '../../lib/server/access/accounts';
import { BadInput, readText, type Command } from '../io';
import { withDatabase } from '../with-database';

const NO_PASSWORD =
	'Nobody has an account yet: run ./rotalux owner NAME in a terminal, or give the password on standard input.';

/** Asks at the terminal, what is typed not shown. */
async function askFor(what: string, hidden: boolean): Promise<string> {
	const asking = createInterface({ input: process.stdin, output: process.stderr, terminal: true });
	if (hidden) {
		process.stderr.write(what);
		(asking as unknown as { output: { write: () => boolean } }).output = { write: () => true };
	}
	const answer = await asking.question(hidden ? '' : what);
	asking.close();
	if (hidden) process.stderr.write('\n');
	return answer;
}

/** Gives the first account of a shop, an owner's. The password is asked for at the terminal, or read from standard input. */
export const owner: Command = {
	usage: 'owner NAME | owner --if-none',
	run: async ([given]) => {
		const onlyIfNone = given === '--if-none';
		if (!given) throw new BadInput('No name is given: ./rotalux owner NAME.');
		if (await withDatabase(hasAccounts)) {
			if (onlyIfNone) return { output: { owner: 'there already' } };
			throw new BadInput('There are accounts already: an owner gives others, under Settings, People.');
		}
		const atTerminal = process.stdin.isTTY;
		if (onlyIfNone && !atTerminal) throw new BadInput(NO_PASSWORD);
		const name = onlyIfNone
			? await askFor('Others could reach this server, so it needs an owner. Name: ', false)
			: given;
		const password = atTerminal
			? await askFor('Password, 10 characters or more: ', true)
			: readText('-').replace(/\r?\n$/, '');
		const made = await withDatabase((db) =>
			createAccount(db, { name, role: 'owner', password }, new Date().toISOString())
		);
		if (!made.ok) throw new BadInput(made.error);
		return { output: { owner: name } };
	}
};
