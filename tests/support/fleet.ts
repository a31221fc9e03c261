export { generateFleet } from '../../bench/fleet/vehicles';
export { generateOffer, PARTS } from '../../bench/fleet/products';
