import type { Channel, Configuration, Evidence, Socket } from '../exchange';
import { lampFunction, type FunctionId } from '../lamps';
import {
	FACTS,
	evidenceText,
	factText,
	openQuestions,
	socketName,
	socketsInWalk,
	standingOf,
	valueAt,
	type Fact,
	type Question,
	type Standing,
	type Subject,
	type SubjectKind
} from '../vehicle';
import { checkDraft, draftOf, factsOf, expectedPlaces, missingOf, placeKeyText, type ExpectedPlace } from '../walk';

/** One thing that was said of a fact. */
export interface ShownSaying {
	value: string;
	source: string;
	note: string;
	/** Why it counts no more; null while it does. */
	overruled: string | null;
}

/** A fact of a record with all that was said of it. */
export interface RecordedFact {
	id: string;
	label: string;
	unit: Fact['unit'] | null;
	value: unknown;
	text: string;
	/** Where the value in force comes from. */
	source: string;
	standing: Standing | null;
	said: ShownSaying[];
}

function saying(fact: Fact, item: Evidence, current: unknown): ShownSaying {
	const { overruled } = item;
	return {
		value: factText(fact, item.value ?? current),
		source: evidenceText(item),
		note: item.note ?? '',
		overruled: overruled ? ['overruled', overruled.on, overruled.by, overruled.note].filter(Boolean).join(', ') : null
	};
}

/** A filament lamp is what every socket begins with; nobody need say so. */
const isPlainFilament = (fact: string, value: unknown) => fact === 'state' && value === 'filament';

/** All facts of a socket, a channel or the flasher, known or not, with their standing and everything said of them. */
export function showRecorded(kind: SubjectKind, subject: object & Subject): RecordedFact[] {
	return Object.entries(FACTS[kind]).map(([id, fact]) => {
		const value = valueAt(subject, id);
		const speaking = (subject.evidence ?? []).filter((e) => e.fact === id || id.startsWith(`${e.fact}.`));
		const live = speaking.filter((e) => !e.overruled).reverse();
		const inForce = live.find((e) => e.value === undefined || JSON.stringify(e.value) === JSON.stringify(value));
		return {
			id,
			label: fact.label,
			unit: fact.unit ?? null,
			value: value ?? null,
			text: factText(fact, value),
			source:
				value === undefined || isPlainFilament(id, value) ? '' : inForce ? evidenceText(inForce) : 'no source given',
			standing: isPlainFilament(id, value) ? null : standingOf(kind, subject, id),
			said: speaking.map((item) => saying(fact, item, value))
		};
	});
}

/** A socket's record for the desk. */
export interface ShownSocketRecord {
	id: string;
	name: string;
	place: Pick<Socket, 'zone' | 'side' | 'index' | 'functions'> & { names: string[] };
	facts: RecordedFact[];
	missing: string[];
	doubts: string[];
	unit: { id: string; place: string } | null;
}

/** A socket's record: place, facts, what is missing and what to look at twice. */
export function showSocketRecord(configuration: Configuration, socket: Socket): ShownSocketRecord {
	const draft = draftOf(socket);
	const others = configuration.sockets.filter((s) => s !== socket);
	const { impossible, doubts } = checkDraft(draft, { ...configuration, sockets: others });
	return {
		id: socket.id,
		name: socketName(socket),
		place: {
			zone: socket.zone,
			side: socket.side,
			index: socket.index,
			functions: socket.functions,
			names: socket.names ?? []
		},
		facts: showRecorded('socket', socket),
		missing: missingOf({ ...draft, facts: factsOf(socket) }),
		doubts: [...impossible, ...doubts],
		unit: socket.unit ? { id: socket.unit.id, place: socket.unit.place } : null
	};
}

/** A socket as one row of the walk. */
export interface WalkRow {
	id: string;
	name: string;
	category: string | null;
	state: Socket['state'];
	lens: string | null;
	optic: string | null;
	missing: string[];
	/** The weakest standing among the facts a match stands on. */
	standing: Standing | null;
}

const MATTERS = [
	'category',
	'state',
	'lens',
	'optic',
	'wiring',
	...Object.keys(FACTS.socket).filter((f) => f.includes('.'))
];
const WEAKEST: readonly Standing[] = ['contested', 'unconfirmed', 'confirmed'];

/** The weakest standing among the facts of a socket that a match stands on; null when nothing is known of it. */
export function weakestStanding(socket: Socket): Standing | null {
	const all = MATTERS.map((fact) =>
		fact === 'state' && socket.state === 'filament' ? null : standingOf('socket', socket, fact)
	);
	return WEAKEST.find((standing) => all.includes(standing)) ?? null;
}

/** What the answers for some sockets stand on and is not certain, in words: facts nobody has confirmed, facts sources disagree on. */
export function doubtsOf(sockets: readonly Socket[]): string[] {
	const named = (wanted: Standing) =>
		MATTERS.filter((fact) =>
			sockets.some((s) => !isPlainFilament(fact, valueAt(s, fact)) && standingOf('socket', s, fact) === wanted)
		).map((fact) => FACTS.socket[fact]?.label.toLowerCase() ?? fact);
	const [unconfirmed, contested] = [named('unconfirmed'), named('contested')];
	return [
		...(unconfirmed.length > 0 ? [`never confirmed: ${unconfirmed.join(', ')}`] : []),
		...(contested.length > 0 ? [`sources disagree: ${contested.join(', ')}`] : [])
	];
}

/** What a walk shows: rows in walking order, what is usually there and not listed, and what was looked for and is not there. */
export interface ShownWalk {
	rows: WalkRow[];
	expected: ExpectedPlace[];
	absent: { key: string; name: string }[];
}

/** The walk of a vehicle. */
export function showWalk(configuration: Configuration): ShownWalk {
	return {
		rows: socketsInWalk(configuration).map((socket) => ({
			id: socket.id,
			name: socketName(socket),
			category: socket.category ?? null,
			state: socket.state,
			lens: socket.lens ?? null,
			optic: socket.optic ?? null,
			missing: missingOf({ ...draftOf(socket), facts: factsOf(socket) }),
			standing: weakestStanding(socket)
		})),
		expected: expectedPlaces(configuration),
		absent: (configuration.absent ?? []).map((key) => ({ key, name: placeKeyText(key) }))
	};
}

/** What a channel may feed: a function of a socket. */
export interface ShownTerminal {
	socket: string;
	function: FunctionId;
	name: string;
	/** Channels that feed it: none means nobody has found out, two that one of them is wrong. */
	channels: string[];
}

/** The channels of a vehicle, and everything they may feed. */
export interface ShownChannels {
	channels: { channel: Channel; facts: RecordedFact[]; text: string }[];
	terminals: ShownTerminal[];
	flasher: { kind: string; facts: RecordedFact[] } | null;
}

function channelText({ feed, monitor, fuse }: Channel): string {
	const fed = feed ? (feed.kind === 'pwm' ? 'pulsed' : 'steady') : 'feed not known';
	const watched = monitor ? (monitor.kind === 'none' ? 'no monitor' : `${monitor.kind} monitor`) : 'monitor not known';
	return [fed, watched, fuse === undefined ? '' : `fuse ${fuse} A`].filter(Boolean).join(', ');
}

/** The channels of a vehicle with what they feed. */
export function showChannels(configuration: Configuration): ShownChannels {
	const { channels, flasher } = configuration;
	return {
		channels: channels.map((channel) => ({
			channel,
			facts: showRecorded('channel', channel),
			text: channelText(channel)
		})),
		terminals: socketsInWalk(configuration).flatMap((socket) =>
			socket.functions.map((id) => ({
				socket: socket.id,
				function: id,
				name:
					socket.functions.length > 1
						? `${socketName(socket)}: ${lampFunction(id).label.toLowerCase()}`
						: socketName(socket),
				channels: channels
					.filter((c) => c.feeds.some((f) => f.socket === socket.id && f.function === id))
					.map((c) => c.id)
			}))
		),
		flasher: flasher ? { kind: flasher.kind, facts: showRecorded('flasher', flasher) } : null
	};
}

/** An open question in words. */
export interface ShownQuestion {
	subject: Question['subject'];
	name: string;
	fact: string;
	label: string;
	values: { value: unknown; text: string; sources: { text: string; note: string }[] }[];
}

/** The open questions of a record. */
export function showQuestions(configuration: Configuration): ShownQuestion[] {
	return openQuestions(configuration).map(({ subject, fact, values }) => {
		const definition = FACTS[subject.kind][fact] ?? { label: fact };
		const socket = configuration.sockets.find((s) => subject.kind === 'socket' && s.id === subject.id);
		return {
			subject,
			name: socket ? socketName(socket) : subject.kind === 'flasher' ? 'Flasher' : `Channel ${subject.id}`,
			fact,
			label: definition.label,
			values: values.map(({ value, evidence }) => ({
				value,
				text: factText(definition, value),
				sources: evidence.map((item) => ({ text: evidenceText(item), note: item.note ?? '' }))
			}))
		};
	});
}
