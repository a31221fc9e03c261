import { error } from '@sveltejs/kit';
import { circuitOfTest, expectedLines } from '$lib/core/proof';
import type { ProofOf } from '$lib/core/model';
import { vehicleName } from '$lib/core/vehicle';
import { modeLineView } from '$lib/core/views';
import { dataFolder } from '$lib/server/config';
import { modeForm } from '$lib/server/documents/pdf/mode-form';
import { paperOf } from '$lib/server/documents/papers';
import { download } from '$lib/server/download';
import { inThread } from '$lib/server/workers/heavy';
import type { RequestHandler } from './$types';

/** The paper form of a mode test of this vehicle as it is fitted. */
export const GET: RequestHandler = async ({ params, url }) => {
	const kit = url.searchParams.get('kit') ?? undefined;
	const prove = await inThread(dataFolder(), { what: 'prove', asked: [params.id, kit] });
	if (!prove) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const { configuration, fitted, parts, products, accessories } = prove;
	const circuit = circuitOfTest(
		configuration,
		{ lamps: fitted as ProofOf<'mode-test'>['lamps'], parts },
		{
			product: (id) => products.find((one) => one.id === id),
			accessory: (id) => accessories.find((one) => one.id === id)
		}
	);
	if (!circuit)
		error(409, { message: 'A lamp or a part of this kit is no longer on record: work the kit out again first.' });
	const lines = expectedLines(circuit).map((line) => modeLineView(circuit, line));
	const name = prove.kits.find((one) => one.id === prove.kit)?.name ?? 'With the lamps it came with';
	const pdf = await modeForm({ vehicle: vehicleName(configuration), kit: name, lines }, paperOf(url));
	return download(pdf, `mode-test-${params.id}.pdf`, 'application/pdf');
};
