/** What a vehicle identification number was found to say. */
export interface VinView {
	vin: string;
	service: string;
	/** True when the decoder is a stand-in and its answers are made up. */
	simulated: boolean;
	checkDigit: 'right' | 'wrong';
	year: number | null;
	/** What it says of the vehicle, in words; null when the service does not know the number. */
	says: string | null;
	trouble: string | null;
}
