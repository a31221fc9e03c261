import type { Page } from '@playwright/test';
import { expect, test } from './app';
import ExcelJS from 'exceljs';
import { readFileSync } from 'node:fs';

const CAR = 'fenholm-skerry-ii-2022';

async function choose(
	page: Page,
	{ name, content }: { name: string; content: string | Buffer },
	supplier = ''
): Promise<void> {
	await page.goto('/vehicles/import');
	await page.getByLabel(/File/).setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) });
	if (supplier) await page.getByLabel(/remember its headings/).fill(supplier);
	await page.getByRole('button', { name: 'Import' }).click();
}

async function saved(page: Page, name: string): Promise<Buffer> {
	const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name }).click()]);
	return readFileSync(await download.path());
}

test('a record goes out as a workbook and comes in as the same record', async ({ page, request }) => {
	const address = `/vehicles/${CAR}/export.json`;
	const before = await (await request.get(address)).json();
	await page.goto(`/vehicles/${CAR}/sheet`);
	const book = await saved(page, 'XLSX, all sheets');
	await choose(page, { name: 'same.xlsx', content: book });
	await expect(page.getByText('rows: 0 new and 0 changed vehicles, 0 sockets added, 0 changed')).toBeVisible();
	await expect(page.getByText('Nothing in it is new')).toBeVisible();

	await page.goto(`/vehicles/${CAR}/walk/dome`, { waitUntil: 'networkidle' });
	await page.getByRole('button', { name: /^Lens/ }).click();
	await page.getByRole('region', { name: 'Socket' }).getByLabel('Lens', { exact: true }).fill('smoked');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/lens smoked/)).toBeVisible();
	expect(await (await request.get(address)).json()).not.toEqual(before);
	await choose(page, { name: 'same.xlsx', content: book });
	await expect(page.getByText('rows: 0 new and 1 changed vehicles, 0 sockets added, 1 changed')).toBeVisible();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByRole('status')).toContainText('in 1 vehicle.');
	expect(await (await request.get(address)).json()).toEqual(before);
});

test('pasted rows with foreign headings are mapped, remembered, shown with their faults, and taken in whole', async ({
	page
}) => {
	await page.goto(`/vehicles/${CAR}/sheet`);
	const rows = [
		'Where\tside\tDoes\tGlobe\tlens',
		'roof\tleft\tside-marker\tW5W\tamber',
		'roof\tright\tside-marker\tW5W\tamber',
		'roof\tcentre\tside-marker\tH99\tamber',
		'front\tleft\tlow-beam\tH9\tclear'
	];
	await page.getByLabel('Paste rows from a spreadsheet').fill(rows.join('\n'));
	await page.getByLabel(/remember its headings/).fill('Kai Parts');
	await page.getByLabel('Its values count as').selectOption('listing');
	await page.getByRole('button', { name: 'Look at it first' }).click();
	for (const [heading, column] of [
		['Where', 'zone'],
		['Does', 'functions'],
		['Globe', 'category']
	] as const)
		await page.getByLabel(`${heading} is taken as`).selectOption(column);
	await page.getByRole('button', { name: 'Look again' }).click();
	const problems = page.getByRole('region', { name: 'Problems' });
	await expect(problems.getByRole('row', { name: /4 category "H99" is not a known lamp category/ })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled();
	await page.getByLabel(/Leave 1 row out/).check();
	await page.getByRole('button', { name: 'Look again' }).click();
	await expect(page.getByText(/2 sockets added, 1 changed/)).toBeVisible();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByRole('status')).toContainText('1 row left out');
	await page.goto(`/vehicles/${CAR}/walk?view=list`);
	await expect(page.getByRole('link', { name: 'Roof side marker, left' })).toBeVisible();
	await page.getByRole('button', { name: /^Undo: Taken in from a file/ }).click();
	await expect(page.getByRole('link', { name: 'Roof side marker, left' })).toHaveCount(0);

	await page.goto(`/vehicles/${CAR}/sheet`);
	await page.getByLabel('Paste rows from a spreadsheet').fill('Where\tside\tDoes\tGlobe\nrear\tleft\tcargo\tW5W');
	await page.getByLabel(/remember its headings/).fill('Kai Parts');
	await page.getByRole('button', { name: 'Look at it first' }).click();
	await expect(page.getByLabel('Globe is taken as')).toHaveValue('category');
});

test('merged cells, formulas and other encodings are said, not guessed at', async ({ page }) => {
	const book = new ExcelJS.Workbook();
	const sheet = book.addWorksheet('sockets');
	sheet.addRow(['configuration', 'id', 'lens', 'frontLength']);
	sheet.addRow([CAR, 'low-L', 'clear', { formula: '23*2', result: 46 }]);
	sheet.addRow([CAR, 'low-R', 'clear', 46]);
	sheet.addRow([CAR, 'fog-L', 'clear', 46]);
	sheet.mergeCells('C3:C4');
	await choose(page, { name: 'odd.xlsx', content: Buffer.from(await book.xlsx.writeBuffer()) });
	const problems = page.getByRole('region', { name: 'Problems' });
	await expect(problems).toContainText('holds a formula (=23*2); put its value in its place');
	await expect(problems).toContainText('is merged with C3; unmerge the cells and fill each one');
	const latin = Buffer.from(`configuration,id,names\n${CAR},low-L,Fernlicht f\u00fcr Strecke\n`, 'latin1');
	await choose(page, { name: 'latin.csv', content: latin });
	await expect(page.getByText('it was read as Windows-1252')).toBeVisible();
	await expect(page.getByText('Fernlicht für Strecke').first()).toBeVisible();
	await choose(page, { name: 'old.xls', content: Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 1, 2, 3]) });
	await expect(page.getByRole('alert')).toContainText('a workbook of the old kind (.xls)');
});

test('50,000 rows are read beside the counter, with progress, and stopped with nothing written', async ({
	page,
	browser
}) => {
	const rows = Array.from(
		{ length: 50_000 },
		(_, i) => `bulk-${Math.floor(i / 40)},s${i % 40},rear,left,${1 + (i % 40)},stop,P21W,red`
	);
	const vehicles = Array.from({ length: 1250 }, (_, i) => `bulk-${i},Bulk,M${i},car,UN`);
	const book = new ExcelJS.Workbook();
	const add = (name: string, heading: string, lines: string[]) => {
		const sheet = book.addWorksheet(name);
		sheet.addRow(heading.split(','));
		for (const line of lines) sheet.addRow(line.split(','));
	};
	add('vehicles', 'id,make,model,kind,market', vehicles);
	add('sockets', 'configuration,id,zone,side,index,functions,category,lens', rows);
	await choose(page, { name: 'bulk.xlsx', content: Buffer.from(await book.xlsx.writeBuffer()) });
	await expect(page.getByRole('progressbar')).toBeVisible();
	const counter = await (await browser.newContext()).newPage();
	await counter.goto('/?q=skerry+2018+stop');
	await expect(counter.getByText(/Rear stop \/ tail, both/).first()).toBeVisible();
	await counter.context().close();
	await page.getByRole('button', { name: 'Stop, and write nothing' }).click();
	await expect(page.getByText('Stopped. Nothing was written.')).toBeVisible({ timeout: 40_000 });
	await page.goto('/vehicles/identify?q=bulk');
	await expect(page.getByText('No vehicle on record answers to this.')).toBeVisible();
});
