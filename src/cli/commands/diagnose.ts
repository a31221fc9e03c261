import { parseArgs } from 'node:util';
import { isMode, MODE_IDS, withAssumedOutputs } from '../../lib/core/circuit';
import {
	causeWords,
	contradictions,
	Diagnosis,
	observationWords,
	SYMPTOMS,
	whyWords,
	type Observation,
	type Standing
} from '../../lib/core/learn';
import { isSymptomId, type Configuration } from '../../lib/core/model';
import { configurationsNamed } from '../choose';
import { FIT_OPTIONS, fittedBy } from '../fitted';
import { BadInput, readFileDocument, type Command } from '../io';

/** Causes that are printed at most; what is behind them is below a thousandth anyway. */
const MOST = 12;

/** `MODE:SYMPTOM`, `MODE:SYMPTOM@SOCKET`, `MODE:SYMPTOM@left`. */
function observation(
	configuration: Configuration,
	text: string,
	{ flag, absent }: { flag: string; absent: boolean }
): Observation {
	const [, mode = '', symptom = '', where] = /^([^:]*):([^@]*)(?:@(.*))?$/s.exec(text) ?? [];
	const words = `${flag} ${text}`;
	if (!isMode(mode)) throw new BadInput(`${words}: there is no mode "${mode}". Known: ${MODE_IDS.join(', ')}.`);
	if (!isSymptomId(symptom))
		throw new BadInput(
			`${words}: there is no symptom "${symptom}". Known: ${SYMPTOMS.map(({ id }) => id).join(', ')}.`
		);
	if (where === undefined) return { mode, symptom, place: {}, absent };
	if (configuration.sockets.some(({ id }) => id === where)) return { mode, symptom, place: { socket: where }, absent };
	if (where === 'left' || where === 'right') return { mode, symptom, place: { side: where }, absent };
	throw new BadInput(`${words}: there is no socket "${where}" in ${configuration.id}; left and right are sides.`);
}

function answer(text: string, diagnosis: Diagnosis): { test: string; yes: boolean } {
	const [, test = '', word = ''] = /^(.*)=(yes|no)$/s.exec(text) ?? [];
	if (word === '')
		throw new BadInput(`--found ${text}: say TEST=yes or TEST=no, with the id of a test that was asked.`);
	if (!diagnosis.testOf(test)) throw new BadInput(`--found ${text}: there is no test "${test}" for this vehicle.`);
	return { test, yes: word === 'yes' };
}

const rounded = (value: number) => Math.round(value * 1e4) / 1e4;

function shown(configuration: Configuration, standing: Standing) {
	const [first, second] = standing.suspects.map(({ cause, socket, channel }) => ({
		cause: cause.id,
		...(socket === null ? {} : { socket }),
		...(channel === null ? {} : { channel })
	}));
	return {
		...first,
		...(second ? { with: second } : {}),
		score: rounded(standing.score),
		words: causeWords(configuration, standing),
		why: whyWords(configuration, standing),
		remedy: standing.suspects.map(({ cause }) => cause.remedy.words).join(' ')
	};
}

/** Says what a complaint comes from, by playing every fault through the circuit of the vehicle as it is fitted. */
export const diagnose: Command = {
	usage:
		'diagnose FILE --configuration ID [--fit SOCKET=PRODUCT]… [--with ACCESSORY@SCOPE]… --seen MODE:SYMPTOM[@SOCKET|@left|@right]… [--not MODE:SYMPTOM]… [--found TEST=yes|no]…',
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: {
				configuration: { type: 'string' },
				...FIT_OPTIONS,
				seen: { type: 'string', multiple: true, default: [] },
				not: { type: 'string', multiple: true, default: [] },
				found: { type: 'string', multiple: true, default: [] }
			}
		});
		const document = readFileDocument(positionals[0]);
		const [record] = configurationsNamed(document, values.configuration);
		if (!record || (values.configuration === undefined && document.configurations.length > 1))
			throw new BadInput('Say which vehicle it is about with --configuration ID.');
		const configuration = withAssumedOutputs(record);
		const observations = [
			...values.seen.map((text) => observation(configuration, text, { flag: '--seen', absent: false })),
			...values.not.map((text) => observation(configuration, text, { flag: '--not', absent: true }))
		];
		if (values.seen.length === 0)
			throw new BadInput('Say what was seen: --seen MODE:SYMPTOM, such as left-turn:hyperflash.');
		const { products, accessories, complaints } = document;
		const diagnosis = new Diagnosis(
			{ configuration, fitted: fittedBy(document, configuration, values), products, accessories },
			{ settled: complaints.flatMap(({ cause, product }) => (cause === undefined ? [] : [{ cause, product }])) }
		);
		const answered = values.found.map((text) => answer(text, diagnosis));
		const { causes, other } = diagnosis.standings(observations, answered);
		const [next] = diagnosis.nextTests(observations, answered);
		return {
			output: {
				configuration: configuration.id,
				seen: observations.map((one) => observationWords(configuration, one)),
				contradictions: contradictions(configuration, observations),
				causes: causes.slice(0, MOST).map((standing) => shown(configuration, standing)),
				other: rounded(other),
				nextTest: next
					? {
							id: next.id,
							question: next.question,
							how: next.how,
							minutes: next.minutes,
							mode: next.mode,
							answer: `--found "${next.id}=yes"`,
							bits: rounded(next.tells)
						}
					: null
			}
		};
	}
};
