"""The painting beside its plan: straightened, its light evened out, read and judged mass by mass."""
