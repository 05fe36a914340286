"""Media and surfaces as data."""
