import { error, json } from '@sveltejs/kit';
import { vehicleCircuit } from '$lib/core/circuit';
import { dataFolder } from '$lib/server/config';
import { fittedWith } from '$lib/server/services/circuit';
import { inThread } from '$lib/server/workers/heavy';
import { scanTool } from '$lib/server/stand-ins/scan';
import type { RequestHandler } from './$types';

/** Reads the vehicle with the scan tool: as it left the works, or with the lamps and parts chosen for it. */
export const GET: RequestHandler = async ({ params, url }) => {
	const shown = await inThread(dataFolder(), { what: 'circuit', asked: [params.id] });
	if (!shown) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const { configuration, chosen, best } = shown;
	const fit = url.searchParams.get('fit');
	const parts =
		fit === 'remedied'
			? [...chosen.parts, ...(chosen.parts.length > 0 ? [] : best.remedies.flatMap((r) => r.parts))]
			: [];
	const tool = scanTool(vehicleCircuit(configuration, fittedWith(fit === 'stock' ? [] : chosen.lamps, parts)));
	try {
		return json({ name: tool.name, simulated: tool.simulated, ...(await tool.read()) });
	} catch (trouble) {
		const why = trouble instanceof Error ? trouble.message : String(trouble);
		error(502, { message: `The scan tool did not answer: ${why}`, kept: 'Nothing was changed.' });
	}
};
