"""Reading and writing open formats. Every reader treats its input as hostile."""
