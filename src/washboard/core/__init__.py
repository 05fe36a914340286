"""The pure core: numbers and arrays in, typed values out; no files, clock, network or database."""
