import "../../styles/app.css";
import { begin } from "../../api/begin";
import { show } from "../../ui/mount";
import type { Begun } from "./begun";
import Classes from "./Classes.svelte";

await show(Classes, () => ({ begun: begin<Begun>() }));
