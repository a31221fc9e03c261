import { parseArgs } from 'node:util';
import {
	MODE_IDS,
	MODES,
	simulate,
	vehicleCircuit,
	wiringProblems,
	type FittedLamp,
	type FittedPart,
	type ModeId,
	type ModeState,
	withAssumedOutputs
} from '../../lib/core/circuit';
import { fittedPart } from '../../lib/core/accessories';
import type { Configuration, RotaluxDocument } from '../../lib/core/model';
import { supplyOf } from '../../lib/core/vehicle';
import { playMode } from '../../lib/core/views';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, readNumber, readWord, type Command } from '../io';

function lampsOf(
	document: RotaluxDocument,
	configuration: Configuration,
	fits: readonly string[]
): Map<string, FittedLamp> {
	return new Map(
		fits.map((text) => {
			const [socket = '', id = ''] = text.split(/=(.*)/s);
			if (!configuration.sockets.some((s) => s.id === socket))
				throw new BadInput(`--fit ${text}: there is no socket "${socket}" in ${configuration.id}.`);
			const product = document.products.find((p) => p.id === id);
			if (!product) throw new BadInput(`--fit ${text}: there is no product "${id}" in the file.`);
			return [socket, { kind: 'product', product } as FittedLamp];
		})
	);
}

/** `ACCESSORY@SCOPE`: a channel, a socket, or `vehicle`. */
function partsOf(document: RotaluxDocument, configuration: Configuration, texts: readonly string[]): FittedPart[] {
	return texts.map((text): FittedPart => {
		const [id = '', scope = ''] = text.split(/@(.*)/s);
		const accessory = document.accessories.find((a) => a.id === id);
		if (!accessory) throw new BadInput(`--with ${text}: there is no accessory "${id}" in the file.`);
		if (scope === 'vehicle') return fittedPart(accessory, configuration);
		if (configuration.channels.some((c) => c.id === scope))
			return fittedPart(accessory, configuration, { channel: scope });
		if (!configuration.sockets.some((s) => s.id === scope))
			throw new BadInput(
				`--with ${text}: "${scope}" is neither a channel nor a socket of ${configuration.id}, nor "vehicle".`
			);
		const channel = configuration.channels.find((c) => c.feeds.some((feed) => feed.socket === scope))?.id;
		return fittedPart(accessory, configuration, { socket: scope, ...(channel ? { channel } : {}) });
	});
}

function shown(configuration: Configuration, mode: ModeId, state: ModeState) {
	const play = playMode(configuration, state);
	return {
		mode,
		channels: state.channels.map(({ id, current, monitor, message, why, fuseShare, blown }) => ({
			id,
			current: current === null ? null : Math.round(current * 1000) / 1000,
			monitor,
			message,
			why,
			fuseShare: fuseShare === null ? null : Math.round(fuseShare * 1000) / 1000,
			blown
		})),
		lamps: state.lamps.map((lamp) => ({
			socket: lamp.socket,
			function: lamp.function,
			lit: lamp.lit,
			colour: lamp.lit ? (play.get(lamp.socket)?.colour ?? null) : null,
			flicker: lamp.flicker.word,
			glow: lamp.glow
		})),
		flashPerMinute: { left: state.flash.left, right: state.flash.right },
		messages: state.messages
	};
}

/** Says what the dash would say, per mode, for a vehicle as it is fitted. */
export const circuit: Command = {
	usage: `circuit FILE --configuration ID [--fit SOCKET=PRODUCT]… [--with ACCESSORY@SCOPE]… [--mode ${MODE_IDS.join('|')}] [--volts V]`,
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: {
				configuration: { type: 'string' },
				fit: { type: 'string', multiple: true, default: [] },
				with: { type: 'string', multiple: true, default: [] },
				mode: { type: 'string' },
				volts: { type: 'string' }
			}
		});
		const document = readFileDocument(positionals[0]);
		if (values.configuration === undefined) throw new BadInput('Say which vehicle: --configuration ID.');
		const [record] = configurationsNamed(document, values.configuration);
		if (!record) throw new BadInput(`No configuration "${values.configuration}" stands in the file.`);
		const configuration = withAssumedOutputs(record);
		const { nominal, running } = supplyOf(configuration);
		const range = { min: (9 * nominal) / 12, max: (15 * nominal) / 12 };
		const volts = values.volts === undefined ? running : readNumber('volts', values.volts, range);
		const fitted = {
			lamps: lampsOf(document, configuration, values.fit),
			parts: partsOf(document, configuration, values.with),
			faults: []
		};
		const prepared = vehicleCircuit(configuration, fitted);
		const wanted = values.mode === undefined ? MODE_IDS : [readWord('--mode', values.mode, MODE_IDS)];
		return {
			output: {
				configuration: configuration.id,
				volts,
				troubles: wiringProblems(configuration).map(({ text }) => text),
				modes: wanted.map((mode) => shown(configuration, mode, simulate(prepared, MODES[mode], volts)))
			}
		};
	}
};
