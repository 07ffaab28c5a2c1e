import "../../styles/app.css";
import { begin } from "../../api/begin";
import type { Schemas } from "../../api/teacher";
import { show } from "../../ui/mount";
import Handout from "./Handout.svelte";

await show(Handout, () => ({ begun: begin<Schemas["ResultsOut"]>() }));
