import { createDocument, type ZodOpenApiOperationObject } from 'zod-openapi';
import { API_ERRORS, API_SCOPES, type ApiErrorCode, type Endpoint } from './api';
import { ENDPOINTS } from './endpoints';
import { refusal } from './schemas';

const JSON_TYPE = 'application/json';

const WHEN: Readonly<Record<ApiErrorCode, string>> = {
	'no-token': 'No token, or one that is not good any more',
	'no-scope': 'The token is not good for this',
	'not-found': 'There is no such thing',
	'bad-request': 'The request cannot be read',
	'too-many': 'Too many requests; see retry-after',
	unavailable: 'The database does not answer just now',
	failed: 'Something went wrong here'
};

function operationOf({ scope, summary, params, query, answer }: Endpoint): ZodOpenApiOperationObject {
	const refusals = Object.entries(API_ERRORS).map(([code, status]) => [
		status,
		{ description: WHEN[code as ApiErrorCode], content: { [JSON_TYPE]: { schema: refusal } } }
	]);
	return {
		summary,
		description: `Wants a token that is good for \`${scope}\`: ${API_SCOPES[scope]}.`,
		security: [{ token: [] }],
		requestParams: { path: params, query },
		responses: {
			200: { description: 'The answer', content: { [JSON_TYPE]: { schema: answer } } },
			...Object.fromEntries(refusals)
		}
	};
}

/** What programs may ask, as an OpenAPI document, made from the schemas that requests and answers are held to. */
export const openApi = (server: string): unknown =>
	createDocument({
		openapi: '3.1.0',
		info: {
			title: 'Rotalux',
			version: '1',
			description:
				'Which lamps fit a vehicle, and what a kit costs. Every verdict is by the facts on record and the policy of the shop; Rotalux never says that something is allowed on the road. Amounts are in minor units of the currency of the shop.'
		},
		servers: [{ url: server }],
		paths: Object.fromEntries(ENDPOINTS.map((one) => [one.path, { get: operationOf(one) }])),
		components: { securitySchemes: { token: { type: 'http', scheme: 'bearer' } } }
	});
