"""What every entrance shares, page or JSON: how requests are read, errors are told and screens are shown."""
