"""Comparing what was written with what was meant."""
