"""Made-up demo pieces, and the script that renders their references."""
