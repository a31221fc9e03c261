import { hostname, networkInterfaces } from 'node:os';
import { onlyLooks } from './methods';

const LOOPBACK: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '[::1]', '::1']);
const EVERYWHERE: ReadonlySet<string> = new Set(['0.0.0.0', '::', '[::]']);

/** True when an address can be reached from this machine alone. */
export const isLoopback = (host: string): boolean => LOOPBACK.has(host) || /^127\.\d+\.\d+\.\d+$/.test(host);

const bare = (host: string) => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Names this server answers to: where it listens, this machine's own names and addresses when that is everywhere, the host of `ORIGIN`, and
 * `ROTALUX_HOSTS`. Any other name is somebody else's page that was led here.
 */
export function ownHosts(env: NodeJS.ProcessEnv = process.env): ReadonlySet<string> {
	const listens = env.HOST ?? '127.0.0.1';
	const machine = EVERYWHERE.has(listens)
		? [
				hostname(),
				`${hostname()}.local`,
				...Object.values(networkInterfaces()).flatMap((all) =>
					(all ?? []).map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address))
				)
			]
		: [listens];
	const origin = env.ORIGIN ? [new URL(env.ORIGIN).hostname] : [];
	const named = (env.ROTALUX_HOSTS ?? '').split(/[\s,]+/).filter(Boolean);
	return new Set([...LOOPBACK, ...machine, ...origin, ...named].map(bare));
}

/** What of a request says where it comes from. */
export interface Caller {
	method: string;
	host: string;
	/** Origin of this server as the request reached it. */
	own: string;
	origin: string | null;
	/** `sec-fetch-site` and `sec-fetch-mode`, as browsers send them. */
	site: string | null;
	mode: string | null;
}

/** Why a request is not taken, by where it comes from; null when it may go on. Every method and every type of content is held to it. */
export function strangeCaller(
	{ method, host, own, origin, site, mode }: Caller,
	hosts: ReadonlySet<string>
): string | null {
	if (!hosts.has(bare(host))) return `This server does not answer to the name “${host.slice(0, 80)}”.`;
	if (onlyLooks(method))
		return site === 'cross-site' && mode !== 'navigate' ? 'Pages of other sites cannot read from this one.' : null;
	const foreign = origin !== null ? origin !== own : site !== null && site !== 'same-origin' && site !== 'none';
	return foreign ? 'Forms and requests are taken only from pages of this server.' : null;
}

/** Headers of every answer: what browsers may do with it. */
export function guardHeaders({ isPrivate }: { isPrivate: boolean }): Record<string, string> {
	return {
		'x-content-type-options': 'nosniff',
		'x-frame-options': 'DENY',
		'referrer-policy': 'same-origin',
		'cross-origin-opener-policy': 'same-origin',
		'cross-origin-resource-policy': 'same-origin',
		'permissions-policy': 'geolocation=(), microphone=(), payment=()',
		...(isPrivate ? { 'cache-control': 'no-store' } : {}),
		'x-robots-tag': 'noindex, nofollow'
	};
}
