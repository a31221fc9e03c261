import { parseArgs } from 'node:util';
import { shopOf } from '../../lib/core/exchange';
import { jobOfKit, jobOfSockets, planFitUp, type FitUpStep, type Job } from '../../lib/core/fitup';
import { assembleKit, circuitWithKit, readAnswer, type KitAnswer } from '../../lib/core/kit';
import type { VehicleCircuit } from '../../lib/core/circuit';
import { withAssumedOutputs } from '../../lib/core/circuit';
import { compileCatalogue, fieldOf } from '../../lib/core/match';
import type { Configuration, RotaluxDocument } from '../../lib/core/model';
import { highsSolver } from '../../lib/server/solver/highs';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, type Command } from '../io';

/** A step as it is printed: what is only for screens is left out, and what it has none of. */
function shown({ id: _id, expected: _expected, drawing: _drawing, assumedMinutes, modes, ...step }: FitUpStep) {
	return {
		...step,
		...(assumedMinutes === null ? {} : { assumedMinutes }),
		...(modes.length > 0 ? { modes } : {})
	};
}

/** The answer of a kit of a file: as it is kept with it, or worked out anew. */
async function answerOf(
	document: RotaluxDocument,
	id: string
): Promise<{ configuration: Configuration; answer: KitAnswer }> {
	const kit = document.kits.find((k) => k.id === id);
	if (!kit)
		throw new BadInput(
			`No kit "${id}" stands in the file; there are: ${document.kits.map((k) => k.id).join(', ') || 'none'}.`
		);
	const [configuration] = configurationsNamed(document, kit.configuration);
	if (!configuration)
		throw new BadInput(`The vehicle "${kit.configuration}" of kit "${id}" does not stand in the file.`);
	if (kit.answer !== undefined) return { configuration, answer: readAnswer(kit.answer) };
	const shop = shopOf(document);
	const catalogue = compileCatalogue(document.products, document.complaints, fieldOf(document));
	const made = await assembleKit({ configuration, catalogue, shop }, kit.order, { solver: highsSolver });
	if (!made.ok) throw new BadInput(made.error.words);
	return { configuration, answer: made.value };
}

async function kitJob(document: RotaluxDocument, id: string): Promise<{ job: Job; circuit: VehicleCircuit }> {
	const { configuration, answer } = await answerOf(document, id);
	const records = {
		product: (one: string) => document.products.find((p) => p.id === one),
		accessory: (one: string) => document.accessories.find((a) => a.id === one)
	};
	return {
		job: jobOfKit(configuration, answer, records),
		circuit: circuitWithKit(withAssumedOutputs(configuration), answer, records)
	};
}

function socketsJob(document: RotaluxDocument, id: string | undefined, sockets: readonly string[]): Job {
	const [configuration] = configurationsNamed(document, id);
	if (!configuration || (id === undefined && document.configurations.length > 1))
		throw new BadInput('Say which vehicle with --configuration ID, or which kit with --kit ID.');
	if (sockets.length === 0) throw new BadInput('Say which sockets are to be reached: --socket ID, once for each.');
	const unknown = sockets.find((socket) => !configuration.sockets.some((s) => s.id === socket));
	if (unknown !== undefined) throw new BadInput(`There is no socket "${unknown}" in ${configuration.id}.`);
	return jobOfSockets(configuration, sockets);
}

/** Plans the way in and the work for a kit, or for some sockets. */
export const fitup: Command = {
	usage: 'fitup FILE --kit ID | --configuration ID --socket ID…',
	run: async (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: {
				kit: { type: 'string' },
				configuration: { type: 'string' },
				socket: { type: 'string', multiple: true, default: [] }
			}
		});
		const document = readFileDocument(positionals[0]);
		const { job, circuit } =
			values.kit === undefined
				? { job: socketsJob(document, values.configuration, values.socket), circuit: null }
				: await kitJob(document, values.kit);
		const plan = await planFitUp(job, circuit, highsSolver);
		return {
			output: {
				steps: plan.steps.map(shown),
				minutes: plan.minutes,
				minutesExact: plan.exact,
				assumedMinutes: plan.assumedMinutes,
				defaultMinutes: plan.defaultMinutes,
				fittingMinutes: plan.fittingMinutes,
				tools: plan.tools,
				ready: plan.ready,
				cautions: plan.cautions,
				notRecorded: plan.notRecorded,
				unreachable: plan.unreachable.map(({ place, why }) => ({ socket: place, why })),
				adds: plan.adds.map(({ place, minutes }) => ({ socket: place, minutes })),
				reassembly: plan.refit.map(shown),
				afterwards: plan.afterwards.map(shown)
			}
		};
	}
};
