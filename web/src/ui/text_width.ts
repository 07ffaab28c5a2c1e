// How wide text is in the letters that students write with.

let pen: CanvasRenderingContext2D | null | undefined;
const EM = 100;

/** The width of text, in ems. */
export function widthOf(text: string): number {
  pen ??= document.createElement("canvas").getContext("2d");
  if (!pen) return text.length / 2;
  pen.font = `600 ${EM}px ${getComputedStyle(document.body).fontFamily}`;
  return pen.measureText(text).width / EM;
}
