/** A file as text, so that it can wait in the phone's own storage. */
export const dataAddress = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error(reader.error?.message));
    reader.readAsDataURL(file);
  });
