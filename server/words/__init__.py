"""The words of the server and of the core in the reader's language; the catalogue is in `locale`."""
