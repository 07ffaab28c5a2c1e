"""What Velum's speed is, measured on this machine: each figure stands beside a reference from the same run."""
