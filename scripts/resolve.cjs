// How names are resolved, for the tool that checks the dependency rule.
const path = require('node:path');

module.exports = {
	resolve: {
		alias: { $lib: path.resolve(__dirname, '../src/lib') },
		extensions: ['.ts', '.svelte', '.mjs', '.js', '.json'],
		exportsFields: ['exports'],
		conditionNames: ['import', 'svelte', 'types', 'default']
	}
};
