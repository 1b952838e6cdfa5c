/** The CRC-32 of each byte (ISO 3309, polynomial 0xEDB88320). */
const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let sum = byte;
  for (let bit = 0; bit < 8; bit += 1) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
  return sum;
});

/**
 * The CRC-32 checksum of bytes, or of a text in UTF-8: it notices every change of up to 32 bits in a row.
 *
 * @returns eight hexadecimal digits
 * @example checksum('123456789') // 'cbf43926', the check value of the standard
 */
export function checksum(content: Uint8Array | string): string {
  let sum = 0xffffffff;
  for (const byte of typeof content === 'string' ? new TextEncoder().encode(content) : content)
    sum = TABLE[(sum ^ byte) & 0xff]! ^ (sum >>> 8);
  return ((sum ^ 0xffffffff) >>> 0).toString(16).padStart(8, '0');
}
