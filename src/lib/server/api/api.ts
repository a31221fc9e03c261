import type { Knex } from 'knex';
import type { z } from 'zod';
import type { KitContext } from '../services/kits';
import type { VinService } from '../stand-ins/vin';

/** What a token may be good for. A new one is an entry here. */
export const API_SCOPES = {
	identify: 'find vehicles by a line of text and questions',
	match: 'see which lamps fit a place',
	kit: 'see what a kit for a vehicle costs',
	code: 'see a released kit by its code',
	stock: 'see what is on the shelf',
	demand: 'see what was asked for in vain'
} as const;
export type ApiScope = keyof typeof API_SCOPES;
export const API_SCOPE_IDS = Object.keys(API_SCOPES) as ApiScope[];

/** What can be wrong with a request, by codes that do not change, with the status each is answered with. */
export const API_ERRORS = {
	'no-token': 401,
	'no-scope': 403,
	'not-found': 404,
	'bad-request': 400,
	'too-many': 429,
	unavailable: 503,
	failed: 500
} as const;
export type ApiErrorCode = keyof typeof API_ERRORS;

/** A request that is answered with one of the codes. */
export class ApiRefusal extends Error {
	constructor(
		readonly code: ApiErrorCode,
		message: string
	) {
		super(message);
	}
}

/** What endpoints work with. */
export interface ApiTools {
	/** As the branch sees it that was asked for. */
	db: Knex;
	kits: (branch: string | null) => Promise<KitContext>;
	vin: VinService;
	/** ISO. */
	now: string;
	/** Notes for the demand of the shop that something was asked for. */
	asked: (vehicle: string, answers: readonly { socket: string; verdict: string | undefined }[]) => Promise<void>;
}

/** One thing that programs may ask. It only looks: nothing is changed by a request. */
export interface Endpoint<
	P extends z.ZodObject = z.ZodObject,
	Q extends z.ZodObject = z.ZodObject,
	R extends z.ZodType = z.ZodType
> {
	/** Under `/api/v1`, with `{name}` for what stands in the path. */
	path: string;
	scope: ApiScope;
	summary: string;
	params: P;
	/** What stands behind the question mark; what may be there several times is a list. */
	query: Q;
	answer: R;
	run: (tools: ApiTools, asked: z.infer<P> & z.infer<Q>) => Promise<z.input<R>>;
}

/** An endpoint with what it says of its types kept. */
export const endpoint = <P extends z.ZodObject, Q extends z.ZodObject, R extends z.ZodType>(
	one: Endpoint<P, Q, R>
): Endpoint => one as unknown as Endpoint;
