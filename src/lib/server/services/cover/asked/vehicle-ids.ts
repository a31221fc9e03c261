import { chosen, type CoverAsked, type CoverTools } from './tools';

/** Ids of the vehicles a question is about. */
export async function vehicleIds(tools: CoverTools, asked: CoverAsked): Promise<string[]> {
	const { cover } = await chosen(tools, asked);
	return cover.vehicles.map(({ facts }) => facts.id);
}
