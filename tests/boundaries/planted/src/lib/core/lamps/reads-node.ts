import { readFileSync } from 'node:fs';

export const planted = readFileSync;
