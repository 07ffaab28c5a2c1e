"""Papers and photos of them, made on the spot: for tests, and for the demo."""
