import "../../styles/app.css";
import { begin } from "../../api/begin";
import type { Schemas } from "../../api/teacher";
import { show } from "../../ui/mount";
import Class from "./Class.svelte";

await show(Class, () => ({ begun: begin<Schemas["ClassOut"]>() }));
