// Makes a picture small enough to send over a weak network, on the device: its longer side at most as long as the
// workshop keeps it. What the browser cannot read as a picture is sent as it is; the workshop has the last word.

const LONGEST = 2000; // pixels
const SMALL = 900_000; // bytes; less is sent as it is
const QUALITY = 0.86;

export async function shrink(file: File): Promise<Blob> {
  if (file.size <= SMALL || !file.type.startsWith("image/")) return file;
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => null);
  if (!picture) return file;
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const made = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", QUALITY));
  return made && made.size < file.size ? made : file;
}
