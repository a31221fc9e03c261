import type { Knex } from 'knex';
import { shopDay } from '../../shop-time';
import { type Evidence, factOf } from '../../../core/model';
import {
	addUsualChannels,
	claimFacts,
	edited,
	identify,
	orderWalk,
	placeSocket,
	putChannel,
	putFlasher,
	recordTested,
	removeChannel,
	removeSocket,
	settleFact,
	withSubject,
	type Edit
} from '../../../core/record';
import { addAccessLine, copyAccess, mirrorAccess, putOperation, removeOperation } from '../../../core/access';
import { err } from '../../../core/result';
import { agree, claim, liveEvidence, subjectsOf } from '../../../core/vehicle';
import { addLine, copyFromSister, markAbsent, mirrorAll } from '../../../core/walk';
import { findConfiguration } from '../../repositories/configurations';
import type { Command } from './commands';
import type { Actor } from './store';

/** Who says something, and on what day. */
function witness({ by, now }: Actor): { on: string; by?: string } {
	return { on: shopDay(now), ...(by ? { by } : {}) };
}

/** Settles a question; a value that nobody has said before comes with evidence of its own. */
function settling(command: Extract<Command, { kind: 'settle' }>, actor: Actor): Edit {
	const { subject: ref, fact, value, source, note } = command;
	const decision = { fact, value, ...witness(actor), ...(note ? { note } : {}) };
	return (configuration) => {
		const holder = subjectsOf(configuration).find(({ kind, id }) => kind === ref.kind && id === ref.id);
		const { tolerance } = factOf(ref.kind, fact);
		const known = liveEvidence(holder?.subject.evidence, fact).some((e) => agree(e.value, value, tolerance));
		if (known) return settleFact(ref, decision)(configuration);
		if (!source) return err('A new value needs a source: where does it come from?');
		const item: Evidence = { fact, value, source, ...witness(actor), ...(note ? { note } : {}) };
		const claimed = withSubject(configuration, ref, (subject) => claim(ref.kind, subject, item));
		return settleFact(ref, decision)(claimed ?? configuration);
	};
}

/** The edit of the core that a command asks for. */
export async function editFor(db: Knex, command: Command, actor: Actor): Promise<Edit> {
	switch (command.kind) {
		case 'add-line':
			return addLine(command.line, { ...witness(actor), source: command.source });
		case 'absent':
			return markAbsent(command.place, command.absent);
		case 'claim': {
			const { subject, facts, source, note } = command;
			return claimFacts(subject, facts, { source, ...witness(actor), ...(note ? { note } : {}) });
		}
		case 'settle':
			return settling(command, actor);
		case 'tested': {
			const { kind: _kind, subject: ref, ...lesson } = command;
			return recordTested(ref, { ...lesson, ...witness(actor) });
		}
		case 'place':
			return placeSocket(command.socket, command.place);
		case 'remove':
			return removeSocket(command.socket);
		case 'order':
			return orderWalk(command.sockets);
		case 'mirror':
			return mirrorAll(witness(actor));
		case 'sister': {
			const sister = await findConfiguration(db, command.from);
			return sister
				? copyFromSister(sister, command.sockets, witness(actor))
				: () => err(`There is no vehicle “${command.from}” on record. Nothing was changed.`);
		}
		case 'channel':
			return putChannel(command.channel, command.former);
		case 'usual-channels':
			return addUsualChannels;
		case 'remove-channel':
			return removeChannel(command.channel);
		case 'flasher':
			return putFlasher(command.flasher);
		case 'identity':
			return identify(command.identity);
		case 'access-line':
			return addAccessLine(command.line, { ...witness(actor), source: command.source });
		case 'operation': {
			const { operation, former, source, note } = command;
			return putOperation(operation, { source, ...witness(actor), ...(note ? { note } : {}) }, former);
		}
		case 'remove-operation':
			return removeOperation(command.operation);
		case 'mirror-access':
			return mirrorAccess(command.from, witness(actor));
		case 'sister-access': {
			const sister = await findConfiguration(db, command.from);
			return sister
				? copyAccess(sister, command.operations, witness(actor))
				: () => err(`There is no vehicle “${command.from}” on record. Nothing was changed.`);
		}
		case 'leave-unit':
			return (configuration) =>
				edited(
					{
						...configuration,
						sockets: configuration.sockets.map(({ unit, ...socket }) =>
							unit && unit.id !== command.unit ? { ...socket, unit } : socket
						)
					},
					`Shared lamp unit ${command.unit} no longer shared here`
				);
		default:
			return command satisfies never;
	}
}
