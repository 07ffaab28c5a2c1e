"""How the labelled pages were made. Only those who add pages need the programs that made them."""
