"""What is done with a data folder as a whole, without opening it."""

from ..store.backup import back_up, restore
from ..store.doctor import looked_over

__all__ = ["back_up", "looked_over", "restore"]
