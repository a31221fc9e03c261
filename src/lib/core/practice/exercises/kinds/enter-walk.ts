import { SWITCHES } from '../../../circuit';
import { categoryOrNull, lampFunction, type FunctionId } from '../../../lamps';
import type { Configuration, Socket } from '../../../model';
import { twinGroups } from '../../../vehicle';
import { readWalkLine, type WalkContext } from '../../../walk';
import { RIGHT, type Cost, type ExerciseKind, type Judged, type Opened } from '../exercise';
import { lampFront } from '../lamp-front';

type Group = readonly [Socket, ...Socket[]];

const MOST_TYPED = 200;
const COST = {
	wrong: { minutes: 40, words: 'The record is wrong: every kit for this vehicle comes with the wrong lamp.' },
	missing: { minutes: 10, words: 'Somebody has to walk round the vehicle again, or the lamp stays a check by hand.' }
} as const satisfies Record<string, Cost>;
const SIDES: Readonly<Record<string, string>> = { left: 'on the left', right: 'on the right', centre: 'in the middle' };

/** What else is seen of a lamp that its place and switch do not tell from others. */
const SEEN_AS: Readonly<Partial<Record<FunctionId, string>>> = {
	chmsl: 'stands high up',
	'licence-plate': 'shines on the number plate',
	'side-marker': 'shines to the side'
};
const OUTSIDE: ReadonlySet<string> = new Set(['front', 'side', 'rear']);

const whenLit = ({ functions }: Socket) =>
	functions
		.map((id) => Object.values(SWITCHES).find(({ lights }) => (lights as readonly string[]).includes(id))?.label ?? id)
		.join('; ');

const where = ([first, ...others]: Group) =>
	others.length > 0 ? `${first.zone}, both sides` : `${first.zone}, ${SIDES[first.side]}`;

const hasOptic = ({ optic }: Socket) => optic === 'projector' || optic === 'reflector';
const contextOf = ({ kind, market, steering }: Configuration): WalkContext => ({
	kind,
	market,
	...(steering ? { steering } : {}),
	sockets: []
});

/** A line that says all there is to say of a group. @example "rear stop tail P21/5W red" */
const whole = (group: Group) => {
	const [{ zone, functions, category, lens, optic }] = group;
	const sides = group.length > 1 ? 'both' : group[0].side;
	return [
		zone,
		...functions.map((id) => lampFunction(id).label.toLowerCase()),
		category,
		lens,
		hasOptic(group[0]) ? optic : '',
		sides
	]
		.filter(Boolean)
		.join(' ');
};

/** A fact of a line beside what is so. */
interface Compared {
	label: string;
	said: string | null;
	is: string;
}

const together = (list: readonly string[]) => [...list].sort().join(' + ');
const found = (value: unknown) => (value === undefined || value === null ? null : String(value));

function compared(line: string, context: WalkContext, group: Group): Compared[] {
	const [socket] = group;
	const { draft } = readWalkLine(line, context);
	const category = found(draft.facts.category);
	return [
		{ label: 'what it is for', said: together(draft.functions), is: together(socket.functions) },
		{ label: 'where', said: found(draft.zone), is: socket.zone },
		{ label: 'sides', said: together(draft.sides), is: together(group.map(({ side }) => side)) },
		{
			label: 'lamp category',
			said: categoryOrNull(category ?? undefined)?.category ?? category,
			is: categoryOrNull(socket.category)?.category ?? ''
		},
		{ label: 'lens', said: found(draft.facts.lens), is: socket.lens ?? '' },
		...(hasOptic(socket) ? [{ label: 'optic', said: found(draft.facts.optic), is: socket.optic ?? '' }] : [])
	];
}

const open = ({ label, said, is }: Compared): Opened => ({
	what: `${label}: ${said || 'not said'}; it is ${is}`,
	why: said
		? 'What is wrong in the record is wrong in every kit made from it.'
		: 'What the line does not say stays unknown, and unknown is never a pass.',
	source: 'the vehicle itself'
});

/** What a line is worth for a group of sockets. */
function judge(line: string, context: WalkContext, group: Group): Judged | null {
	if (line.trim() === '' || line.length > MOST_TYPED) return null;
	const { problems } = readWalkLine(line, context);
	if (problems.length > 0)
		return {
			outcome: 'wrong',
			opened: problems.map((what) => ({
				what,
				why: 'A line is taken when every word of it is understood.',
				source: 'words of the walk-line'
			})),
			cost: COST.missing
		};
	const facts = compared(line, context, group);
	const wrong = facts.filter(({ said, is }) => said !== null && said !== is);
	if (wrong.length > 0) return { outcome: 'wrong', opened: wrong.map(open), cost: COST.wrong };
	const missing = facts.filter(({ said }) => said === null);
	return missing.length === 0 ? RIGHT : { outcome: 'too-careful', opened: missing.map(open), cost: COST.missing };
}

/** What is seen at a place is entered in one line. */
export const enterWalk: ExerciseKind = {
	skill: 'enter the walk',
	minutes: 2,
	pose: (made, chance) => {
		const context = contextOf(made.truth);
		const groups = twinGroups(made.truth.sockets.filter(({ zone }) => OUTSIDE.has(zone))) as unknown as Group[];
		for (const group of chance.shuffled(groups)) {
			const line = whole(group);
			if (judge(line, context, group)?.outcome !== 'right') continue;
			const [socket] = group;
			return {
				question: {
					task: 'Enter this place in one line.',
					given: [
						{ label: 'Where', value: where(group) },
						{ label: 'Lit with', value: whenLit(socket) },
						...socket.functions.flatMap((id) => {
							const value = SEEN_AS[id];
							return value ? [{ label: 'Seen as well', value }] : [];
						}),
						{ label: 'On the lamp', value: socket.category ?? '' }
					],
					drawing: { kind: 'fronts', fronts: [lampFront(group, where(group))] },
					looks: [],
					answer: { by: 'line', context },
					reason: null
				},
				judge: (answer) => judge(answer, context, group),
				seen: () => null,
				standsFor: `for example “${line}”`,
				least: 0,
				screen: { room: 'record', socket: socket.id },
				rightReasons: []
			};
		}
		return null;
	}
};
