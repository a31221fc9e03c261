import { json } from '@sveltejs/kit';
import { databaseFailure } from '$lib/server/db/failure';
import { keepBeamPicture } from '$lib/server/services/proofs';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const refused = (message: string, status: number) => json({ message }, { status });

/** Keeps a picture of a beam: its bytes are the file of a form. What the camera wrote beside it is not kept. */
export const POST: RequestHandler = async ({ request }) => {
	const file = (await request.formData()).get('picture');
	if (!(file instanceof Blob)) return refused('No picture came along. Nothing was kept.', 400);
	try {
		const kept = await keepBeamPicture(await database(), new Uint8Array(await file.arrayBuffer()));
		return kept.ok ? json({ hash: kept.value }) : refused(`This picture cannot be kept: ${kept.error}.`, 400);
	} catch (error) {
		const message = databaseFailure(error);
		if (message === null) throw error;
		return refused(message, 503);
	}
};
