import { show } from "../../ui/mount";
import Desk from "./Desk.svelte";

show(Desk);
