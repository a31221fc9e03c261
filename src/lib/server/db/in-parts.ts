/** Values asked about in one query, well below what a statement may carry. */
const AT_ONCE = 500;

/** What a query over many values finds, asked part by part. */
export async function inParts<V, T>(
	values: readonly V[],
	query: (part: readonly V[]) => Promise<readonly T[]>
): Promise<T[]> {
	const found: T[] = [];
	for (let at = 0; at < values.length; at += AT_ONCE) found.push(...(await query(values.slice(at, at + AT_ONCE))));
	return found;
}
