import { parseArgs } from 'node:util';
import {
	MODE_IDS,
	MODES,
	simulate,
	vehicleCircuit,
	wiringProblems,
	type ModeId,
	type ModeState,
	withAssumedOutputs
} from '../../lib/core/circuit';
import type { Configuration } from '../../lib/core/model';
import { supplyOf } from '../../lib/core/vehicle';
import { playMode } from '../../lib/core/views';
import { configurationsNamed } from '../choose';
import { FIT_OPTIONS, fittedBy } from '../fitted';
import { BadInput, readFileDocument, readNumber, readWord, type Command } from '../io';

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
				...FIT_OPTIONS,
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
		const prepared = vehicleCircuit(configuration, fittedBy(document, configuration, values));
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
