// The button that prints a page which the server wrote.

document.querySelector("[data-prints]")?.addEventListener("click", () => window.print());
