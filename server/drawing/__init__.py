"""Work on paper and pictures, done in processes of their own with limits on time and memory."""
