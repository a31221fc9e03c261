import type { Knex } from 'knex';
import {
	bestUnder,
	colourMatrix,
	coverageByMaker,
	coverageByPart,
	coverageOf,
	matchConfiguration,
	NO_PREFERENCES,
	type ColourMatrix,
	type Preferences
} from '../../core/match';
import type { Configuration } from '../../core/model';
import { coverageView, type CoverageView } from '../../core/views';
import { findConfiguration } from '../repositories/configurations';
import { shopData } from './catalogue';
import { remembered } from './remember';

/** What a wish costs over a whole vehicle, and how its whites look together. */
export interface WholeView {
	sockets: number;
	coverage: CoverageView[];
	/** With no wish at all. */
	free: CoverageView;
	makers: { maker: string; served: number }[];
	matrix: ColourMatrix;
}

/** Answers a wish over all sockets at once; null when the vehicle is not there. The matrix takes the best LED that the wish leaves, or the filament lamp. */
export async function showWhole(
	db: Knex,
	id: string,
	wish: { preferences: Preferences; stockOnly: boolean }
): Promise<WholeView | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const facts = { configurations: [configuration], asked: ['whole', wish] };
	return remembered(db, facts, () => wholeOf(db, configuration, wish));
}

async function wholeOf(
	db: Knex,
	configuration: Configuration,
	{ preferences, stockOnly }: { preferences: Preferences; stockOnly: boolean }
): Promise<WholeView> {
	const { catalogue, shop } = await shopData(db, { configurations: [configuration] });
	const matches = matchConfiguration(configuration, catalogue, shop);
	const parts = coverageByPart(matches, preferences);
	const chosen = bestUnder(matches, preferences);
	return {
		sockets: configuration.sockets.length,
		coverage: parts.map((part) => coverageView(configuration, part)),
		free: coverageView(configuration, coverageOf(matches, NO_PREFERENCES)),
		makers: coverageByMaker(matches),
		matrix: colourMatrix(
			configuration,
			(socket) => (stockOnly ? null : (chosen.get(socket.id) ?? null)),
			catalogue.through
		)
	};
}
