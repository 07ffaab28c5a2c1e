"""Rosters: the students of a class, as other programs and people write them down."""
