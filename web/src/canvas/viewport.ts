// A page on the screen: from its points to CSS pixels and back. The only place where one is made of the other.

import { clamp, type Point, type Size } from "./box";

export class Viewport {
  /** `element` shows the whole page, whose size is in points; `scale` is CSS pixels a point. */
  constructor(
    private readonly element: () => Element,
    readonly page: Size,
    readonly scale: number,
  ) {}

  /** Where something in the window is on the page, in points, wherever the page has been scrolled to. */
  toPage(inWindow: Point): Point {
    const { left, top } = this.element().getBoundingClientRect();
    return { x: (inWindow.x - left) / this.scale, y: (inWindow.y - top) / this.scale };
  }

  /** Where a point of the page is in the window, in CSS pixels. */
  toWindow(onPage: Point): Point {
    const { left, top } = this.element().getBoundingClientRect();
    return { x: left + onPage.x * this.scale, y: top + onPage.y * this.scale };
  }

  /** The same point, or the nearest one on the page. */
  inside({ x, y }: Point): Point {
    return { x: clamp(x, 0, this.page.width), y: clamp(y, 0, this.page.height) };
  }
}
