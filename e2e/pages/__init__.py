"""Page objects: what a person can do on each screen, in the words of the job."""
