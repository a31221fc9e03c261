import type { Operation } from '../model';

const SIDE_MARK = { left: '-L', right: '-R', both: '' } as const;

/** An id for a new operation, readable and free. @example freeOperationId({ part: 'rear lamp', side: 'left' }, []) // "rear-lamp-L" */
export function freeOperationId(
	{ part, side }: { part: string; side: Operation['side'] },
	taken: readonly string[]
): string {
	const slug =
		part
			.toLowerCase()
			.replace(/[^\p{L}\p{N}]+/gu, '-')
			.replace(/^-|-$/g, '') || 'step';
	const id = `${slug.slice(0, 60)}${SIDE_MARK[side ?? 'both']}`;
	if (!taken.includes(id)) return id;
	for (let number = 2; ; number++) if (!taken.includes(`${id}.${number}`)) return `${id}.${number}`;
}
