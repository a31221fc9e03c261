import type { Endpoint } from '../api';
import { branches } from './branches';
import { code } from './code';
import { demand } from './demand';
import { identify } from './identify';
import { kit } from './kit';
import { match } from './match';
import { sockets } from './sockets';
import { stock } from './stock';

/** What programs may ask. A new endpoint is a file here and an entry in this list. */
export const ENDPOINTS: readonly Endpoint[] = [identify, sockets, match, kit, code, stock, branches, demand];
