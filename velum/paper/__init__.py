"""From a file to the page as a picture."""
