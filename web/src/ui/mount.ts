import { mount, type Component } from "svelte";
import { haveWords } from "../words/words";
import NotLoaded from "./NotLoaded.svelte";

/** Show a screen with what has to be there before. When a part of it cannot be loaded, that is said. */
export async function show<Props extends Record<string, unknown>>(
  Screen: Component<Props>,
  prepare: () => Props | Promise<Props>,
): Promise<void> {
  const target = document.getElementById("screen");
  if (!target) return;
  if (!haveWords) return; // the page says by itself that it is still loading
  try {
    const props = await prepare();
    target.replaceChildren();
    mount(Screen, { target, props });
  } catch (problem) {
    console.error(problem);
    target.replaceChildren();
    mount(NotLoaded, { target, props: { again: () => location.reload() } });
  }
}
