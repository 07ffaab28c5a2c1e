import { show } from "../../ui/mount";
import Review from "./Review.svelte";

show(Review);
