import { fastenerText, operationName } from '../../../core/access';
import { type Channel, type Configuration, factOf, factText, type Operation } from '../../../core/model';
import { IDENTITY_FIELDS, type SubjectRef } from '../../../core/record';
import {
	evidenceText,
	functionsText,
	liveEvidence,
	socketName,
	subjectsOf,
	valueAt,
	vehicleName
} from '../../../core/vehicle';
import type { Command } from './commands';

/** What a socket, channel or flasher says of one fact, with its evidence. */
function factPart(configuration: Configuration, { kind, id }: SubjectRef, fact: string): unknown {
	const found = subjectsOf(configuration).find((s) => s.kind === kind && s.id === id);
	return found && { value: valueAt(found.subject, fact), evidence: liveEvidence(found.subject.evidence, fact) };
}

/** The operation on record that a command is about. */
const operationId = (command: Extract<Command, { kind: 'operation' | 'remove-operation' }>): string =>
	command.kind === 'operation' ? (command.former ?? command.operation.id) : command.operation;

function operationWords(operation: Operation): string[] {
	const { after = [], fasteners = [], minutesOff, minutesOn, cautions = [], reaches = [] } = operation;
	return [
		operationName(operation),
		`${minutesOff ?? '?'} min off, ${minutesOn ?? '?'} min on`,
		`After ${after.join(', ') || 'nothing'}; reaches ${reaches.join(', ') || 'nothing'}`,
		[...fasteners.map(fastenerText), ...cautions].join('; ')
	].filter(Boolean);
}

/** The part of a record that a command writes over; null when it only adds. Two people who change different parts do not meet. */
export function partOf(configuration: Configuration, command: Command): unknown {
	switch (command.kind) {
		case 'claim':
			return Object.keys(command.facts).map((fact) => factPart(configuration, command.subject, fact));
		case 'settle':
		case 'tested':
			return factPart(configuration, command.subject, command.fact);
		case 'place':
		case 'remove':
			return configuration.sockets.find((s) => s.id === command.socket);
		case 'order':
			return configuration.walk;
		case 'channel':
		case 'remove-channel': {
			const id = command.kind === 'channel' ? (command.former ?? command.channel.id) : command.channel;
			return configuration.channels.find((c) => c.id === id);
		}
		case 'flasher':
			return configuration.flasher;
		case 'operation':
		case 'remove-operation':
			return configuration.access?.operations.find(({ id }) => id === operationId(command));
		case 'identity':
			return Object.fromEntries(IDENTITY_FIELDS.map((field) => [field, configuration[field]]));
		case 'add-line':
		case 'absent':
		case 'mirror':
		case 'sister':
		case 'usual-channels':
		case 'leave-unit':
		case 'access-line':
		case 'mirror-access':
		case 'sister-access':
			return null;
		default:
			return command satisfies never;
	}
}

function factWords(configuration: Configuration, { kind, id }: SubjectRef, fact: string): string {
	const found = subjectsOf(configuration).find((s) => s.kind === kind && s.id === id);
	const definition = factOf(kind, fact);
	const value = found && valueAt(found.subject, fact);
	const source = liveEvidence(found?.subject.evidence, fact).find((e) => e.value === undefined || e.value === value);
	return [`${definition.label}: ${factText(definition, value)}`, source ? evidenceText(source) : '']
		.filter(Boolean)
		.join(', ');
}

function channelWords({ id, feeds, feed, monitor, fuse, message }: Channel): string[] {
	return [
		`Output “${id}”: ${feed?.kind ?? 'feed not known'}, ${monitor ? `monitor ${monitor.kind}` : 'monitor not known'}`,
		`Feeds ${feeds.map((f) => `${f.socket} (${f.function})`).join(', ') || 'nothing'}`,
		[fuse === undefined ? '' : `fuse ${fuse} A`, message ? `says “${message}”` : ''].filter(Boolean).join(', ')
	].filter(Boolean);
}

/** The part of a record that a command is about, in words a person can compare; one line a thing. */
export function partWords(configuration: Configuration, command: Command): string[] {
	switch (command.kind) {
		case 'claim':
			return Object.keys(command.facts).map((fact) => factWords(configuration, command.subject, fact));
		case 'settle':
		case 'tested':
			return [factWords(configuration, command.subject, command.fact)];
		case 'place':
		case 'remove': {
			const socket = configuration.sockets.find((s) => s.id === command.socket);
			return socket ? [`${socketName(socket)}, ${socket.zone}`, functionsText(socket)] : ['No such socket'];
		}
		case 'channel':
		case 'remove-channel': {
			const id = command.kind === 'channel' ? command.channel.id : command.channel;
			const channel = configuration.channels.find((c) => c.id === id);
			return channel ? channelWords(channel) : ['No such channel'];
		}
		case 'operation':
		case 'remove-operation': {
			const operation = configuration.access?.operations.find(({ id }) => id === operationId(command));
			return operation ? operationWords(operation) : ['No such operation'];
		}
		case 'flasher':
			return [`Flasher: ${configuration.flasher?.kind.replace('-', ' ') ?? 'not known'}`];
		case 'identity':
			return [
				vehicleName(configuration),
				`${configuration.kind}, ${configuration.market}`,
				...(configuration.tells ?? [])
			];
		case 'order':
			return [`First ${configuration.walk?.slice(0, 3).join(', ') ?? 'as one walks'}`];
		case 'add-line':
		case 'absent':
		case 'mirror':
		case 'sister':
		case 'usual-channels':
		case 'leave-unit':
		case 'access-line':
		case 'mirror-access':
		case 'sister-access':
			return [];
		default:
			return command satisfies never;
	}
}
