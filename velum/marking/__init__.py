"""From what a student answered to marks."""
