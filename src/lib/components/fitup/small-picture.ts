/** Longest side of a picture that is kept, px, and how well it is kept. */
const LONGEST = 1280;
const QUALITY = 0.72;
const LONGEST_BEAM = 1600;
const QUALITY_BEAM = 0.9;

async function smallCanvas(file: Blob, longest: number): Promise<HTMLCanvasElement> {
	const image = await createImageBitmap(file);
	const scale = Math.min(1, longest / Math.max(image.width, image.height));
	const canvas = document.createElement('canvas');
	canvas.width = Math.round(image.width * scale);
	canvas.height = Math.round(image.height * scale);
	canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
	image.close();
	return canvas;
}

/** A photograph made small enough to be sent from the bay, as a data address; what a camera writes beside the picture is left out. */
export const smallPicture = async (file: Blob): Promise<string> =>
	(await smallCanvas(file, LONGEST)).toDataURL('image/jpeg', QUALITY);

/** The same as a file, a little larger and better: a beam is looked at again. */
export async function smallBeam(file: Blob): Promise<Blob> {
	const canvas = await smallCanvas(file, LONGEST_BEAM);
	return new Promise((resolve, reject) =>
		canvas.toBlob(
			(blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be made smaller.'))),
			'image/jpeg',
			QUALITY_BEAM
		)
	);
}
