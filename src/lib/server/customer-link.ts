/**
 * Address of the customer's page of a kit, as a phone can open it: the public address of the shop where one is set, else the customers' door of
 * this server where it has one.
 */
export function customerLink(url: URL, code: string, env: NodeJS.ProcessEnv = process.env): string {
	const door = env.ROTALUX_PUBLIC_PORT ? `${url.protocol}//${url.hostname}:${env.ROTALUX_PUBLIC_PORT}` : url.origin;
	const base = env.ROTALUX_PUBLIC?.replace(/\/$/, '') ?? door;
	return `${base}/k/${encodeURIComponent(code)}`;
}
