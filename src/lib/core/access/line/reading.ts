import type { Configuration, Operation } from '../../model';
import { cutLine, pieces, type Piece } from './clauses';
import { fastenerText, readFastener, toolsFor } from './fasteners';
import { readHead, type Head } from './head';
import { readMinutes } from './minutes';
import { operationNamed, placesNamed } from './named';
import { freeOperationId } from '../operation-id';

/** A stretch of a line and what it was taken for; null when it was not understood. */
export interface TakenWords {
	from: number;
	to: number;
	label: string | null;
}

/** A line as it was understood. */
export interface AccessReading {
	/** The operation it would add; null where it names no part. */
	operation: Operation | null;
	taken: TakenWords[];
	/** Why it cannot be taken as it stands; empty when it can. */
	problems: string[];
	/** What to look at twice. */
	doubts: string[];
	/** What a plan would need and the line does not say. */
	missing: string[];
}

/** What a line is read against: the vehicle, and what is recorded of its way in. */
export type AccessContext = Pick<Configuration, 'sockets' | 'channels' | 'access'>;

/** Collects what the clauses of a line say. */
class Gathered {
	readonly taken: TakenWords[] = [];
	readonly problems: string[] = [];
	readonly operation: Partial<Operation> = {};

	constructor(
		readonly context: AccessContext,
		readonly side: Operation['side']
	) {}

	note({ from, to }: Piece, label: string | null): void {
		this.taken.push({ from, to, label });
	}

	add<K extends 'after' | 'tools' | 'cautions' | 'reaches' | 'fasteners' | 'anyOf'>(
		field: K,
		values: NonNullable<Operation[K]>
	): void {
		this.operation[field] = [...(this.operation[field] ?? []), ...values] as Operation[K];
	}

	/** Ids of operations that a piece names, parted by "and" or "+"; a name nobody recorded is a problem. */
	ids(piece: Piece): string[] {
		return pieces(piece.text, /\band\b|\+|,/, piece.from).flatMap((name) => {
			const found = operationNamed(this.context.access?.operations ?? [], name.text, this.side);
			if (!found) this.problems.push(`Nothing on record is called “${name.text}”: enter it first.`);
			this.note(name, found ? `after: ${found.title}` : null);
			return found ? [found.id] : [];
		});
	}
}

type Clause = { begins: RegExp; read: (gathered: Gathered, rest: Piece) => void };

/** What a clause may begin with, and how the rest of it is read. A new kind of clause is an entry here. */
const CLAUSES: readonly Clause[] = [
	{
		begins: /^(?:after|by|via)\s*:?\s+/i,
		read: (gathered, rest) => {
			const routes = pieces(rest.text, /\bor\b/, rest.from).map((route) => gathered.ids(route));
			const [only = []] = routes;
			if (routes.length > 1)
				gathered.add(
					'anyOf',
					routes.filter((route) => route.length > 0)
				);
			else gathered.add('after', only);
		}
	},
	{
		begins: /^(?:care|mind)\s*:?\s+/i,
		read: (gathered, rest) => {
			for (const care of pieces(rest.text, /,/, rest.from)) {
				gathered.add('cautions', [care.text]);
				gathered.note(care, 'to mind');
			}
		}
	},
	{
		begins: /^(?:tools?|with)\s*:?\s+/i,
		read: (gathered, rest) => {
			for (const tool of pieces(rest.text, /,/, rest.from)) {
				gathered.add('tools', [tool.text]);
				gathered.note(tool, 'tool');
			}
		}
	},
	{
		begins: /^(?:reaches|reach|for)\s*:?\s+/i,
		read: (gathered, rest) => {
			for (const place of pieces(rest.text, /,|\band\b/, rest.from)) {
				const found = placesNamed(gathered.context, place.text, gathered.side);
				if (found.length === 0)
					gathered.problems.push(`No lamp, output or flasher of this vehicle is meant by “${place.text}”.`);
				gathered.add('reaches', found);
				gathered.note(place, found.length > 0 ? `reaches ${found.join(', ')}` : null);
			}
		}
	}
];

function readClause(gathered: Gathered, clause: Piece): void {
	for (const { begins, read } of CLAUSES) {
		const found = begins.exec(clause.text);
		if (!found) continue;
		const from = clause.from + found[0].length;
		return read(gathered, { text: clause.text.slice(found[0].length), from, to: clause.to });
	}
	const minutes = readMinutes(clause.text);
	if (minutes) {
		Object.assign(gathered.operation, minutes);
		const { minutesOff, minutesOn } = minutes;
		return gathered.note(
			clause,
			[minutesOff === undefined ? '' : `${minutesOff} min off`, minutesOn === undefined ? '' : `${minutesOn} min on`]
				.filter(Boolean)
				.join(', ')
		);
	}
	for (const piece of pieces(clause.text, /,/, clause.from)) readWords(gathered, piece);
}

/** A piece that belongs to no clause: minutes, or a fastener. */
function readWords(gathered: Gathered, piece: Piece): void {
	const minutes = readMinutes(piece.text);
	const fastener = minutes ? null : readFastener(piece.text);
	if (minutes) Object.assign(gathered.operation, minutes);
	if (fastener) gathered.add('fasteners', [fastener]);
	if (minutes || fastener) gathered.note(piece, fastener ? fastenerText(fastener) : 'minutes');
	else {
		gathered.note(piece, null);
		gathered.problems.push(
			`“${piece.text}” is not understood: a fastener, minutes, or begin with after, reaches, tools or care.`
		);
	}
}

function operationOf(head: Head, gathered: Gathered): Operation {
	const { side, part, action } = head;
	const { tools = [], fasteners = [], ...said } = gathered.operation;
	const ids = (gathered.context.access?.operations ?? []).map(({ id }) => id);
	const all = [...new Set([...tools, ...toolsFor(fasteners)])];
	return {
		id: freeOperationId({ part, side }, ids),
		side,
		title: action.title(part),
		kind: action.kind,
		part,
		...said,
		...(all.length > 0 ? { tools: all } : {}),
		...(fasteners.length > 0 ? { fasteners } : {})
	};
}

const EMPTY: AccessReading = { operation: null, taken: [], problems: [], doubts: [], missing: [] };

/** Longest line that is read, characters. */
const LONGEST_LINE = 500;

/**
 * Reads an access-line: side, part and what is done to it, its fasteners, what comes before it, minutes, what to mind and what it reaches, in any order.
 * @example readAccessLine('left headlamp off: 2x 10 mm bolt top, plug; after grille; 6 min off 8 on', vehicle)
 */
export function readAccessLine(line: string, context: AccessContext): AccessReading {
	if (line.length > LONGEST_LINE)
		return {
			...EMPTY,
			problems: [`The line is longer than ${LONGEST_LINE} characters: part it into several operations.`]
		};
	const { head: said, clauses } = cutLine(line);
	if (!said)
		return line.trim() !== '' ? { ...EMPTY, problems: ['The line does not say which part: begin with it.'] } : EMPTY;
	const head = readHead(said);
	if (!head)
		return {
			...EMPTY,
			taken: [{ from: said.from, to: said.to, label: null }],
			problems: ['The line does not say which part: headlamp, grille, bumper…']
		};
	const gathered = new Gathered(context, head.side);
	gathered.note(said, `${head.action.title(head.part)}${head.side === 'both' ? '' : `, ${head.side}`}`);
	for (const clause of clauses) readClause(gathered, clause);
	const operation = operationOf(head, gathered);
	return {
		operation,
		taken: gathered.taken,
		problems: gathered.problems,
		doubts: [
			...(head.isNewPart ? [`“${head.part}” is a new word for a part.`] : []),
			...(head.isActionAssumed ? ['What is done is not said: taken as “off”.'] : [])
		],
		missing: [
			...(operation.minutesOff === undefined ? ['minutes off'] : []),
			...(operation.minutesOn === undefined ? ['minutes on'] : []),
			...(operation.reaches === undefined || operation.reaches.length === 0
				? ['what it reaches, if it reaches a lamp']
				: [])
		]
	};
}
