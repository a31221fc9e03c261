import { factOf, factText, type Configuration, type RotaluxDocument } from '../model';
import type { Problem } from '../result';
import { againstSources, againstSourcesOf, evidenceText, type AgainstSource } from '../vehicle';

/** Where the thing of a question stands in a document. */
function pathOf(configuration: Configuration, c: number, { kind, id }: AgainstSource['subject']): string {
	const base = `configurations[${c}]`;
	const at = (list: readonly { id: string }[]) => list.findIndex((item) => item.id === id);
	if (kind === 'socket') return `${base}.sockets[${at(configuration.sockets)}]`;
	if (kind === 'channel') return `${base}.channels[${at(configuration.channels)}]`;
	return kind === 'flasher' ? `${base}.flasher` : base;
}

function problem(path: string, { subject, fact, value, strongest }: AgainstSource): Problem {
	const definition = factOf(subject.kind, fact);
	return {
		path: `${path}.${fact}`,
		message: `is ${factText(definition, value)}, and its strongest source (${evidenceText(strongest)}) says ${factText(definition, strongest.value)}`
	};
}

/**
 * Facts of a document whose value is not what their own strongest, newest source says. Such a file is read all the same; `check` names them.
 */
export function evidenceProblems({ configurations, products }: RotaluxDocument): Problem[] {
	return [
		...configurations.flatMap((configuration, c) =>
			againstSources(configuration).map((found) => problem(pathOf(configuration, c, found.subject), found))
		),
		...products.flatMap((product, p) =>
			againstSourcesOf('product', product.id, product).map((found) => problem(`products[${p}]`, found))
		)
	];
}
