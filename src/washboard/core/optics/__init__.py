"""What paint does to light: the interface that previews, plans and checks use."""
