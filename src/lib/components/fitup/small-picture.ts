/** Longest side of a picture that is kept, px, and how well it is kept. */
const LONGEST = 1280;
const QUALITY = 0.72;

/** A photograph made small enough to be sent from the bay, as a data address; what a camera writes beside the picture is left out. */
export async function smallPicture(file: Blob): Promise<string> {
	const image = await createImageBitmap(file);
	const scale = Math.min(1, LONGEST / Math.max(image.width, image.height));
	const canvas = document.createElement('canvas');
	canvas.width = Math.round(image.width * scale);
	canvas.height = Math.round(image.height * scale);
	canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
	image.close();
	return canvas.toDataURL('image/jpeg', QUALITY);
}
