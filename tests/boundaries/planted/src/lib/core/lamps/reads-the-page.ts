export const planted = () => document.title;
