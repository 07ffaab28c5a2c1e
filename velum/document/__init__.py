"""The worksheet as a document: what it holds, how it is edited, what a student may see of it."""
