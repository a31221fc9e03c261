// A PostgreSQL of its own for tests: in a folder that goes away, as an ordinary user, on a socket, with nothing written through to the disk.
// Run by itself, it says its address and serves until it is stopped.
import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync, statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import pg from 'pg';

const HOME = '/usr/lib/postgresql';
const WAIT_MS = 60_000;
const SETTINGS = {
	listen_addresses: '',
	max_connections: 200,
	shared_buffers: '128MB',
	fsync: 'off',
	synchronous_commit: 'off',
	full_page_writes: 'off',
	max_wal_size: '256MB'
};

/** Folder of the newest server that Debian has put on this machine; null when there is none. */
function programs() {
	const versions = existsSync(HOME)
		? readdirSync(HOME).filter((version) => existsSync(join(HOME, version, 'bin/postgres')))
		: [];
	const [newest] = versions.sort((a, b) => Number(b) - Number(a));
	return newest ? join(HOME, newest, 'bin') : null;
}

const MEMORY = '/dev/shm';
/** Room that many small databases take, bytes. */
const ROOM = 2e9;

/** Where its files are: in memory where there is room, for a database is a few hundred of them. */
function place() {
	if (!existsSync(MEMORY)) return tmpdir();
	const { bavail, bsize } = statfsSync(MEMORY);
	return bavail * bsize > ROOM ? MEMORY : tmpdir();
}

/** The server does not run as root. */
function ordinaryUser() {
	if (process.getuid() !== 0) return {};
	const id = (flag) => Number(execFileSync('id', [flag, 'nobody'], { encoding: 'utf8' }));
	return { uid: id('-u'), gid: id('-g') };
}

async function answers(url, server) {
	const until = Date.now() + WAIT_MS;
	while (Date.now() < until && server.exitCode === null) {
		const client = new pg.Client({ connectionString: url });
		client.on('error', () => undefined);
		const there = await client.connect().then(
			() => true,
			() => false
		);
		await client.end().catch(() => undefined);
		if (there) return true;
		await new Promise((done) => setTimeout(done, 50));
	}
	return false;
}

/**
 * Starts a server.
 * @returns {Promise<{ url: string, pid: number, stop: () => Promise<void> } | { why: string }>} its address and process, or why there is none
 */
export async function startPostgres() {
	const bin = programs();
	if (!bin) return { why: `there is no PostgreSQL in ${HOME}; install Debian's package postgresql` };
	const user = ordinaryUser();
	const folder = mkdtempSync(join(place(), 'rotalux-postgres-'));
	if (user.uid !== undefined) chownSync(folder, user.uid, user.gid);
	const data = join(folder, 'data');
	try {
		execFileSync(
			join(bin, 'initdb'),
			['-D', data, '-U', 'rotalux', '--auth=trust', '--encoding=UTF8', '--locale=C', '--no-sync'],
			{
				...user,
				cwd: folder,
				stdio: ['ignore', 'ignore', 'pipe']
			}
		);
	} catch (error) {
		rmSync(folder, { recursive: true, force: true });
		return {
			why: `initdb ended badly: ${
				String(error.stderr ?? error)
					.trim()
					.split('\n')[0]
			}`
		};
	}
	const settings = Object.entries({ ...SETTINGS, unix_socket_directories: folder });
	const server = spawn(
		join(bin, 'postgres'),
		['-D', data, ...settings.flatMap(([name, value]) => ['-c', `${name}=${value}`])],
		{
			...user,
			cwd: folder,
			stdio: 'ignore'
		}
	);
	const url = `postgres://rotalux@localhost/postgres?host=${encodeURIComponent(folder)}`;
	const stop = async () => {
		if (server.exitCode === null) {
			server.kill('SIGINT');
			await once(server, 'exit');
		}
		rmSync(folder, { recursive: true, force: true });
	};
	if (await answers(url, server)) return { url, pid: server.pid, stop };
	await stop();
	return { why: 'the server did not start' };
}

if (basename(process.argv[1] ?? '') === 'postgres.mjs') {
	const started = await startPostgres();
	if ('why' in started) {
		console.error(started.why);
		process.exit(2);
	}
	console.log(started.url);
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void started.stop().then(() => process.exit(0)));
}
