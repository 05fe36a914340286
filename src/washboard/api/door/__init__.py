"""The door: how a paired tablet or phone on the local network reaches the studio, and nobody else."""
