// The page of a web shop: a vehicle by questions, its places, the lamps for one of them, and what a kit costs.

/** Verdicts of the shop in the words of this page. What is not known is never sold as fitting. */
const VERDICTS = {
	fits: 'Fits',
	parts: 'Fits with parts',
	unknown: 'To be checked at the counter',
	refused: 'Does not fit'
};

/** What a kit may be worked out for. */
const BALANCES = { price: 'Lowest price', light: 'Most light', ease: 'Easiest to fit' };

/** Sides of a vehicle, in words. */
const SIDES = { left: ', left', right: ', right' };

const found = document.getElementById('found');
const trouble = document.getElementById('trouble');

/** An element with what is in it; texts are only ever texts. */
function element(name, properties = {}, ...inside) {
	const made = Object.assign(document.createElement(name), properties);
	made.append(...inside);
	return made;
}

/** Asks the shop; says what went wrong in its words, and gives null then. */
async function ask(path, query = []) {
	trouble.hidden = true;
	const answer = await fetch(`/ask${path}?${new URLSearchParams(query)}`).catch(() => null);
	const body = await answer?.json().catch(() => null);
	if (answer?.ok && body) return body;
	trouble.textContent = body?.error?.message ?? 'The shop cannot be reached just now.';
	trouble.hidden = false;
	return null;
}

const money = (minor, currency) => new Intl.NumberFormat('en', { style: 'currency', currency }).format(minor / 100);
const button = (text, onclick) => element('button', { type: 'button', onclick }, text);

/** Asks for the vehicle, with all that was answered so far. */
async function identify(line, answers = []) {
	const body = await ask('/vehicles', [['line', line], ...answers.map((answer) => ['answer', answer])]);
	if (!body) return;
	const parts = body.read.map((words) => element('p', { className: 'small' }, words));
	if (body.problem) parts.push(element('p', {}, body.problem));
	if (body.question) {
		parts.push(element('h2', {}, body.question.text));
		const choices = body.question.answers.map(({ id, text }) =>
			button(text, () => identify(line, [...answers, `${body.question.id}=${id}`]))
		);
		parts.push(element('div', { className: 'choices' }, ...choices));
	}
	parts.push(element('p', {}, body.left === 0 ? 'No vehicle answers to that.' : `${body.left} possible:`));
	const vehicles = body.vehicles.map((one) =>
		element(
			'li',
			{},
			button(one.name, () => vehicle(one.id))
		)
	);
	parts.push(element('ul', {}, ...vehicles));
	found.replaceChildren(...parts);
}

/** Shows the places of a vehicle, and what a kit for it costs. */
async function vehicle(id) {
	const body = await ask(`/vehicles/${encodeURIComponent(id)}`);
	if (!body) return;
	const lamps = element('div', { id: 'lamps' });
	const kit = element('div', { id: 'kit' });
	const places = element(
		'select',
		{ id: 'place', onchange: () => places.value && lampsFor(id, places.value, lamps) },
		element('option', { value: '' }, 'Choose a place'),
		...body.sockets.map((socket) =>
			element(
				'option',
				{ value: socket.id },
				`${socket.place}${SIDES[socket.side] ?? ''}${socket.category ? `, ${socket.category}` : ''}`
			)
		)
	);
	found.replaceChildren(
		element('h2', {}, body.name),
		element('label', { htmlFor: 'place' }, 'Which lamp?'),
		places,
		lamps,
		kit
	);
	await kitFor(id, kit);
}

async function lampsFor(id, socket, into) {
	const body = await ask(`/vehicles/${encodeURIComponent(id)}/sockets/${encodeURIComponent(socket)}/lamps`, [
		['most', '6'],
		['verdict', 'fits'],
		['verdict', 'parts'],
		['verdict', 'unknown']
	]);
	if (!body) return;
	const { currency } = body;
	const rows = body.candidates.map((lamp) => {
		const where =
			lamp.stock > 0
				? `${lamp.stock} on the shelf`
				: lamp.elsewhere.length > 0
					? `none here; ${lamp.elsewhere.map(({ branch, pieces }) => `${pieces} at ${branch}`).join(', ')}`
					: 'none on the shelf';
		const price = lamp.pack ? `${money(lamp.pack.price, currency)} for ${lamp.pack.count}; ` : '';
		const needs = lamp.needs.length > 0 ? ` (needs ${lamp.needs.join(', ')})` : '';
		return element(
			'li',
			{},
			element('strong', {}, `${lamp.maker} ${lamp.name}`),
			element('div', {}, `${VERDICTS[lamp.verdict]}${needs}`),
			element('div', { className: 'small' }, price + where)
		);
	});
	into.replaceChildren(
		...(body.open ? [element('p', {}, body.open)] : []),
		rows.length > 0 ? element('ol', {}, ...rows) : element('p', {}, 'Nothing here fits; ask at the counter.')
	);
}

/** What a kit costs, from the shelves of all branches: what one has not is fetched from another before it is sent. */
async function kitFor(id, into) {
	const body = await ask(`/vehicles/${encodeURIComponent(id)}/kit`, [['shelves', 'all']]);
	if (!body) return;
	const rows = body.prices.map(({ balance, total, served, open }) =>
		element(
			'li',
			{},
			`${BALANCES[balance]}: ${money(total, body.currency)}, ${served} lamps, ${open} places stay as they are`
		)
	);
	const released = body.released
		? [element('p', {}, `Checked by the shop: kit ${body.released.code}, ${money(body.released.total, body.currency)}`)]
		: [];
	into.replaceChildren(element('h3', {}, 'A kit for the whole vehicle'), ...released, element('ul', {}, ...rows));
}

document.getElementById('search').addEventListener('submit', (event) => {
	event.preventDefault();
	void identify(new FormData(event.currentTarget).get('line'));
});
