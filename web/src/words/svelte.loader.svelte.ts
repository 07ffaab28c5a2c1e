export { getRuntime, getRuntimeRx } from "./words";
