"""The ground: what the surface's own tone would already paint, and what it would cost."""
