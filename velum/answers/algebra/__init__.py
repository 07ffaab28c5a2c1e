"""Expressions, equations and inequalities as students write them: read, compared by value, compared by form."""
