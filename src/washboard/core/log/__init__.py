"""What really happened at the easel: events, what they make of the surface, accidents and their ways out."""
