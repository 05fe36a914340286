"""From a reference to masses: working copy, accents, squint, ladder, bands, masses, measures."""
