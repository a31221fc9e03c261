export const secret = 1;
