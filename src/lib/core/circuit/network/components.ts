import { GROUND, type Element, type Node } from './element';

/** Elements in groups that are connected by nodes other than ground: each can be solved by itself. */
export function components(elements: readonly Element[]): Element[][] {
	const parent = new Map<Node, Node>();
	const root = (node: Node): Node => {
		let at = node;
		for (let up = parent.get(at); up !== undefined && up !== at; up = parent.get(at)) at = up;
		return at;
	};
	for (const { from, to } of elements) {
		for (const node of [from, to]) if (!parent.has(node)) parent.set(node, node);
		if (from !== GROUND && to !== GROUND) parent.set(root(from), root(to));
	}
	const groups = new Map<Node, Element[]>();
	for (const element of elements) {
		const key = root(element.from === GROUND ? element.to : element.from);
		const list = groups.get(key);
		if (list) list.push(element);
		else groups.set(key, [element]);
	}
	return [...groups.values()];
}
