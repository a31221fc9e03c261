import type { Channel } from '../model';
import type { FunctionId } from '../lamps';
import { MISSING_WORDS, monitorThreshold } from './monitor-threshold';
import type { FlashRate } from './flasher-state';
import { dutyOf, feedCurrent, OFF, type Run } from './run';
import type { VehicleCircuit } from './vehicle-circuit';

/** What the monitor of a channel says. `none`: nothing looks; `unknown`: a number is missing. */
export type MonitorWord = 'content' | 'complains' | 'none' | 'unknown';

export interface MonitorReport {
	monitor: MonitorWord;
	/** The numbers behind it, or which number would decide it. */
	why: string;
}

/** A channel in a mode. */
export interface ChannelState extends MonitorReport {
	id: string;
	/** Functions it is on for; empty while it is off. */
	functions: FunctionId[];
	flashing: boolean;
	/** Current while on, A; null when something on it is not known. 0 while off. */
	current: number | null;
	/** What its monitor asks for while on, A; null when it asks for no current, or when that is not known. */
	atLeast: number | null;
	/** Share of the time it conducts, of a pulsed feed; 1 when steady. */
	duty: number;
	/** What the dash says, when the monitor complains. */
	message: string | null;
	/** Current over the rating of the fuse; null without a fuse or current. */
	fuseShare: number | null;
	/** True when a short or an overload has opened the fuse. */
	blown: boolean;
}

/** An open circuit or so many ohms. */
const ohmText = (ohms: number) =>
	Number.isFinite(ohms) ? `${ohms < 10 ? ohms.toFixed(1) : ohms.toFixed(0)} ohm` : 'an open circuit';

function coldCheckReport(
	circuit: VehicleCircuit,
	channel: Channel,
	{ most, missing }: { most: number; missing: string | null }
): MonitorReport {
	if (missing) return { monitor: 'unknown', why: `the ${missing} would decide it` };
	const ohms = circuit.coldOhms(channel);
	if (ohms === null) return { monitor: 'unknown', why: 'a measured resistance would decide it' };
	const why = `${ohmText(ohms)} while off, at most ${most.toFixed(0)} ohm`;
	return { monitor: ohms <= most ? 'content' : 'complains', why };
}

function monitorReport(
	circuit: VehicleCircuit,
	channel: Channel,
	{
		flash,
		now
	}: { flash: FlashRate; now: { on: boolean; current: number | null; missing: string | null; blown: boolean } }
): MonitorReport {
	const threshold = monitorThreshold(circuit.configuration, channel);
	if (threshold.kind === 'none') return { monitor: 'none', why: 'nothing looks at this output' };
	if (now.blown) return { monitor: 'complains', why: 'its fuse is open' };
	if (threshold.kind === 'unknown')
		return { monitor: 'unknown', why: `${MISSING_WORDS[threshold.missing]} would decide it` };
	if (threshold.kind === 'conductance')
		return now.on
			? { monitor: 'content', why: 'it is checked while off' }
			: coldCheckReport(circuit, channel, { most: 1 / threshold.atLeast, missing: now.missing });
	if (!now.on) return { monitor: 'content', why: 'it is checked while on' };
	if (threshold.by === 'flasher') {
		const report = flash.channels.get(channel.id);
		return report
			? { monitor: report.word, why: report.why }
			: { monitor: 'content', why: 'it does not flash in this mode' };
	}
	if (now.current === null) return { monitor: 'unknown', why: `the ${now.missing ?? 'load'} would decide it` };
	return {
		monitor: now.current >= threshold.atLeast ? 'content' : 'complains',
		why: `${now.current.toFixed(2)} A, at least ${threshold.atLeast.toFixed(2)} A`
	};
}

/** What a channel does in a mode, and what its monitor says. */
export function channelState(
	{ circuit, run, flash }: { circuit: VehicleCircuit; run: Run; flash: FlashRate },
	channel: Channel
): ChannelState {
	const drive = run.drives.get(channel.id) ?? OFF;
	const on = drive.functions.length > 0;
	const blown = run.blown.has(channel.id);
	const missing = run.network.missing.get(channel.id) ?? null;
	const current = blown ? 0 : on && missing ? null : run.settled ? feedCurrent(run, channel.id) : null;
	const asked = monitorThreshold(circuit.configuration, channel);
	const report = monitorReport(circuit, channel, { flash, now: { on, current, missing, blown } });
	return {
		id: channel.id,
		functions: drive.functions,
		flashing: drive.flashing,
		current,
		duty: dutyOf(channel, drive),
		atLeast: asked.kind === 'current' ? asked.atLeast : null,
		...report,
		message: report.monitor === 'complains' ? (channel.message ?? 'lamp fault') : null,
		fuseShare: channel.fuse && current !== null && on ? current / channel.fuse : null,
		blown
	};
}
