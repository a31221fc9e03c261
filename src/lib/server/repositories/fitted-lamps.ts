import type { Knex } from 'knex';
import type { FittedLampLife } from '../../core/learn';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { touchProduct } from './products';

interface Row {
	fitting_id: string;
	configuration_id: string;
	socket_id: string;
	product_id: string;
	fitted_on: string;
}

const lifeOf = (row: Row): FittedLampLife => ({
	fitting: row.fitting_id,
	configuration: row.configuration_id,
	socket: row.socket_id,
	product: row.product_id,
	on: row.fitted_on
});

/** Lamps of products wherever they were fitted, the first fitted first. */
export async function fittedLampsOf(db: Knex, products: readonly string[]): Promise<FittedLampLife[]> {
	const rows = await inParts<string, Row>(products, (part) => db('fitted_lamps').whereIn('product_id', part));
	const order = ({ on, fitting, socket }: FittedLampLife) => `${on} ${fitting} ${socket}`;
	return rows.map(lifeOf).sort((a, b) => order(a).localeCompare(order(b)));
}

/** What went into a vehicle at a fitting. */
export async function lampsOfFitting(db: Knex, fittingId: string): Promise<FittedLampLife[]> {
	const rows: Row[] = await db('fitted_lamps').where({ fitting_id: fittingId }).orderBy('socket_id');
	return rows.map(lifeOf);
}

/** Every lamp that was fitted, the first fitted first. For what a month taught: pages ask for what they show. */
export async function everyFittedLamp(db: Knex): Promise<FittedLampLife[]> {
	const rows: Row[] = await db('fitted_lamps').orderBy(['fitted_on', 'fitting_id', 'socket_id']);
	return rows.map(lifeOf);
}

/** Writes what went into a vehicle; the products are judged anew. */
export async function putFittedLamps(tx: Tx, lamps: readonly FittedLampLife[]): Promise<void> {
	await writeRows(
		tx,
		{ table: 'fitted_lamps', key: ['fitting_id', 'socket_id'] },
		lamps.map(({ fitting, configuration, socket, product, on }) => ({
			fitting_id: fitting,
			configuration_id: configuration,
			socket_id: socket,
			product_id: product,
			fitted_on: on
		}))
	);
	for (const product of new Set(lamps.map((lamp) => lamp.product))) await touchProduct(tx, product);
}

/** Gives the lamps of a vehicle to another one. */
export async function moveFittedLamps(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	await tx('fitted_lamps').where({ configuration_id: from }).update({ configuration_id: to });
}
