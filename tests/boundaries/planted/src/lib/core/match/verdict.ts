import { loop } from './loop';

export const verdictOf = () => loop;
