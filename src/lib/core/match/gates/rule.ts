import type { ProductCase, SocketCase } from '../cases';
import type { Finding } from '../findings/finding';

/** A rule looks at one product in one socket and says what it finds; nothing when it does not apply. */
export type Rule = (socket: SocketCase, product: ProductCase) => Finding | Finding[] | null;
