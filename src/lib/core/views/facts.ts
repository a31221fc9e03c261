import { MISSING_WORDS, monitorThreshold } from '../circuit';
import type { Channel, Configuration, Socket } from '../model';
import { lampFunction } from '../lamps';
import { channelsOf, outputName, evidenceFor, evidenceText, isConfirming } from '../vehicle';

/** One fact of a socket in words, and where it comes from. */
export interface FactView {
	name: string;
	value: string;
	source: string;
}

const millimetres = (value: number | undefined) => (value === undefined ? 'not measured' : `${value} mm`);

function room({ envelope, category }: Socket): string {
	if (!envelope) return 'not measured';
	const front =
		envelope.holderLength !== undefined || category?.startsWith('festoon')
			? `holder ${millimetres(envelope.holderLength)}, ${millimetres(envelope.frontDiameter)} across`
			: `front ${millimetres(envelope.frontLength)} long, ${millimetres(envelope.frontDiameter)} across`;
	const rear =
		envelope.rearDepth === undefined
			? ''
			: `; behind ${envelope.rearDepth} mm deep, ${millimetres(envelope.rearDiameter)} across`;
	return front + rear;
}

function feedText(channel: Channel): string {
	const { feed } = channel;
	if (!feed) return 'feed not known';
	if (feed.kind === 'steady') return 'steady';
	return `pulsed${feed.frequency === undefined ? '' : ` at ${feed.frequency} Hz`}`;
}

function monitorText(configuration: Configuration, channel: Channel): string {
	const threshold = monitorThreshold(configuration, channel);
	switch (threshold.kind) {
		case 'none':
			return 'no monitor';
		case 'unknown':
			return `monitored, ${MISSING_WORDS[threshold.missing]} not known`;
		case 'current':
			return `${threshold.by === 'flasher' ? 'flasher' : 'monitored'}, at least ${threshold.atLeast} A`;
		case 'conductance':
			return `checked when off, at most ${(1 / threshold.atLeast).toFixed(0)} ohm`;
		default:
			return threshold satisfies never;
	}
}

/** What is known of a socket, fact by fact. */
export function factViews(configuration: Configuration, socket: Socket): FactView[] {
	const from = (fact: string) => {
		const best = evidenceFor(socket.evidence, fact);
		if (!best) return 'no source given, never confirmed';
		return isConfirming(best) ? evidenceText(best) : `${evidenceText(best)}, never confirmed`;
	};
	const facts: FactView[] = [
		{ name: 'Functions', value: socket.functions.map((id) => lampFunction(id).label).join(', '), source: '' },
		{
			name: 'Lamp category',
			value: socket.category ?? (socket.state === 'filament' ? 'not known' : socket.state.replace('-', ' ')),
			source: socket.category ? from('category') : ''
		}
	];
	if (socket.state === 'filament') {
		facts.push(
			{ name: 'Lens', value: socket.lens ?? 'not known', source: from('lens') },
			{ name: 'Optic', value: socket.optic ?? 'not known', source: from('optic') },
			{ name: 'Clearance', value: room(socket), source: from('envelope') }
		);
		if (socket.wiring) facts.push({ name: 'Wiring', value: `twin contacts, ${socket.wiring}`, source: from('wiring') });
		if (socket.retention)
			facts.push({ name: 'Held by', value: socket.retention.replace('-', ' '), source: from('retention') });
		if (socket.cap) facts.push({ name: 'Cap behind', value: socket.cap.kind.replace('-', ' '), source: from('cap') });
	}
	for (const channel of channelsOf(configuration, socket))
		facts.push({
			name: 'Fed by',
			value: `${outputName(configuration, channel.id)}: ${feedText(channel)}, ${monitorText(configuration, channel)}${channel.fuse ? `, fuse ${channel.fuse} A` : ''}`,
			source: ''
		});
	if (socket.names?.length) facts.push({ name: 'Also called', value: socket.names.join(', '), source: '' });
	return facts;
}
