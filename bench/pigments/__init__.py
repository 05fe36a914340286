"""What paints are known to look like, and the fit of the pigments' curves to it."""
