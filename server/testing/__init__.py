"""What the server's tests share. Ships nothing."""
