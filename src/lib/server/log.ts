import { pino, stdSerializers } from 'pino';

/** What is said of an error: not what else hangs on it, such as the connection it came through. */
function errorInLog(error: Error): object {
	const { type, message, stack, code } = stdSerializers.err(error);
	return { type, message, stack, ...(code === undefined ? {} : { code: code as unknown }) };
}

/** What the server has to say, one JSON object a line on standard error. `ROTALUX_LOG` sets the level: debug, info, warn, error, silent. */
export const log = pino(
	{
		base: null,
		level: process.env.ROTALUX_LOG ?? 'warn',
		timestamp: pino.stdTimeFunctions.isoTime,
		serializers: { err: errorInLog }
	},
	pino.destination({ dest: 2, sync: true })
);

/** Where a request was going, for a line of the log; nothing of what it carried. */
export interface RequestPlace {
	request: string;
	method: string;
	path: string;
	status: number;
}

/** Notes a failure. What a person did wrong is one line without a stack; what the code did wrong comes with all there is. */
export function logFailure(place: RequestPlace, error: unknown): void {
	if (place.status < 500) log.info(place, error instanceof Error ? error.message : String(error));
	else log.error({ ...place, err: error }, 'unexpected failure');
}
