import { secret } from '../server/secret';

export const planted = secret;
