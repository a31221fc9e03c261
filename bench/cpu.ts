import { readdirSync, readFileSync } from 'node:fs';

/** Ticks of the clock that counts CPU time, a second. */
const TICKS = 100;

/** What the kernel says of a process, by the fields behind its name; null when there is none. */
function statOf(pid: string | number): number[] | null {
	try {
		return (readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1] ?? '').split(' ').map(Number);
	} catch {
		// It has ended meanwhile.
		return null;
	}
}

/** Fields: its parent; its own time, and that of its children that ended, each outside and inside the kernel. */
const [PARENT, OWN, ENDED] = [1, 11, 13];
const timeAt = (stat: readonly number[], field: number) => (stat[field] ?? 0) + (stat[field + 1] ?? 0);

/** CPU time that a process has taken with its children, in and out of the kernel, s. */
export function cpuSeconds(pid: number): number {
	const own = statOf(pid);
	if (!own) return 0;
	const children = readdirSync('/proc').flatMap((name) => {
		const stat = /^\d+$/.test(name) ? statOf(name) : null;
		return stat?.[PARENT] === pid ? [timeAt(stat, OWN)] : [];
	});
	return (timeAt(own, OWN) + timeAt(own, ENDED) + children.reduce((sum, time) => sum + time, 0)) / TICKS;
}

/** Time for which this machine's cores were given to other machines since it began, s. */
export function stolenSeconds(): number {
	const [first = ''] = readFileSync('/proc/stat', 'utf8').split('\n');
	return Number(first.trim().split(/\s+/)[8]) / TICKS;
}
