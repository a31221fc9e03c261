import { type Configuration } from '../model';
import { nextFacts, type Catalogue, type NextFact, type Shop } from '../match';
import { subjectName } from '../record';
import { socketName } from '../vehicle';

/** A fact worth finding out, to be answered on the spot. */
export interface NextFactView {
	key: string;
	subject: NextFact['subject'];
	fact: string;
	/** What it is of, and what it is called. */
	name: string;
	label: string;
	unit: string;
	how: string;
	minutes: number;
	/** Names of the sockets it would decide. */
	sockets: string[];
	/** The answers there are; null where a number or a word is typed. */
	choices: { value: string; label: string }[] | null;
}

/** What to find out next about a vehicle, the most decided a minute first. */
export function nextFactViews(
	configuration: Configuration,
	{ catalogue, shop }: { catalogue: Catalogue; shop: Shop }
): NextFactView[] {
	const names = new Map(configuration.sockets.map((s) => [s.id as string, socketName(s)]));
	return nextFacts(configuration, catalogue, shop).map(({ subject, fact, definition, how, minutes, sockets }) => ({
		key: [subject.kind, subject.id, fact].join(' '),
		subject,
		fact,
		name: subjectName(configuration, subject),
		label: definition.label,
		unit: definition.unit ?? '',
		how,
		minutes,
		sockets: sockets.map((id) => names.get(id) ?? id),
		choices: definition.choices
			? Object.entries(definition.choices).map(([value, { label }]) => ({ value, label }))
			: null
	}));
}
