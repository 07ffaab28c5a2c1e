import "../../styles/app.css";
import { begin } from "../../api/begin";
import type { Schemas } from "../../api/teacher";
import { show } from "../../ui/mount";
import Classes from "./Classes.svelte";

await show(Classes, () => ({ begun: begin<{ classes: Schemas["ClassRow"][]; email: string }>() }));
