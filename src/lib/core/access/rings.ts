import { namedBefore, type AccessGraph } from './graph';

/**
 * Groups of operations that each lie on a ring of what comes before what: strongly connected parts of the graph with more than one operation, or
 * one that waits for itself (R. E. Tarjan 1972).
 */
export function rings({ operations }: AccessGraph): string[][] {
	const index = new Map<string, number>();
	const low = new Map<string, number>();
	const stack: string[] = [];
	const found: string[][] = [];
	const before = (id: string) => {
		const operation = operations.get(id);
		return operation ? namedBefore(operation).filter((other) => operations.has(other)) : [];
	};
	const visit = (id: string): number => {
		const own = index.size;
		index.set(id, own);
		let lowest = own;
		stack.push(id);
		for (const other of before(id)) {
			if (!index.has(other)) lowest = Math.min(lowest, visit(other));
			else if (stack.includes(other)) lowest = Math.min(lowest, index.get(other) ?? lowest);
		}
		low.set(id, lowest);
		if (lowest === own) {
			const part = stack.splice(stack.indexOf(id));
			if (part.length > 1 || before(id).includes(id)) found.push(part);
		}
		return lowest;
	};
	for (const id of operations.keys()) if (!index.has(id)) visit(id);
	return found;
}
