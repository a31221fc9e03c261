import { refusedOn } from '$lib/server/access/routes';
import { ownedIn } from '$lib/server/access/workplace';
import { briefly } from '$lib/server/briefly';
import { readCurrency, readMeasures } from '$lib/server/services/policy';
import { readDates } from '$lib/server/services/shop-setup';
import { timeZone } from '$lib/server/shop-time';
import { personHere } from '$lib/server/actor';
import { isPracticeShop } from '$lib/server/practice-folder';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

const currencyOf = briefly(readCurrency);
const measuresOf = briefly(readMeasures);
const datesOf = briefly(readDates);

export const load: LayoutServerLoad = async ({ locals, params, route }) => {
	const db = await database();
	// Read here, so that all of this is asked again where the address comes to be about something of another branch.
	ownedIn(params);
	const role = locals.person?.role ?? null;
	return {
		currency: await currencyOf(db),
		measures: await measuresOf(db),
		timeZone: timeZone(),
		person: personHere(),
		role,
		refused: role ? refusedOn(route.id, role) : {},
		/** The branch at which somebody works; null in a shop without branches. */
		branch: locals.workplace.name,
		guarded: locals.guarded,
		demo: locals.demo,
		practiceShop: isPracticeShop(),
		/** Where this shop was opened beside another: the way back. */
		back: process.env.ROTALUX_BACK || null,
		dates: await datesOf(db)
	};
};
