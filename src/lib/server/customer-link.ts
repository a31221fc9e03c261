/** Address of the customer's page of a kit, as a phone can open it: the public address of the shop where one is set. */
export function customerLink(url: URL, code: string, env: NodeJS.ProcessEnv = process.env): string {
	const base = env.ROTALUX_PUBLIC?.replace(/\/$/, '') ?? url.origin;
	return `${base}/k/${encodeURIComponent(code)}`;
}
