import { getContext, hasContext, setContext } from 'svelte';

const KEY = Symbol('refused');

/** A page, and what whoever looks at it may not send: for each such action, who may; `*` stands for whatever action there is. */
interface Here {
	address: URL;
	refused: Readonly<Record<string, string>>;
}

/** Hands every form below what whoever looks at the page may not send. */
export function provideRefused(here: () => Here): void {
	setContext(KEY, here);
}

/** Who may send a form of this page, by its action, where whoever looks at it may not; null where they may, and for forms of other pages. */
export function refusedHere(): (action?: string) => string | null {
	if (!hasContext(KEY)) return () => null;
	const here = getContext<() => Here>(KEY);
	return (action = '') => {
		const { address, refused } = here();
		const to = new URL(action, address);
		const name = [...to.searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1) ?? 'default';
		return to.pathname === address.pathname ? (refused[name] ?? refused['*'] ?? null) : null;
	};
}
