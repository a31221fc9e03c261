import type { Knex } from 'knex';
import { LAMP_CATEGORIES } from '../../core/lamps';
import type { FoundThing } from '../../core/views';
import { socketName, vehicleName } from '../../core/vehicle';
import { findComplaint } from '../repositories/complaints';
import { findConfiguration, findConfigurations } from '../repositories/configurations';
import { someKits } from '../repositories/kits';
import { pageOfAccessories, pageOfProducts, searchStock, type StockWish } from '../repositories/stock-pages';
import { searchIds } from '../repositories/search';

const EACH = 6;

const isIn = (text: string, typed: readonly string[]) => typed.every((part) => text.toLowerCase().includes(part));

async function vehicles(db: Knex, typed: readonly string[]): Promise<FoundThing[]> {
	const { ids } = await searchIds(db, typed, EACH);
	return (await findConfigurations(db, ids)).map((c) => ({
		kind: 'vehicle',
		id: c.id,
		words: vehicleName(c),
		detail: `${c.sockets.length} sockets`
	}));
}

async function socketsOf(db: Knex, vehicle: string | undefined, typed: readonly string[]): Promise<FoundThing[]> {
	const configuration = vehicle === undefined ? null : await findConfiguration(db, vehicle);
	return (configuration?.sockets ?? [])
		.filter((socket) => isIn(`${socketName(socket)} ${socket.category ?? ''}`, typed))
		.slice(0, EACH)
		.map((socket) => ({
			kind: 'socket',
			id: socket.id,
			vehicle: configuration?.id ?? '',
			words: socketName(socket),
			detail: socket.category ?? socket.state.replaceAll('-', ' ')
		}));
}

async function stock(db: Knex, line: string): Promise<FoundThing[]> {
	const found = await searchStock(db, line);
	const wish: StockWish = { found, from: 0, most: EACH };
	const [products, parts] = [await pageOfProducts(db, wish), await pageOfAccessories(db, wish)];
	return [
		...products.rows.map((p): FoundThing => ({
			kind: 'product',
			id: p.id,
			words: `${p.maker} ${p.name}`,
			detail: p.id
		})),
		...parts.rows.map((p): FoundThing => ({ kind: 'product', id: p.id, words: p.name ?? p.id, detail: p.id }))
	].slice(0, EACH);
}

async function kits(db: Knex, typed: string): Promise<FoundThing[]> {
	const rows = await someKits(db, { typed, from: 0, most: EACH });
	return rows.map((kit) => ({
		kind: 'kit',
		id: kit.id,
		vehicle: kit.configurationId,
		words: `Kit “${kit.name}”`,
		detail: [kit.state, ...(kit.code ? [kit.code] : [])].join(', ')
	}));
}

/** What on record answers to a line: vehicles, sockets of the vehicle at hand, products and parts, kits, lamp categories, a complaint by its number. */
export async function findThings(db: Knex, line: string, vehicle?: string): Promise<FoundThing[]> {
	const typed = line.toLowerCase().split(/\s+/).filter(Boolean);
	if (typed.length === 0) return [];
	const categories = LAMP_CATEGORIES.filter(({ category }) =>
		category.toLowerCase().startsWith(line.toLowerCase().trim())
	)
		.slice(0, EACH)
		.map(({ category, caps }): FoundThing => ({
			kind: 'category',
			id: category,
			words: `Lamp category ${category}`,
			detail: caps.join(', ')
		}));
	const complaint = await findComplaint(db, line.trim().toUpperCase());
	return [
		...(complaint
			? [
					{
						kind: 'complaint',
						id: complaint.id,
						words: `Complaint ${complaint.id}`,
						detail: complaint.on ?? ''
					} as FoundThing
				]
			: []),
		...(await socketsOf(db, vehicle, typed)),
		...(await vehicles(db, typed)),
		...(await kits(db, line)),
		...(await stock(db, line)),
		...categories
	];
}
