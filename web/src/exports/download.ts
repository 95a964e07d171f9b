// Handing a text or bytes to the browser as a file.

/** Offers a text (UTF-8) or bytes as a download. */
export function download(
  name: string,
  type: string,
  content: string | Uint8Array<ArrayBuffer>,
): void {
  const kind = typeof content === 'string' ? `${type};charset=utf-8` : type;
  const url = URL.createObjectURL(new Blob([content], { type: kind }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
