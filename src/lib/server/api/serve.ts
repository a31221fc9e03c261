import type { Knex } from 'knex';
import { z } from 'zod';
import { seenFrom } from '../db/branch';
import { databaseFailure } from '../db/failure';
import { listBranches } from '../repositories/branches';
import { API_ERRORS, ApiRefusal, type ApiErrorCode, type ApiScope, type ApiTools, type Endpoint } from './api';
import { ENDPOINTS } from './endpoints';

/** What a request is answered with. */
export interface Answered {
	status: number;
	body: unknown;
}

/** The words of a refusal. */
export const refused = (code: ApiErrorCode, message: string): Answered => ({
	status: API_ERRORS[code],
	body: { error: { code, message } }
});

/** What stands in a path in the places of the names; null when it is another path. */
function readPath(pattern: string, path: string): Record<string, string> | null {
	const [wanted, found] = [pattern.split('/'), path.split('/')];
	if (wanted.length !== found.length) return null;
	const params: Record<string, string> = {};
	for (const [i, part] of wanted.entries()) {
		const name = /^\{(\w+)\}$/.exec(part)?.[1];
		if (name === undefined && part !== found[i]) return null;
		if (name !== undefined) params[name] = decodeURIComponent(found[i] ?? '');
	}
	return params;
}

function find(path: string): { endpoint: Endpoint; params: Record<string, string> } | null {
	for (const endpoint of ENDPOINTS) {
		const params = readPath(endpoint.path, path);
		if (params) return { endpoint, params };
	}
	return null;
}

/** True where something may be said several times. */
const isList = (schema: unknown): boolean =>
	schema instanceof z.ZodArray || (schema instanceof z.ZodDefault && isList(schema.unwrap()));

/** What stands behind the question mark: a list where the schema has one. */
function readQuery({ shape }: z.ZodObject, search: URLSearchParams): Record<string, unknown> {
	const known = Object.entries(shape).flatMap(([name, schema]) => {
		const all = search.getAll(name);
		if (all.length === 0) return [];
		return [[name, isList(schema) || all.length > 1 ? all : all[0]] as const];
	});
	const strange = [...search.keys()].find((name) => !(name in shape));
	if (strange !== undefined)
		throw new ApiRefusal('bad-request', `There is nothing to ask by the name of “${strange}” here.`);
	return Object.fromEntries(known);
}

const sentence = ({ issues }: z.ZodError): string => {
	const [first] = issues;
	return `${first?.path.join('.') || 'The request'}: ${first?.message ?? 'it cannot be read'}.`;
};

function read(schema: z.ZodObject, value: unknown): Record<string, unknown> {
	const found = schema.safeParse(value);
	if (!found.success) throw new ApiRefusal('bad-request', sentence(found.error));
	return found.data;
}

/** The database as a branch sees it, by its id. @throws ApiRefusal where there is no open one */
async function seenAt(db: Knex, branch: string | undefined): Promise<Knex> {
	if (branch === undefined) return seenFrom(db, null);
	const there = (await listBranches(db)).find(({ id, closed }) => id === branch && !closed);
	if (!there) throw new ApiRefusal('not-found', `There is no branch “${branch}”.`);
	return seenFrom(db, there.first ? null : there.id);
}

/**
 * Answers a request of a program.
 * @param path behind `/api/v1`
 * @param scopes what the token of the program is good for
 */
export async function serve(
	{ path, search, scopes }: { path: string; search: URLSearchParams; scopes: readonly ApiScope[] },
	tools: ApiTools
): Promise<Answered> {
	try {
		const found = find(path);
		if (!found) throw new ApiRefusal('not-found', 'There is nothing to ask at this address. See openapi.json.');
		const { endpoint, params } = found;
		if (!scopes.includes(endpoint.scope))
			throw new ApiRefusal('no-scope', `This token is not good for “${endpoint.scope}”.`);
		const asked = { ...read(endpoint.query, readQuery(endpoint.query, search)), ...read(endpoint.params, params) };
		const db = await seenAt(tools.db, (asked as { branch?: string }).branch);
		return { status: 200, body: endpoint.answer.parse(await endpoint.run({ ...tools, db }, asked as never)) };
	} catch (error) {
		if (error instanceof ApiRefusal) return refused(error.code, error.message);
		if (error instanceof URIError) return refused('bad-request', 'The address cannot be read.');
		const trouble = databaseFailure(error);
		if (trouble) return refused('unavailable', trouble);
		throw error;
	}
}
