import { mount, type Component } from "svelte";
import "../styles/app.css";
import { begin } from "../api/begin";

/** Show a screen, with the data that its view gave it. */
export function show<T>(Screen: Component<{ begun: T }>): void {
  const target = document.getElementById("screen");
  if (target) mount(Screen, { target, props: { begun: begin<T>() } });
}
