import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { Trouble } from '../failure';

/** What the tools of the server take their address from: nobody else on the machine sees it, as they would among the arguments. */
function environment(url: string): NodeJS.ProcessEnv {
	const { hostname, port, username, password, pathname, searchParams } = new URL(url);
	const said: Record<string, string | null> = {
		PGHOST: searchParams.get('host') ?? decodeURIComponent(hostname),
		PGPORT: searchParams.get('port') ?? port,
		PGUSER: searchParams.get('user') ?? decodeURIComponent(username),
		PGPASSWORD: searchParams.get('password') ?? decodeURIComponent(password),
		PGDATABASE: decodeURIComponent(pathname.slice(1)),
		PGSSLMODE: searchParams.get('sslmode'),
		PGAPPNAME: 'rotalux'
	};
	return {
		...process.env,
		...Object.fromEntries(Object.entries(said).flatMap(([name, value]) => (value ? [[name, value]] : [])))
	};
}

/**
 * Runs a tool of the server on a database.
 * @throws Trouble with what the tool said
 */
export async function runTool(tool: 'pg_dump' | 'pg_restore', url: string, args: readonly string[]): Promise<void> {
	const child = spawn(tool, args, { env: environment(url), stdio: ['ignore', 'ignore', 'pipe'] });
	let said = '';
	child.stderr.on('data', (part: Buffer) => (said = (said + part.toString()).slice(-2000)));
	const [code] = (await once(child, 'close').catch((error: NodeJS.ErrnoException) => {
		throw error.code === 'ENOENT'
			? new Trouble(`${tool} is not on this machine. Install Debian's postgresql-client, as new as the server.`)
			: error;
	})) as [number | null];
	if (code === 0) return;
	const why =
		said
			.trim()
			.split('\n')
			.find((line) => line.includes('error:')) ?? said.trim().split('\n')[0];
	throw new Trouble(
		`${tool} could not do its work: ${why?.replace(/^pg_\w+: (error: )?/, '') || `it ended with ${code}`}.`
	);
}
