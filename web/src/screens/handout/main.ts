import { show } from "../../ui/mount";
import Handout from "./Handout.svelte";

show(Handout);
