import "../../styles/app.css";
import { begin } from "../../api/begin";
import { show } from "../../ui/mount";
import type { Begun } from "./begun";
import Desk from "./Desk.svelte";

await show(Desk, () => ({ begun: begin<Begun>() }));
