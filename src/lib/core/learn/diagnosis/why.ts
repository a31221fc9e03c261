import { modeLabel, MODES, type ModeId } from '../../circuit';
import type { Configuration } from '../../model';
import { outputName } from '../../vehicle';
import { suspectPlace } from './bay-test';
import type { Standing } from './diagnosis';
import { observationWords, type Observation } from './observation';

/** A cause and where it is, in words. @example "Load missing: output of Stop, both" */
export function causeWords(configuration: Configuration, { suspects }: Pick<Standing, 'suspects'>): string {
	const words = suspects.map((suspect) => `${suspect.cause.label}: ${suspectPlace(configuration, suspect)}`);
	const text = words.join(', and ');
	return text.charAt(0).toUpperCase() + text.slice(1);
}

const isOfRate = ({ symptom }: Observation) => symptom.includes('flash');

/** Currents and thresholds behind what was seen in a mode: outputs that complain if it is so, and did not as recorded. */
function numbersIn(configuration: Configuration, { best }: Standing, mode: ModeId): string[] {
	const { channels, flash } = best.does(mode, 'cold');
	return channels.flatMap(({ id, monitor, why, blown }) => {
		if (blown) return [`${outputName(configuration, id)}: its fuse blows`];
		if (monitor !== 'complains') return [];
		return [`${outputName(configuration, id)}: ${flash.channels.get(id)?.why ?? why}`];
	});
}

/** Why a cause stands where it stands. */
export function whyWords(configuration: Configuration, standing: Standing): string[] {
	const named = (all: readonly Observation[]) => all.map((one) => observationWords(configuration, one)).join('; ');
	const modes = [
		...new Set(standing.explains.flatMap(({ mode, symptom }) => (mode !== null && symptom !== 'fine' ? [mode] : [])))
	];
	const numbers = modes.flatMap((mode) =>
		numbersIn(configuration, standing, mode).map((text) => `${modeLabel(MODES[mode])}, ${text}`)
	);
	const unsaid = standing.unsaid.filter((one) => !isOfRate(one) || !standing.explains.some(isOfRate));
	return [
		...(standing.explains.length > 0 ? [`It would show: ${named(standing.explains)}.`] : []),
		...(numbers.length > 0 ? [`${numbers.slice(0, 3).join('; ')}.`] : []),
		...(standing.doesNot.length > 0 ? [`It does not explain: ${named(standing.doesNot)}.`] : []),
		...(unsaid.length > 0 ? [`It would show as well, and nobody said so: ${named(unsaid.slice(0, 3))}.`] : [])
	];
}
