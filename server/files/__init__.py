"""Files that are written whole or not at all."""
