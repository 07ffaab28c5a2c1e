declare module "*.compiled.js" {
  export const c: import("wuchale/runtime").CatalogModule["c"];
  export const p: (count: number) => number;
}
