// Names of things within a worksheet: short, and never given twice.

const hex = (bytes: number): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(bytes)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");

export const newId = (): string => hex(5);

/** As RFC 9562 writes them; browsers only make them themselves on secure addresses. */
export const newUuid = (): string => hex(16).replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, "$1-$2-$3-$4-$5");
