"""Places on a page, in PDF points (1/72 inch) from the top left of the page as shown."""
