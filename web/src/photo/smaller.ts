const LONGEST_PX = 1600;

/** @returns the picture as a data address: upright, and small enough to wait in the phone's own storage */
export async function smaller(file: Blob): Promise<string> {
  const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const k = Math.min(1, LONGEST_PX / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * k);
  canvas.height = Math.round(image.height * k);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', 0.8);
}
