/**
 * Marks a branch the types rule out.
 * @throws Error if it is reached all the same, which is a fault of the code.
 */
export function assertNever(value: never): never {
	throw new Error(`Unexpected case: ${JSON.stringify(value)}`);
}
