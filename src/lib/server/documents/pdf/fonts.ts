import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const FAMILY = '@expo-google-fonts/ibm-plex-sans-condensed';

/** Font files for paper: full families, so that no sign is missing. */
export const FONTS = {
	regular: require.resolve(`${FAMILY}/400Regular/IBMPlexSansCondensed_400Regular.ttf`),
	bold: require.resolve(`${FAMILY}/600SemiBold/IBMPlexSansCondensed_600SemiBold.ttf`)
} as const;
