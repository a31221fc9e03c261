import { error } from '@sveltejs/kit';
import { qrCode } from '$lib/server/documents/qr';
import { customerLink } from '$lib/server/customer-link';
import { customerKit } from '$lib/server/services/kits/customer';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const kit = await customerKit(await database(), params.code);
	if (!kit)
		error(404, {
			message: `There is no released kit with the code “${params.code}”.`,
			kept: 'Read the code from the label once more, or ask the shop.'
		});
	const step = Number(url.searchParams.get('step'));
	return { kit, step: Number.isSafeInteger(step) && step > 0 ? step : 0, qr: qrCode(customerLink(url, params.code)) };
};
