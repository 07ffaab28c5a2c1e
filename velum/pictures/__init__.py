"""Pictures that are laid on pages: made small enough, and harmless."""
