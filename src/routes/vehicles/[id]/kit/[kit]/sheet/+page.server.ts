import { customerLink } from '$lib/server/customer-link';
import { qrCode } from '$lib/server/documents/qr';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { configuration, records: _records, ...sheet } = await kitOr404(params, url);
	const qr = sheet.code ? qrCode(customerLink(url, sheet.code)) : null;
	return { sheet, tells: configuration.tells ?? [], qr };
};
